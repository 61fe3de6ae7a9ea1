import type { LayerRole } from '../film';

/** A typed count that does not divide evenly puts the odd coats into the first rounds. */
export const coatsInRound = (coats: number, round: number, rounds: number): number =>
  round > rounds ? 0 : Math.max(1, Math.floor(coats / rounds) + (round <= coats % rounds ? 1 : 0));

/** Insides are laid to the standard of the road: no more clears and topcoats than that. */
const insideMost: Partial<Record<LayerRole, number>> = { clear: 2, topcoat: 3 };

/** Coats of a layer that an inside gets. */
export const onInside = ({ role, coats }: { role: LayerRole; coats: number }): number =>
  Math.min(coats, insideMost[role] ?? coats);
