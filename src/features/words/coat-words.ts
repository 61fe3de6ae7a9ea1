import type { DryEdge } from '@/core/plan/coat-round';
import { counted } from './counted';
import { money, type Locale } from './format';

export const celsius = (value: number): string => `${Math.round(value * 10) / 10} °C`;

/** Minutes of a hand at work, to a tenth where they are few. */
export const shortMinutes = (value: number): string =>
  Number.isFinite(value) ? `${value < 10 ? value.toFixed(1) : Math.round(value)} min` : 'never';

/** An edge that dries before the painter is back: by how much, what helps, and what that costs. */
export function dryEdgeText(
  { airC, roundMin, edgeMin, painters, costMinor, breakAtLine }: Omit<DryEdge, 'step' | 'product'>,
  locale: Pick<Locale, 'currency'>,
): string {
  const more = costMinor > 0 ? ` for ${money(costMinor, locale)}` : '';
  const help = breakAtLine
    ? 'end the stretch at a panel line, or wait for cooler air'
    : `${counted(painters, 'painter')} keep it wet${more}; or break at a panel line`;
  return `The edge is open ${shortMinutes(edgeMin)} at ${celsius(airC)}, and each painter is back after ${shortMinutes(roundMin)}: ${help}.`;
}
