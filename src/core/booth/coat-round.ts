import type { FigurePlace, Figures } from '../figures';

/** How a gun is moved; working defaults until the shop's own are typed. */
export interface GunMotion {
  fanCm: number;
  /** Share of each stroke that lies on the last, 0..1. */
  overlap: number;
  /** Metres of stroke a minute. */
  speedMPerMin: number;
  /** Share of the time in which paint flows: turns, steps and hose take the rest. */
  duty: number;
  /** A gun cup, L, and the minutes a refill takes. */
  cupL: number;
  refillMin: number;
}

/** Width of the fan where a sheet names none, cm. */
export const usualFanCm = 25;

/** How a gun is moved over a role: half over the last stroke for primers and clears, more for effects and single stage. */
export function motionOf(
  { role, isEffect, fanCm }: { role: string; isEffect: boolean; fanCm: number },
  figures: Figures,
  at: FigurePlace = {},
): GunMotion {
  return {
    fanCm,
    overlap: figures(isEffect || role === 'topcoat' ? 'gun.overlap-effect' : 'gun.overlap', at),
    speedMPerMin: figures('gun.speed', at),
    duty: figures('gun.duty', at),
    cupL: figures('gun.cup', at),
    refillMin: figures('gun.refill', at),
  };
}

/** Minutes of one painter for one coat: `area / (fan × (1 − overlap) × speed × duty)` and the refills. */
export function coatRoundMin(areaM2: number, litres: number, motion: GunMotion): number {
  const m2PerMin = (motion.fanCm / 100) * (1 - motion.overlap) * motion.speedMPerMin * motion.duty;
  // A cup that is just enough is not filled once more for the sake of a binary fraction.
  const refills = Math.max(0, Math.ceil(litres / motion.cupL - 1e-9) - 1);
  return m2PerMin > 0 ? areaM2 / m2PerMin + refills * motion.refillMin : Infinity;
}

export interface EdgeAdvice {
  roundMin: number;
  /** Painters so that each comes back to the wet edge while it is open. */
  painters: number;
  /** Even so many leave it longer than it stays open: end the stretch at a panel line or a break. */
  breakAtLine: boolean;
}

const mostPainters = 3;

/**
 * Whether the edge is still wet when the painter is round: a round longer than the sheet's open time needs a second
 * painter going the other way, or the side is split at a line.
 */
export function edgeAdvice(roundMin: number, wetEdgeMin: number): EdgeAdvice {
  const needed = Math.max(1, Math.ceil(roundMin / wetEdgeMin - 1e-9));
  return {
    roundMin,
    painters: Math.min(mostPainters, needed),
    breakAtLine: needed > mostPainters,
  };
}

/** What an arm with a gun reaches from the floor: over a roof from one side, and up a side, m. */
const reach = { acrossM: 0.9, upM: 2.0 };

/** What stands in the way of painting one side in one go: a roof too wide, a side too high. */
export function reachAdvice({ widthM, heightM }: { widthM: number; heightM: number }): {
  platform: boolean;
  fromBothSides: boolean;
} {
  return { platform: heightM > reach.upM, fromBothSides: widthM > reach.acrossM };
}
