import { photoPrompts, surfaceRevisions, workedSince } from '@/core/handover';
import { localDateOf } from '@/core/units';
import { mayRead } from '@/core/rights';
import { allowed } from '@/app/page-caller';
import { netOfJob } from '@/core/survey';
import { recordOf } from '@/app/document-of';
import type { DryMassProps } from '@/features/handover/dry-mass-table';
import { HandoverRoom } from '@/features/handover/handover-room';
import { quotesProps } from '@/features/handover/quotes-props';
import { recordProps } from '@/features/handover/record-props';
import { currentMinute } from '@/server/services/clock';
import { signaturesOf } from '@/server/services/handover';
import { offersOf } from '@/server/services/offers';
import { ownerLinksOf, ownerWordsOf } from '@/server/services/owner-page';
import { photosOf } from '@/server/services/photos';
import { currentPlan, type PlannedJob } from '@/server/services/plans';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function HandoverPage({ params }: JobParams) {
  const planned = await plannedJob((await params).job);
  const readsMoney = mayRead((await allowed('plans')).rights, 'money');
  const { stored, plan, shop, inputHash } = planned;
  const { job, versions } = stored;
  const { number } = job;
  const [offers, links, words, record, photos, signatures] = await Promise.all([
    offersOf(number),
    ownerLinksOf(number),
    ownerWordsOf(number),
    recordOf(planned),
    photosOf(number),
    signaturesOf(number),
  ]);
  const { timeZone, currency } = shop.shop;
  const surfaces = surfaceRevisions(plan);
  const now = currentMinute();
  const likeJob = job.likeJob === '' ? null : await currentPlan(job.likeJob);
  const last = likeJob && { job: likeJob.stored.job, plan: likeJob.plan };
  const [today, locale] = [localDateOf(now, timeZone), { timeZone, currency }];
  const quotes = quotesProps(offers, { job, plan, inputHash, today, locale, last });
  const panels = netOfJob(job).map(({ key, name }) => ({ key, name }));
  return (
    <HandoverRoom
      money={
        readsMoney
          ? {
              quotes,
              owner: { job: number, today, locale, links, words, asked: asked(planned, today, locale) },
            }
          : null
      }
      photos={{ job: number, panels, prompts: photoPrompts(job, plan, photos, now) }}
      record={recordProps(job, plan.sections, record, versions, {
        today,
        locale,
        inputHash,
        signatures: signatures.map(({ bound, ...one }) => ({ ...one, opened: workedSince(bound, surfaces) })),
        mass: massProps(planned, record.mass),
      })}
      documents={{
        job: number,
        today,
        quotes: readsMoney ? quotes.quotes.map(({ offer }) => offer.number) : [],
        stages: readsMoney ? (quotes.accepted?.stages.map((one) => one.state) ?? []) : [],
      }}
    />
  );
}

/** What the owner is asked, and damage of which nobody has asked him yet. */
function asked({ stored, shop }: PlannedJob, today: string, locale: { timeZone: string; currency: string }) {
  const { job, versions } = stored;
  const known = new Set(job.decisions.map((one) => one.find));
  return {
    job: job.number,
    today,
    locale,
    decisions: job.decisions.map((one) => ({ ...one, seen: versions[`${job.number}/${one.id}`]! })),
    finds: job.finds
      .filter((one) => !known.has(one.id))
      .map(({ id, what, part, hours }) => ({ id, what: what || 'damage', part, hours })),
    sections: job.sections.map(({ key, name }) => ({ key, name })),
    labourRateMinorPerHour: shop.shop.labourRateMinorPerHour,
  };
}

/** Film by weight, with the versions that guard what is typed. */
function massProps({ stored: { job, versions }, shop }: PlannedJob, mass: DryMassProps['mass'] | null) {
  return (
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
  );
}
