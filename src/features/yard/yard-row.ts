import type { Plan } from '@/core/plan';
import { swatchOf, type Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import type { Minute } from '@/core/units';
import { bodyKindOf } from '@/core/vehicle';
import type { Locale } from '../words/format';
import { namedAreas, namesOf } from '../words/names';
import { thumbnailOf, type Thumbnail } from '../frame/thumbnail';
import { warningsShown, type WarningShown } from '../warnings/warnings-shown';

export interface YardRow {
  number: string;
  name: string;
  kindName: string;
  length: number;
  level: string;
  state: Job['state'];
  swatch: string[];
  thumbnail: Thumbnail | null;
  doneShare: string;
  next: { name: string; start: number; running: boolean } | null;
  budgets: Plan['budgets'];
  promised: string;
  finishDate: string | null;
  lateDays: number;
  risk: WarningShown | null;
  moreRisks: number;
  locale: Locale;
}

/** One line of the yard. A finished job is at no risk any more. */
export function yardRow(
  job: Job,
  plan: Plan,
  shop: Shop,
  productName: (code: string) => string,
  now: Minute,
): YardRow {
  const names = namesOf(plan, namedAreas(job.sections, plan), productName);
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  const warnings = job.state === 'finished' ? [] : warningsShown(plan, { job, shop, names });
  const attended = plan.steps.filter((step) => step.minutes > 0);
  const done = attended.filter((step) => step.state === 'done').length;
  const next = attended.filter((step) => step.state !== 'done').sort((a, b) => a.start - b.start)[0];
  return {
    number: job.number,
    name: job.name,
    kindName: bodyKindOf(job.bodyKind)?.name ?? job.bodyKind,
    length: job.dimensions.length ?? 0,
    level: job.level,
    state: job.state,
    swatch: swatchOf(job),
    thumbnail: thumbnailOf(job, plan, now),
    doneShare: `${done} of ${attended.length} steps`,
    next: next
      ? { name: `${next.name}, ${next.subject}`, start: next.start, running: next.state === 'running' }
      : null,
    budgets: plan.budgets,
    promised: job.promised,
    finishDate: plan.finishDate,
    lateDays: job.state === 'finished' ? 0 : plan.lateDays,
    risk: warnings[0] ?? null,
    moreRisks: Math.max(0, warnings.length - 1),
    locale,
  };
}
