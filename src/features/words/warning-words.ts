import type { PlanWarning } from '@/core/plan';
import { hours, micrometres, money, type Locale } from './format';
import type { Names } from './step-words';

export interface WarningText {
  grade: 'stop' | 'caution';
  text: string;
}

const budgetNames = { labour: 'Labour', materials: 'Materials', booth: 'Booth time' };

/** A warning in a sentence with what to do about it. */
export function warningText(
  warning: PlanWarning,
  names: Names & { section(key: string): string },
  locale: Locale,
): WarningText {
  const stop = (text: string): WarningText => ({ grade: 'stop', text });
  const caution = (text: string): WarningText => ({ grade: 'caution', text });
  switch (warning.code) {
    case 'late':
      return stop(`The promise is missed by ${warning.days} ${warning.days === 1 ? 'day' : 'days'}.`);
    case 'over-cap': {
      const show = (value: number) =>
        warning.budget === 'materials' ? money(value, locale) : `${hours(value)} h`;
      return caution(
        `${budgetNames[warning.budget]}: ${show(warning.planned)} planned, cap ${show(warning.cap)}.`,
      );
    }
    case 'window-broken':
      return stop(`A window closes before “${names.step(warning.step)}” can start.`);
    case 'remedied':
      return caution(
        `The recoat window of ${names.product(warning.product)} closes before “${names.step(warning.step)}”: scuffing again adds ${hours(warning.personMinutes)} h.`,
      );
    case 'no-room':
      return stop(
        `No room was found for “${names.step(warning.step)}”: longer than any shift, or nobody can do it.`,
      );
    case 'thin-clear':
      return stop(
        `${names.section(warning.section)}: ${warning.typed} clear coats typed, the finish needs ${warning.needed}; ${micrometres(warning.leftFlatUm)} would be left on flats, ${micrometres(Math.max(0, warning.leftEdgeUm))} on edges.`,
      );
    case 'film-limit':
      return caution(
        `${names.section(warning.section)}: ${micrometres(warning.totalUm)} of new film, more than ${micrometres(warning.limitUm)}.`,
      );
    case 'gloss-over-straightness':
      return caution(
        `${names.section(warning.section)}: the gloss asked for shows every flaw that scuffing leaves.`,
      );
    case 'air-outside-limits':
      return stop(
        `${names.product(warning.product)} is applied between ${warning.minAirC} and ${warning.maxAirC} °C; the place has ${warning.airC} °C.`,
      );
    case 'too-long-for-booth':
      return caution(
        `The booth is ${warning.boothM} m long; ${warning.neededM.toFixed(1)} m are needed to walk round.`,
      );
    case 'no-place':
      return caution(`The shop has no ${warning.placeKind}; that work is planned without a place.`);
    case 'no-skill':
      return stop(`Nobody in the shop has the skill “${warning.skill}”.`);
    case 'product-missing':
      return stop(
        `${names.section(warning.section)}: ${warning.product} is not on the shelf, its layer is left out.`,
      );
    case 'session-over-shift':
      return stop(
        `A booth session takes ${hours(warning.minutes)} h and the shift has ${hours(warning.shiftMin)} h: fewer coats, or a second painter.`,
      );
    case 'unsigned-hold':
      return caution(`Not yet released by the licensed engineer: ${names.step(warning.step)}.`);
  }
}
