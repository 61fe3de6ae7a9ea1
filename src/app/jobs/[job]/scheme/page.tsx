import { localDateOf } from '@/core/units';
import { figuresFrom } from '@/core/figures';
import { tapeRating } from '@/core/plan/tape-rating';
import { looksOf } from '@/core/plan';
import { maskHours } from '@/core/readings/mask-hours';
import { layoutProps } from '@/features/scheme/layout-props';
import { masksProps } from '@/features/scheme/masks-props';
import {
  alternativesProps,
  areasOf,
  boardPictures,
  coloursShown,
  passRows,
  groundChoices,
  samplesOf,
  systemChoices,
} from '@/features/scheme/scheme-props';
import { SchemeRoom } from '@/features/scheme/scheme-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function SchemePage({ params }: JobParams) {
  const { stored, plan, shop, inputHash } = await plannedJob((await params).job);
  const { job, versions } = stored;
  const sections = job.sections.map((section) => ({
    ...section,
    seen: versions[`${job.number}/${section.key}`]!,
    ...areasOf(plan, section.key),
  }));
  const passes = {
    seen: versions[job.number]!,
    rows: passRows(job, plan, [...shop.shelf.values()]),
    cost: plan.programme.cost,
    covers: job.colourCovers,
    byHand: job.colourOrder.length > 0 || job.colourCovers.length > 0,
    locale: { timeZone: shop.shop.timeZone, currency: shop.shop.currency },
  };
  return (
    <SchemeRoom
      job={job.number}
      colours={{
        job: job.number,
        planHash: inputHash,
        sections,
        colours: coloursShown(job, plan, versions),
        systems: systemChoices(job, shop.shop),
        grounds: groundChoices(job, shop.shelf.values()),
        samples: samplesOf(job, versions),
        today: localDateOf(plan.computedAt, shop.shop.timeZone),
        looseItems: job.looseItems.map((one) => ({ ...one, seen: versions[`${job.number}/${one.id}`]! })),
      }}
      alternatives={alternativesProps(job, versions, {
        planHash: inputHash,
        locale: passes.locale,
        now: plan.computedAt,
      })}
      layout={layoutProps(job, versions)}
      pictures={boardPictures(job, plan, inputHash)}
      passes={passes}
      elevations={{
        job: job.number,
        planHash: inputHash,
        areas: plan.sections.map((one) => one.section),
        ...looksOf(plan),
        locale: passes.locale,
      }}
      masks={masksProps(plan, shop.shelf, {
        locale: passes.locale,
        taken: maskHours(job, plan.steps, shop.shop, shop.operations),
        rated: tapeRating(plan, shop.shop, figuresFrom(shop.shop.figures, job.figures)),
      })}
    />
  );
}
