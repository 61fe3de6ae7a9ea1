import { boundsOf } from '../geometry';
import type { Part } from '../vehicle';

/** What a panel is sanded and polished with, by its shape and size. */
export interface PanelTools {
  /** Length of the block for filler and primer, mm; null where a hand or a pad follows the shape better. */
  blockMm: number | null;
  backing: 'stiff block' | 'flexible block' | 'soft pad' | 'bare hand';
  /** The same for 400 and finer, where the shape is made and only scratches go. */
  fineBacking: 'flexible block' | 'soft pad' | 'bare hand';
  /** Where a machine may begin. */
  machine: 'flats, a hand off every edge' | 'soft interface, flats only' | 'no machine';
  /** Fastest the polisher goes on it, rpm, on flats and along edges. */
  polisherRpm: { flats: number; edges: number };
  why: string;
}

const longestMm = 450;
const shortestMm = 120;
/** A block spans at most this share of the panel's shorter side, so that it does not hang over. */
const share = 0.6;

/**
 * Block, pad and machine by the shape of a panel (docs/method.md, Tape, tack and hands): a long stiff block bridges a flat, a flexible one follows
 * a crown, beads and rivets are worked by hand, a tube by the bare hand. Working defaults.
 */
export function panelTools({
  shape,
  outline,
  beadM,
  rivetM,
}: Pick<Part, 'shape' | 'outline' | 'beadM' | 'rivetM'>): PanelTools {
  const { left, right, top, bottom } = boundsOf(outline);
  const spanMm = 1000 * Math.min(right - left, bottom - top) * share;
  const block = (most: number) => Math.round(Math.max(shortestMm, Math.min(most, spanMm)) / 10) * 10;
  const broken = rivetM > 0 ? 'rivet lines' : beadM > 0 ? 'beads' : null;
  switch (shape) {
    case 'flat':
      return {
        blockMm: block(longestMm),
        backing: 'stiff block',
        fineBacking: 'flexible block',
        machine: broken ? 'soft interface, flats only' : 'flats, a hand off every edge',
        polisherRpm: { flats: 1800, edges: 900 },
        why: broken ? `flat between its ${broken}` : 'flat: the block finds what the eye does not',
      };
    case 'curved':
      return {
        blockMm: block(280),
        backing: 'flexible block',
        fineBacking: 'soft pad',
        machine: 'soft interface, flats only',
        polisherRpm: { flats: 1500, edges: 800 },
        why: 'crowned: from both diagonals across the curve',
      };
    case 'beaded':
      return {
        blockMm: block(160),
        backing: 'soft pad',
        fineBacking: 'bare hand',
        machine: 'no machine',
        polisherRpm: { flats: 1200, edges: 600 },
        why: 'beads lose twice what the flats lose: taped, then by hand',
      };
    case 'riveted':
      return {
        blockMm: block(120),
        backing: 'soft pad',
        fineBacking: 'soft pad',
        machine: 'no machine',
        polisherRpm: { flats: 1200, edges: 600 },
        why: 'a hard block cuts the rivet heads through',
      };
    case 'tube':
      return {
        blockMm: null,
        backing: 'bare hand',
        fineBacking: 'bare hand',
        machine: 'no machine',
        polisherRpm: { flats: 1000, edges: 600 },
        why: 'round: strips pulled round it',
      };
  }
}
