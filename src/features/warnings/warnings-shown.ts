import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import { recordsOf, type Measure, type WarningLaw, type WarningStation } from '@/core/warnings';
import { lawWords } from '../words/finding-words';
import { minuteOfDay } from '@/core/units';
import { day, hours, money, moment, span, type Locale } from '../words/format';
import { counted } from '../words/counted';
import type { JobNames } from '../words/names';
import type { WarningText } from '../words/warning-text';
import { warningText } from '../words/warning-words';

/** A warning as a screen shows it. */
export interface WarningShown extends WarningText {
  key: string;
  /** What it rests on. */
  law: string;
  station: WarningStation;
  /** The first step it concerns; null where there is none. */
  step: string | null;
  /** Until when it can be settled; null where there is no such day. */
  by: string | null;
  /** Figure and limit; null where nothing is measured. */
  measure: string | null;
  /** How many remedies can be planned. */
  remedies: number;
}

const otherLaws: Record<Exclude<WarningLaw, number> | 19, string> = {
  19: 'What is typed counts',
  promise: 'The promised date',
  budget: 'The budgets',
};

const lawText = (law: WarningLaw): string =>
  law === 19 || typeof law === 'string' ? otherLaws[law] : lawWords[law];

/** Figure and limit of a warning, in its unit. */
export function measureText({ figure, limit, unit }: Measure, locale: Locale): string {
  const show = (value: number): string => {
    const tenth = String(Math.round(value * 10) / 10);
    switch (unit) {
      case 'min':
        return Math.abs(value) < 2880 ? span(value) : `${hours(value)} h`;
      case 'minor':
        return money(value, locale);
      case 'days':
        return counted(Math.round(value), 'day');
      case 'coats':
        return counted(value, 'coat');
      case 'panels':
        return counted(value, 'panel');
      case 'batches':
        return counted(value, 'batch');
      case 'ΔE':
        return `ΔE ${tenth}`;
      default:
        return `${tenth} ${unit}`;
    }
  };
  if (unit === 'coats') return `${figure} of ${show(limit)}`;
  return limit === 0 && unit !== 'batches' ? show(figure) : `${show(figure)}, limit ${show(limit)}`;
}

/** A minute, or the day alone where nothing more is known. */
const byText = (by: number, locale: Locale): string =>
  minuteOfDay(by, locale.timeZone) === 0 ? day(by, locale) : moment(by, locale);

/** The warnings of a plan in words, the gravest and most pressing first. */
export function warningsShown(
  plan: Plan,
  { job, shop, names }: { job: Job; shop: Shop; names: JobNames },
): WarningShown[] {
  const locale = { timeZone: shop.timeZone, currency: shop.currency };
  return recordsOf(plan, { job, shop }).map(
    ({ key, warning, law, station, step, by, measure, remedies }) => ({
      ...warningText(warning, names, locale),
      key,
      law: lawText(law),
      station,
      step,
      by: by === null ? null : byText(by, locale),
      measure: measure && measureText(measure, locale),
      remedies: remedies.length,
    }),
  );
}
