import type { Plan } from '@/core/plan';
import { figuresFrom } from '@/core/figures';
import { strainDays, strainLimits, type StrainDay, type StrainLimits } from '@/core/readings/strain';
import { collisions, type Collision } from '@/core/readings/collisions';
import { scarceSteps, type ScarceStep } from '@/core/readings/scarce';
import { freeWhileWaiting, type Waiting } from '@/core/readings/waiting';
import type { Job } from '@/core/record';
import type { Shelf } from '@/core/film';
import { openStretches, type Shop } from '@/core/shop';
import { isRisky } from '@/core/steps';
import { localDateOf } from '@/core/units';
import type { DayColumn } from './time-axis';

/** What the plan asks of people: days that strain them, and work for the hours in which something dries. */
export interface CrewShown {
  limits: StrainLimits;
  strain: (StrainDay & { name: string; reliefName: string | null })[];
  waiting: Waiting[];
  scarce: ScarceStep[];
  collisions: (Collision & { firstName: string; secondName: string })[];
}

type Planned = { job: Job; plan: Plan };

const mostWaits = 12;

export function crewShown(
  own: Planned,
  others: readonly Planned[],
  shop: Shop,
  days: readonly DayColumn[],
  shelf: Shelf,
): CrewShown {
  const plans = [own, ...others.filter((one) => one.job.state !== 'finished')].map((one) => one.plan);
  const open = openStretches(shop, localDateOf(days[0]!.from, shop.timeZone), days.length);
  const steps = new Map(own.plan.steps.map((step) => [step.key, step]));
  const stepName = (key: string) => `${steps.get(key)!.name}, ${steps.get(key)!.subject}`;
  const today = localDateOf(own.plan.computedAt, shop.timeZone);
  const limits = strainLimits(figuresFrom(shop.figures, own.job.figures));
  const names = new Map(shop.people.map((person) => [person.id, person.name]));
  return {
    limits,
    strain: strainDays(plans, shop.people, open, shop.timeZone, today, limits).map((day) => ({
      ...day,
      name: names.get(day.person) ?? day.person,
      reliefName: day.relief === null ? null : (names.get(day.relief) ?? day.relief),
    })),
    collisions: collisions(own.plan.steps, own.plan.computedAt).map((one) => ({
      ...one,
      firstName: stepName(one.first),
      secondName: stepName(one.second),
    })),
    scarce: scarceSteps(own.plan, shop.people, (step) => isRisky(step, shelf), shop),
    waiting: freeWhileWaiting(own.plan, plans, own.plan.computedAt).slice(0, mostWaits),
  };
}
