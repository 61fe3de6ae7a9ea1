import type { Plan } from '@/core/plan';
import { colourOfKey, swatchOf, unchosenColour, type Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import type { Phase } from '@/core/steps';
import { daysBetween, minuteAt, type Minute } from '@/core/units';
import { bodyKindOf } from '@/core/vehicle';
import type { Locale } from '../words/format';
import { namedAreas, namesOf } from '../words/names';
import { warningsShown, type WarningShown } from '../warnings/warnings-shown';

/** What the frame shows of a job: everything a strip, a rail and a scrubber need, and no more. */
export interface JobView {
  number: string;
  name: string;
  kindName: string;
  level: string;
  swatch: string[];
  promised: string;
  finishDate: string | null;
  lateDays: number;
  budgets: Plan['budgets'];
  warnings: WarningShown[];
  inputHash: string;
  seen: number;
  now: Minute;
  days: { first: Minute; last: Minute; promisedEnd: Minute };
  phases: { phase: Phase; from: Minute; to: Minute }[];
  sessions: { start: Minute; end: Minute }[];
  agreed: AgreedDifference | null;
  locale: Locale;
  stationStates: Record<string, 'empty' | 'drafted' | 'ready' | 'attention'>;
}

/** Working plan less agreed plan. */
export interface AgreedDifference {
  same: boolean;
  days: number;
  labourMin: number;
  materialsMinor: number;
  boothMin: number;
}

interface Given {
  job: Job;
  plan: Plan;
  agreed: Plan | null;
  inputHash: string;
  seen: number;
  shop: Shop;
  productName: (code: string) => string;
  now: Minute;
}

export function jobView({ job, plan, agreed, inputHash, seen, shop, productName, now }: Given): JobView {
  const names = namesOf(plan, namedAreas(job.sections, plan), productName);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  const warnings = warningsShown(plan, { job, shop, names });
  const starts = plan.steps.map((step) => step.start);
  const first = Math.min(minuteAt(job.arrival, 0, shop.timeZone), ...starts);
  const promisedEnd = minuteAt(job.promised, 1440, shop.timeZone);
  const last = Math.max(promisedEnd, plan.finish ?? 0);
  return {
    number: job.number,
    name: job.name,
    kindName: bodyKindOf(job.bodyKind)?.name ?? job.bodyKind,
    level: job.level,
    swatch: swatchOf(job),
    promised: job.promised,
    finishDate: plan.finishDate,
    lateDays: plan.lateDays,
    budgets: plan.budgets,
    warnings,
    inputHash,
    seen,
    now,
    days: { first, last, promisedEnd },
    phases: phaseSpans(plan, job.sections),
    sessions: plan.stays.filter((stay) => stay.kind === 'session').map(({ start, end }) => ({ start, end })),
    agreed: agreed && difference(plan, agreed),
    locale,
    stationStates: stationStates(job, plan, warnings),
  };
}

function difference(plan: Plan, agreed: Plan): AgreedDifference {
  const days = plan.finishDate && agreed.finishDate ? daysBetween(agreed.finishDate, plan.finishDate) : 0;
  const [a, b] = [agreed.budgets, plan.budgets];
  const labourMin = b.labourMin.planned - a.labourMin.planned;
  const materialsMinor = b.materialsMinor.planned - a.materialsMinor.planned;
  const boothMin = b.boothMin.planned - a.boothMin.planned;
  const starts = new Map(agreed.steps.map((step) => [step.key, step.start]));
  const moved = plan.steps.some((step) => step.state === 'planned' && starts.get(step.key) !== step.start);
  return {
    same: !moved && days === 0 && labourMin === 0 && materialsMinor === 0,
    days,
    labourMin,
    materialsMinor,
    boothMin,
  };
}

/** What is done to the main body, the group of the largest section, stretch by stretch in order of time. */
function phaseSpans(plan: Plan, sections: Job['sections']): JobView['phases'] {
  const largest = [...plan.sections].sort((a, b) => b.outsideM2 - a.outsideM2)[0]?.section;
  const group = sections.find((section) => section.key === largest)?.group;
  const body = new Set(sections.filter((section) => section.group === group).map((section) => section.key));
  const steps = plan.steps.filter(
    (step) => step.minutes > 0 && step.phase !== 'return' && step.sections.some((key) => body.has(key)),
  );
  const spans: JobView['phases'] = [];
  for (const { phase, start, end } of steps.sort((a, b) => a.start - b.start)) {
    const last = spans.at(-1);
    if (last?.phase === phase) last.to = Math.max(last.to, end);
    else {
      if (last) last.to = Math.min(last.to, start);
      spans.push({ phase, from: start, to: end });
    }
  }
  return spans;
}

function stationStates(job: Job, plan: Plan, warnings: readonly WarningShown[]): JobView['stationStates'] {
  const stopped = new Set(warnings.flatMap((one) => (one.grade === 'stop' ? [one.station] : [])));
  const state = <S extends string>(station: WarningShown['station'], otherwise: S): S | 'attention' =>
    stopped.has(station) ? 'attention' : otherwise;
  const chosen = job.sections.every(
    (section) => colourOfKey(job, section.colour).name !== unchosenColour.name,
  );
  return {
    walkaround: state('walkaround', plan.parts.length > 0 ? 'ready' : 'empty'),
    scheme: state('scheme', chosen ? 'ready' : 'drafted'),
    film: state('film', 'ready'),
    steps: state('steps', plan.steps.length > 0 ? 'ready' : 'empty'),
    bays: state('bays', 'ready'),
    stores: state('stores', plan.shopping.length > 0 ? 'drafted' : 'ready'),
    booth: state('booth', plan.stays.some((stay) => stay.kind === 'session') ? 'drafted' : 'empty'),
    log: state('log', job.facts.length + job.log.length > 0 ? 'drafted' : 'empty'),
    handover: job.state === 'finished' ? 'ready' : 'empty',
  };
}
