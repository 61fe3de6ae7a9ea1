import { dryMass } from '@/core/readings/dry-mass';
import { figuresFrom } from '@/core/figures';
import { bodyKindOf } from '@/core/vehicle';
import { localDateOf } from '@/core/units';
import { HandoverRoom } from '@/features/handover/handover-room';
import { quotesProps } from '@/features/handover/quotes-props';
import { currentMinute } from '@/server/services/clock';
import { offersOf } from '@/server/services/offers';
import { ownerLinksOf, ownerWordsOf } from '@/server/services/owner-page';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function HandoverPage({ params }: JobParams) {
  const { stored, plan, shop, inputHash } = await plannedJob((await params).job);
  const { job, versions } = stored;
  const isWeighed = bodyKindOf(job.bodyKind)?.route === 'aircraft';
  const mass = isWeighed ? dryMass(plan, job, shop.shelf, figuresFrom(shop.shop.figures, job.figures)) : null;
  const [offers, links, words] = await Promise.all([
    offersOf(job.number),
    ownerLinksOf(job.number),
    ownerWordsOf(job.number),
  ]);
  const { timeZone, currency } = shop.shop;
  const [today, locale] = [localDateOf(currentMinute(), timeZone), { timeZone, currency }];
  return (
    <HandoverRoom
      colours={job.colours}
      summaries={plan.sections}
      finished={job.state === 'finished'}
      quotes={quotesProps(offers, { job, plan, inputHash, today, locale })}
      owner={{ job: job.number, today, locale, links, words }}
      mass={
        mass && {
          job: job.number,
          mass,
          seen: Object.fromEntries(
            job.surveyed.flatMap(({ key }) => {
              const version = versions[`${job.number}/survey/${key}`];
              return version === undefined ? [] : [[key, version]];
            }),
          ),
          productNames: mass.unknownProducts.map((code) => shop.shelf.get(code)?.name ?? code),
        }
      }
    />
  );
}
