import { usualFigures, type Figures } from '../figures';
import type { Plan, PlannedStep } from '../plan/model';
import { timesTaken } from '../plan/taken-times';
import { minutesWithin, type Stretch } from '../schedule';
import { personStretches, type Person } from '../shop';
import { addDays, localDateOf, minuteAt, type LocalDate } from '../units';

/** Minutes a day that one person should not exceed. */
export interface StrainLimits {
  handSandingMin: number;
  machineMin: number;
  overheadMin: number;
}

/** The limits that hold for a shop or a job. */
export const strainLimits = (figures: Figures): StrainLimits => ({
  handSandingMin: figures('strain.hand'),
  machineMin: figures('strain.machine'),
  overheadMin: figures('strain.overhead'),
});
export const usualStrain: StrainLimits = strainLimits(usualFigures);

/** A person's day with more hand sanding, machine or overhead work than is good for them. */
export interface StrainDay {
  person: string;
  date: LocalDate;
  handSandingMin: number;
  machineMin: number;
  overheadMin: number;
  /** Somebody trusted with it who has the least of it that day. */
  relief: string | null;
}

type Strained = Pick<Plan, 'steps'>;

/** Work with a machine that shakes the hands. */
export const isMachine = ({ operation }: Pick<PlannedStep, 'operation'>): boolean =>
  /^(polish|disc|strip-disc)/.test(operation);
export const isHandSanding = ({ operation }: Pick<PlannedStep, 'operation'>): boolean =>
  /^(block|colour-sand|sand-|refine|scuff|file|fair)/.test(operation);

/** What one person has of it on one day, minutes. */
interface Load {
  hand: number;
  machine: number;
  over: number;
  skills: Set<string>;
}

/** Loads ahead by person and day. */
function loadsOf(
  plans: readonly Strained[],
  people: readonly Person[],
  { open, timeZone, today }: { open: readonly Stretch[]; timeZone: string; today: LocalDate },
): Map<string, Load> {
  const days = new Map<string, Load>();
  for (const step of plans.flatMap((plan) => plan.steps)) {
    const [hand, machine] = [isHandSanding(step), isMachine(step)];
    if (step.state === 'done' || step.skipped || (!hand && !machine && step.overhead === 0)) continue;
    for (const person of people)
      for (const { from: start, to: end } of timesTaken(step, person.id))
        for (let date = localDateOf(start, timeZone); ; date = addDays(date, 1)) {
          const from = Math.max(start, minuteAt(date, 0, timeZone));
          const to = Math.min(end, minuteAt(addDays(date, 1), 0, timeZone));
          if (from >= end) break;
          const minutes = date < today ? 0 : minutesWithin(open, from, to);
          if (minutes === 0) continue;
          const key = `${person.id}\n${date}`;
          const day = days.get(key) ?? { hand: 0, machine: 0, over: 0, skills: new Set() };
          if (hand) day.hand += minutes;
          if (machine) day.machine += minutes;
          day.over += minutes * step.overhead;
          for (const skill of step.people) day.skills.add(skill);
          days.set(key, day);
        }
  }
  return days;
}

/**
 * Days ahead on which a person's hand sanding, machine or overhead work exceeds the limits, over the plans of all jobs, with
 * whom to change places: a rotation by the half day keeps both under.
 * @param open the shop's open stretches   @param today earlier days are over
 */
export function strainDays(
  plans: readonly Strained[],
  people: readonly Person[],
  open: readonly Stretch[],
  timeZone: string,
  today: LocalDate,
  limits: StrainLimits = usualStrain,
): StrainDay[] {
  const days = loadsOf(plans, people, { open, timeZone, today });
  const hoursOf = new Map(people.map((one) => [one.id, personStretches(open, one, timeZone)]));
  const isThere = ({ id }: Person, date: LocalDate) =>
    minutesWithin(hoursOf.get(id)!, minuteAt(date, 0, timeZone), minuteAt(addDays(date, 1), 0, timeZone)) > 0;
  const found: StrainDay[] = [];
  for (const [key, day] of days) {
    const [person, date] = key.split('\n') as [string, LocalDate];
    if (
      day.hand <= limits.handSandingMin &&
      day.machine <= limits.machineMin &&
      day.over <= limits.overheadMin
    )
      continue;
    const load = (id: string) => {
      const hers = days.get(`${id}\n${date}`);
      return hers ? hers.hand + hers.machine : 0;
    };
    const able = people
      .filter(
        (one) =>
          one.id !== person && [...day.skills].every((skill) => one.skills.some((own) => own === skill)),
      )
      .filter((one) => load(one.id) < day.hand + day.machine && isThere(one, date))
      .sort((a, b) => load(a.id) - load(b.id));
    found.push({
      person,
      date,
      handSandingMin: Math.round(day.hand),
      machineMin: Math.round(day.machine),
      overheadMin: Math.round(day.over),
      relief: able[0]?.id ?? null,
    });
  }
  return found.sort((a, b) => a.date.localeCompare(b.date) || a.person.localeCompare(b.person));
}
