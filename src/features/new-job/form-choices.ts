import { levelStandards, levels } from '@/core/film';
import type { Job } from '@/core/record';
import { addDays, type LocalDate } from '@/core/units';
import { bodyKinds, type Dimension } from '@/core/vehicle';

/** A job whose pattern may be taken. */
export type Pattern = Pick<Job, 'number' | 'name' | 'bodyKind' | 'dimensions' | 'level'>;

export interface FormChoices {
  kinds: { key: string; name: string; dimensions: Dimension[] }[];
  levels: { key: string; meaning: string }[];
  /** Jobs that a new one may be made after. */
  patterns: Pattern[];
  nextNumber: string;
  today: LocalDate;
  promised: LocalDate;
  currency: string;
}

/** The number after the highest one, in the manner of the last: P-016 gives P-017. */
export function nextNumber(numbers: readonly string[]): string {
  const parts = numbers.flatMap((number) => {
    const match = /^([A-Z][A-Z0-9]*)-(\d+)$/.exec(number);
    return match ? [{ letters: match[1]!, digits: match[2]! }] : [];
  });
  const highest = parts.reduce<(typeof parts)[number] | null>(
    (best, one) => (!best || Number(one.digits) > Number(best.digits) ? one : best),
    null,
  );
  if (!highest) return 'P-001';
  return `${highest.letters}-${String(Number(highest.digits) + 1).padStart(highest.digits.length, '0')}`;
}

export function formChoices(patterns: readonly Pattern[], today: LocalDate, currency: string): FormChoices {
  return {
    kinds: bodyKinds.map(({ key, name, dimensions }) => ({ key, name, dimensions })),
    levels: levels.map((key) => ({ key, meaning: levelStandards[key].meaning })),
    patterns: [...patterns],
    nextNumber: nextNumber(patterns.map((one) => one.number)),
    today,
    promised: addDays(today, 56),
    currency,
  };
}
