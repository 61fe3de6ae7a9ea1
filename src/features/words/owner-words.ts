import type { OwnerView, OwnerWait } from '@/core/owner/owner-view';
import type { DecisionWay } from '@/core/record';
import { counted } from './counted';
import { date, money, type Locale } from './format';

/** What a surface looks like, as one says it to somebody who is not of the trade. */
const stateWords: Readonly<Record<string, string>> = {
  old: 'as it came',
  bare: 'stripped, bare',
  epoxy: 'in its first primer',
  filler: 'filled',
  'high-build': 'in primer',
  'guide-coat': 'in primer, being made straight',
  masked: 'masked',
  sealer: 'sealed for colour',
  colour: 'in colour',
  clear: 'in clear',
  sanded: 'sanded for polish',
  polished: 'polished',
};
export const stateText = (state: string): string => stateWords[state] ?? state;

/** Something that waits for the owner, in a sentence. */
export function waitText(wait: OwnerWait, locale: Locale): string {
  switch (wait.code) {
    case 'quote':
      return `Quote ${wait.number} over ${money(wait.grossMinor, locale, 2)}, valid until ${date(wait.validUntil)}.`;
    case 'decision':
      return wait.what;
    case 'sample': {
      const again = wait.wasRefused ? ' again' : '';
      return wait.card
        ? `The card of ${wait.colour}, ${wait.card.widthMm} × ${wait.card.heightMm} mm, to be seen${again}: in your hand, in the light you choose, never on a screen.`
        : `${wait.colour}: its card is not ready yet. We tell you when you can see it${again}.`;
    }
  }
}

/** A way the owner may choose, with what it costs beside what was agreed. */
export function wayText({ name, moneyMinor, days }: DecisionWay, locale: Locale): string {
  const price =
    moneyMinor === 0
      ? 'no other price'
      : `${money(Math.abs(moneyMinor), locale, 2)} ${moneyMinor > 0 ? 'more' : 'less'} before tax`;
  const time =
    days === 0 ? 'the day stays' : `${counted(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'}`;
  return `${name}: ${price}, ${time}`;
}

/** When it is ready, in plain words. */
export function promiseText({ promised, planned, p80 }: OwnerView['promise']): string {
  if (planned === null) return `Promised for ${date(promised)}.`;
  const late = planned > promised ? `, later than the ${date(promised)} that was promised` : '';
  const range = p80 === null ? '' : ` In eight cases of ten it is ready by ${date(p80)}.`;
  return `By the plan of today it is ready on ${date(planned)}${late}.${range}`;
}

export const budgetWords: Record<OwnerView['budgets'][number]['budget'], string> = {
  labour: 'Hours',
  materials: 'Materials',
  booth: 'Booth',
};

/** What moved the day, in words. */
export const movedText = ({ what, days, day }: OwnerView['promise']['moved'][number]): string =>
  `${date(day)}: ${what}, ${days > 0 ? `${counted(days, 'day')} more` : `${counted(-days, 'day')} less`}`;
