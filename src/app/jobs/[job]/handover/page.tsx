import { dryMass } from '@/core/readings/dry-mass';
import { figuresFrom } from '@/core/figures';
import { bodyKindOf } from '@/core/vehicle';
import { localDateOf } from '@/core/units';
import { HandoverRoom } from '@/features/handover/handover-room';
import { quotesProps } from '@/features/handover/quotes-props';
import { currentMinute } from '@/server/services/clock';
import { offersOf } from '@/server/services/offers';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function HandoverPage({ params }: JobParams) {
  const { stored, plan, shop, inputHash } = await plannedJob((await params).job);
  const { job, versions } = stored;
  const isWeighed = bodyKindOf(job.bodyKind)?.route === 'aircraft';
  const mass = isWeighed ? dryMass(plan, job, shop.shelf, figuresFrom(shop.shop.figures, job.figures)) : null;
  return (
    <HandoverRoom
      colours={job.colours}
      summaries={plan.sections}
      finished={job.state === 'finished'}
      quotes={quotesProps(await offersOf(job.number), {
        job,
        plan,
        inputHash,
        today: localDateOf(currentMinute(), shop.shop.timeZone),
        locale: { timeZone: shop.shop.timeZone, currency: shop.shop.currency },
      })}
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
