import { levelStandards, levels } from '@/core/film';
import { addDays, type LocalDate } from '@/core/units';
import { bodyKinds, type Dimension } from '@/core/vehicle';

export interface FormChoices {
  kinds: { key: string; name: string; dimensions: Dimension[] }[];
  levels: { key: string; meaning: string }[];
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

export function formChoices(numbers: readonly string[], today: LocalDate, currency: string): FormChoices {
  return {
    kinds: bodyKinds.map(({ key, name, dimensions }) => ({ key, name, dimensions })),
    levels: levels.map((key) => ({ key, meaning: levelStandards[key].meaning })),
    nextNumber: nextNumber(numbers),
    today,
    promised: addDays(today, 56),
    currency,
  };
}
