import type { ForecastTold, JobForecast } from '@/core/forecast';
import { date } from './format';

/** A share of the draws as a person says it: 9 in 10, nearly always. */
export function inTen(share: number): string {
  if (share >= 0.985) return 'nearly always';
  if (share <= 0.015) return 'hardly ever';
  const tenths = Math.round(share * 10);
  if (tenths === 0) return 'less than 1 in 10';
  return tenths === 10 ? 'more than 9 in 10' : `${tenths} in 10`;
}

/** The range in one sentence, for the strip's words. */
export const rangeWords = ({ finish, kept, draws }: JobForecast): string =>
  `Of ${draws} drawn courses half end by ${date(finish.p50)}, eight in ten by ${date(finish.p80)}, nineteen in twenty by ${date(finish.p95)}. The promise is kept: ${inTen(kept)}.`;

export const eventWords: Record<ForecastTold['events'][number]['code'], string> = {
  dirt: 'dirt in the last coat, taken out one by one',
  run: 'a run, mended',
  'burn-through': 'an edge rubbed through, coloured and cleared again',
  mismatch: 'a colour off beside its neighbour, laid again',
  'more-layers': 'more old film than was read',
  'another-round': 'one more round of filling and blocking',
  'hidden-rust': 'rust found at the metal',
};
