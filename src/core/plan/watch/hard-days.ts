import { strainDays, strainLimits, type StrainDay, type StrainLimits } from '../../readings/strain';
import type { Figures } from '../../figures';
import { openStretches, type Shop } from '../../shop';
import { daysBetween, localDateOf, type Minute } from '../../units';
import type { Plan } from '../model';
import type { HardDays } from './model';

const kinds = [
  {
    kind: 'hand',
    minutes: (day: StrainDay) => day.handSandingMin,
    limit: (one: StrainLimits) => one.handSandingMin,
  },
  {
    kind: 'machine',
    minutes: (day: StrainDay) => day.machineMin,
    limit: (one: StrainLimits) => one.machineMin,
  },
  {
    kind: 'overhead',
    minutes: (day: StrainDay) => day.overheadMin,
    limit: (one: StrainLimits) => one.overheadMin,
  },
] as const;

/**
 * Days of this job alone on which one person does more hand sanding, machine or overhead work than the limits; of each kind
 * the hardest day, and on how many person-days it is passed.
 */
export function hardDays(
  plan: Pick<Plan, 'steps' | 'finish'>,
  shop: Shop,
  figures: Figures,
  now: Minute,
): HardDays[] {
  const limits = strainLimits(figures);
  const today = localDateOf(now, shop.timeZone);
  const last = localDateOf(plan.finish ?? now, shop.timeZone);
  const open = openStretches(shop, today, Math.max(1, daysBetween(today, last) + 1));
  const days = strainDays([plan], shop.people, open, shop.timeZone, today, limits);
  return kinds.flatMap(({ kind, minutes, limit }): HardDays[] => {
    const over = days.filter((day) => minutes(day) > limit(limits));
    const [first] = [...over].sort((a, b) => minutes(b) - minutes(a) || a.date.localeCompare(b.date));
    if (!first) return [];
    const person = shop.people.find((one) => one.id === first.person)?.name ?? first.person;
    return [
      {
        code: 'hard-days',
        kind,
        days: over.length,
        person,
        date: first.date,
        minutes: minutes(first),
        limitMin: limit(limits),
      },
    ];
  });
}
