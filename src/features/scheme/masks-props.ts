import type { Shelf } from '@/core/film';
import type { TapeRating } from '@/core/plan/tape-rating';
import type { Plan } from '@/core/plan';
import type { MaskHours } from '@/core/readings/mask-hours';
import { maskSheets, pullOrder, rollsOf, type RemaskWhy } from '@/core/readings/mask-sheets';
import type { Locale } from '../words/format';

export interface MaskRow {
  step: string;
  tab: string;
  name: string;
  subject: string;
  start: number;
  /** Names of the areas beneath it, with when they come free. */
  over: { names: string; pulledAt: number | null }[];
  uses: { product: string; name: string; amount: number; unit: string }[];
  pullBy: number;
  remask: RemaskWhy[];
  ahead: boolean;
}

export interface MasksProps {
  job: string;
  rows: MaskRow[];
  pulls: { step: string; name: string; at: number; tabs: string[] }[];
  rolls: { product: string; name: string; amount: number; unit: string; rollSize: number; rolls: number }[];
  /** Masking that is done: the log beside the rates. */
  taken: MaskHours[];
  locale: Locale;
}

/** What is masked, with which tape, and in which order it comes off, as the Scheme room shows it. */
export function masksProps(
  plan: Plan,
  shelf: Shelf,
  { locale, taken, rated }: { locale: Locale; taken: MaskHours[]; rated: TapeRating },
): MasksProps {
  const areas = new Map(plan.sections.map((one) => [one.section, one.name]));
  const stepNames = new Map(plan.steps.map((step) => [step.key, `${step.name}, ${step.subject}`]));
  const nameOf = (product: string) => shelf.get(product)?.name ?? product;
  const sheets = maskSheets(plan, shelf, rated);
  return {
    job: plan.job,
    rows: sheets.map(({ over, uses, ...sheet }) => ({
      step: sheet.step,
      tab: sheet.tab,
      name: sheet.name,
      subject: sheet.subject,
      start: sheet.start,
      pullBy: sheet.pullBy,
      remask: sheet.remask,
      ahead: sheet.ahead,
      over: over
        .filter(({ sections }) => sections.length > 0)
        .map(({ sections, pulledAt }) => ({
          names: sections.map((key) => areas.get(key) ?? key).join('; '),
          pulledAt,
        })),
      uses: uses.map(({ product, amount }) => ({
        product,
        name: nameOf(product),
        amount,
        unit: shelf.get(product)?.unit ?? '',
      })),
    })),
    pulls: pullOrder(sheets).map((pull) => ({ ...pull, name: stepNames.get(pull.step) ?? pull.step })),
    rolls: rollsOf(sheets, shelf).map((line) => ({ ...line, name: nameOf(line.product) })),
    taken,
    locale,
  };
}
