import type { PlanWarning } from '@/core/plan';
import { counted, firstTwo, firstUpper } from './counted';
import { amount, date, hours, moment, money, span, type Locale } from './format';
import { productKindWords } from './store-words';

/** Warnings of what is still kept, and only just, or will not be. */
export type OfWatch = Extract<
  PlanWarning,
  {
    code:
      | 'window-tight'
      | 'pin-closes-window'
      | 'refit-early'
      | 'scarce-hands'
      | 'batches-apart'
      | 'allowance-short'
      | 'rounds-late'
      | 'hard-days'
      | 'over-material-cap'
      | 'work-air'
      | 'painter-changes';
  }
>;

const hardWords: Record<Extract<OfWatch, { code: 'hard-days' }>['kind'], string> = {
  hand: 'Hand sanding',
  machine: 'Work with a machine',
  overhead: 'Overhead work',
};

interface WatchNames {
  section(key: string): string;
  step(key: string): string;
  product(code: string): string;
}

/** A warning of what might still go wrong, in a sentence with what to do about it. */
export function watchText(warning: OfWatch, names: WatchNames, locale: Locale): string {
  const windowOf = (product: string | null) =>
    product === null ? 'bare metal may stand' : `the recoat window of ${names.product(product)} is open`;
  switch (warning.code) {
    case 'window-tight':
      return `“${names.step(warning.step)}” has ${span(warning.slackMin)} to spare of ${span(warning.lengthMin)}: ${windowOf(warning.product)} until ${moment(warning.closes, locale)}. Keep what comes before it on time.`;
    case 'pin-closes-window':
      return `The fixed start of “${names.step(warning.step)}” is too late: ${windowOf(warning.product)} until ${moment(warning.closes, locale)}, and “${names.step(warning.to)}” comes ${span(warning.lateMin)} after that. Fix an earlier start, or none.`;
    case 'over-material-cap': {
      const { unit, product, kind } = warning;
      const show = (value: number) => (unit === null ? money(value, locale) : amount(value, unit));
      const what = product === null ? firstUpper(productKindWords[kind]) : names.product(product);
      return `${what}: ${show(warning.planned)} planned, cap ${show(warning.cap)}.`;
    }
    case 'refit-early':
      return `“${names.step(warning.step)}” comes ${span(warning.waitedMin)} after the last coat; ${names.product(warning.product)} takes marks from clamps and rubbers for ${span(warning.neededMin)}. Begin later.`;
    case 'scarce-hands': {
      const who = firstTwo(warning.able);
      const back = warning.backOn === null ? '' : `, back on ${date(warning.backOn)}`;
      return `“${names.step(warning.step)}” needs ${who}, away from ${date(warning.missedFrom)}${back}: it may slip ${counted(warning.spareDays, 'day')}. Begin it by ${date(warning.lastDay)}.`;
    }
    case 'rounds-late':
      return `${names.section(warning.section)}: at the pace so far its rounds end on ${date(warning.ends)}, ${counted(warning.workDays, 'working day')} after their last day, ${date(warning.lastDay)}. Stop where it is straight enough, or move the day.`;
    case 'work-air': {
      const more = warning.steps > 1 ? `, ${counted(warning.steps, 'step')} in all` : '';
      const [bound, help] =
        warning.airC < warning.limitC
          ? ['at least', 'Warm the place, or wait.']
          : ['at most', 'Wait for a cooler hour.'];
      return `“${names.step(warning.step)}” is planned at ${warning.airC} °C, ${bound} ${warning.limitC} °C${more}. ${help}`;
    }
    case 'hard-days':
      return `${hardWords[warning.kind]}: ${warning.person} has ${span(warning.minutes)} of it on ${date(warning.date)}, at most ${span(warning.limitMin)} a day; over on ${counted(warning.days, 'person-day')}. Change places at midday, take a second hand, or let the calendar keep the limit.`;
    case 'painter-changes':
      return `“${names.step(warning.step)}”: ${warning.to.join(' and ')} would go on where ${warning.from.join(' and ')} began; ${names.product(warning.product)} wants one pair of hands from end to end. Name the painter, or note that it changes.`;
    case 'batches-apart':
      return `${warning.colour}, ${names.product(warning.product)}: the last coats came from ${counted(warning.batches.length, 'batch')} that were not boxed (${warning.batches.join(', ')}). Box what is left, and compare ${firstTwo(warning.panels)} with their neighbours.`;
    case 'allowance-short':
      return `Hidden damage: ${hours(warning.foundMin)} h found on ${warning.panelsDone} of ${counted(warning.panels, 'panel')}; at that rate ${hours(warning.projectedMin)} h in all, ${hours(warning.heldMin)} h are held. Tell the owner, and hold more.`;
  }
}
