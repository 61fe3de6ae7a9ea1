import type { Plan, PlannedStep } from '../plan/model';
import { isAway, type Person, type Shop } from '../shop';
import { addDays, daysBetween, localDateOf, weekdayOf, type LocalDate, type Minute } from '../units';

/** A risky step that only few hands do, and how much slip it bears before they are away. */
export interface ScarceStep {
  step: string;
  name: string;
  subject: string;
  start: Minute;
  /** Who can do it, those who stay longest first. */
  able: string[];
  /** First day on which none of them is here any more; null while somebody is, as far as is known. */
  missedFrom: LocalDate | null;
  /** First day on which one of them is back. */
  backOn: LocalDate | null;
  /** Days the step may slip before that. */
  spareDays: number | null;
}

/** So many hands make a skill scarce. */
const scarceBelow = 3;
/** Days away that lie further ahead are somebody else's worry. */
const watchedDays = 21;

/**
 * Key skill (docs/method.md, Tape, tack and hands): risky steps ahead that at most two people can do, with the days those are away: when
 * preparation slips more than the spare days, the step misses them until they are back.
 * @param isRisky whether a mistake in a step costs the panel or more
 */
export function scarceSteps(
  plan: Pick<Plan, 'steps'>,
  people: readonly Person[],
  isRisky: (step: PlannedStep) => boolean,
  shop: Pick<Shop, 'timeZone' | 'shifts'>,
): ScarceStep[] {
  const { timeZone } = shop;
  const opens = (date: LocalDate) => shop.shifts.some((one) => one.weekday === weekdayOf(date));
  const away = (person: Person, date: LocalDate) => isAway(person, date, shop);
  return plan.steps
    .filter((step) => step.state === 'planned' && !step.skipped && step.crew > 0 && isRisky(step))
    .sort((a, b) => a.start - b.start)
    .flatMap((step): ScarceStep[] => {
      const able = people.filter((person) =>
        step.people.some((skill) => person.skills.some((own) => own === skill)),
      );
      if (able.length === 0 || able.length >= scarceBelow) return [];
      const last = localDateOf(step.end, timeZone);
      const days = Array.from({ length: watchedDays }, (_, i) => addDays(last, i));
      const missedFrom = days.find((date) => able.every((person) => away(person, date))) ?? null;
      const backOn =
        missedFrom === null
          ? null
          : (Array.from({ length: 120 }, (_, i) => addDays(missedFrom, i)).find(
              (date) => opens(date) && able.some((person) => !away(person, date)),
            ) ?? null);
      const stays = (person: Person) => days.findIndex((date) => away(person, date));
      return [
        {
          step: step.key,
          name: step.name,
          subject: step.subject,
          start: step.start,
          missedFrom,
          backOn,
          able: [...able]
            .sort((a, b) => (stays(b) < 0 ? watchedDays : stays(b)) - (stays(a) < 0 ? watchedDays : stays(a)))
            .map((person) => person.name),
          spareDays: missedFrom === null ? null : daysBetween(last, missedFrom) - 1,
        },
      ];
    });
}
