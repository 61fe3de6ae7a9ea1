import { workLadders } from '../film';
import type { Figures } from '../figures';
import type { Operation } from './operation';
import type { SectionSituation } from './situation';

/** A sequence of the work beneath the colour, by hand or on discs. */
export interface BlockSequence {
  grits: readonly number[];
  hand: boolean;
}

/** What refining begins with: the coarser grits of the sequence belong to the rounds of blocking. */
const refinesFrom = { hand: 400, machine: 320 };

/** Grits that one round of filler or blocking, or the refining behind it, goes through; null for work without a sequence. */
export function blockSequence(
  { makes, rateBy }: Pick<Operation, 'makes' | 'rateBy'>,
  { schools }: Pick<SectionSituation, 'schools'>,
  { round, rounds }: { round: number; rounds: number },
): BlockSequence | null {
  const stops = schools['block-finish'] === 'stop-220';
  switch (makes) {
    case 'filler-flat':
      // The coarsest has cut the bulk while it was spread.
      return { grits: gritsOf('filler').slice(1), hand: true };
    case 'build-flat': {
      if (rateBy !== 'block') return null;
      const from = stops ? refinesFrom.machine : refinesFrom.hand;
      const all = gritsOf(stops ? 'stop-220' : 'block-on').filter((grit) => grit < from);
      return { grits: ofRound(all, Math.max(1, round), Math.max(1, rounds)), hand: true };
    }
    case 'refined': {
      const from = stops ? refinesFrom.machine : refinesFrom.hand;
      return { grits: gritsOf(stops ? 'stop-220' : 'block-on').filter((grit) => grit >= from), hand: !stops };
    }
    default:
      return null;
  }
}

const gritsOf = (key: string): number[] =>
  workLadders
    .filter((one) => one.key === key)
    .flatMap(({ steps }) => steps.flatMap(({ grit }) => (typeof grit === 'number' ? [grit] : [])));

/** The grits shared out over the rounds, coarse ones first, the last rounds having more; each round has one at least. */
export function ofRound(grits: readonly number[], round: number, rounds: number): number[] {
  const count = grits.length;
  if (rounds >= count) return grits.slice(Math.floor(((round - 1) * count) / rounds)).slice(0, 1);
  const from = Math.floor(((round - 1) * count) / rounds);
  return grits.slice(from, Math.floor((round * count) / rounds));
}

/** Share of a round's minutes that each of its grits takes: the first levels, each next one only takes out scratches. */
export function gritShares({ grits, hand }: BlockSequence, figures: Figures): number[] {
  const first = figures(hand ? 'sand.hand-first' : 'sand.disc-first');
  const next = figures(hand ? 'sand.hand-next' : 'sand.disc-next');
  const whole = first + next * (grits.length - 1);
  return grits.map((_, i) => (i === 0 ? first : next) / whole);
}
