import type { Level } from '../film';
import type { ShopFigures } from '../concepts/shop';
import type { Sample } from './job-lists';

/** What stands of the samples of a colour. */
export interface SampleState {
  state: 'none' | 'waiting' | 'accepted' | 'refused' | 'at-risk';
  /** The entry that says so; null where there is none. */
  entry: Sample | null;
  /** How many were refused so far. */
  refusals: number;
}

const inOrder = (a: Sample, b: Sample): number => a.onDate.localeCompare(b.onDate);

/** What the samples of a colour come to: the last verdict stands, one that is waited for changes none. */
export function sampleState(samples: readonly Sample[], colour: string): SampleState {
  const own = samples.filter((one) => one.colour === colour).sort(inOrder);
  const refusals = own.filter((one) => one.verdict === 'refused').length;
  const last = own.findLast((one) => one.verdict !== 'waiting') ?? own.at(-1);
  return { state: last?.verdict ?? 'none', entry: last ?? null, refusals };
}

/** The colour may be bought, mixed in quantity and booked. */
export const isCleared = ({ state }: Pick<SampleState, 'state'>): boolean =>
  state === 'accepted' || state === 'at-risk';

const rank: Record<ShopFigures['approvalFrom'], number> = { Work: 1, Road: 2, Show: 3, Mirror: 4, never: 5 };

/** A colour of this level waits for an accepted sample. */
export const asksForSample = (level: Level, { approvalFrom }: Pick<ShopFigures, 'approvalFrom'>): boolean =>
  level !== 'Keep' && rank[level] >= rank[approvalFrom];
