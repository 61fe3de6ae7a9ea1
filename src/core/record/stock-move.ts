import type { LocalDate, Minor } from '../units';

/** What happens to stock. A row is never changed: a mistake is corrected by a counter-entry. */
export const moveKinds = [
  'ordered',
  'received',
  'drawn',
  'counted',
  'borrowed',
  'given-back',
  'lent',
  'got-back',
  'scrapped',
] as const;
export type MoveKind = (typeof moveKinds)[number];

export interface StockMove {
  id: string;
  product: string;
  kind: MoveKind;
  /** In the product's unit, ≥ 0; for `counted` the difference found, either sign. */
  amount: number;
  /** What was paid or agreed in all, minor units; 0 where no money moves. */
  costMinor: Minor;
  onDate: LocalDate;
  /** Ordered: the day it is due. Received: the last day it may be used; null = neither is known. */
  untilDate: LocalDate | null;
  /** Job it belongs to, by number; empty for the shop's shelf. */
  job: string;
  /** Phase of the work it was drawn for; empty for none. */
  phase: string;
  /** Batch on the tin. */
  batch: string;
  /** From whom or to whom, or why. */
  note: string;
  /** The move that this one takes back; null for an ordinary one. */
  corrects: string | null;
}

/** One consumable tried on a measured area: what it cost and how long it took. */
export interface ConsumableTrial {
  id: string;
  /** What was tried for, so that two can be compared: "P1500 discs on clear". */
  purpose: string;
  name: string;
  priceMinorEach: Minor;
  used: number;
  areaM2: number;
  minutes: number;
  note: string;
}
