import { backFrom, type Shop } from '../shop';
import type { StepNetwork } from '../steps';
import type { Placed } from './calendar';

/**
 * What is with a vendor is back on a day and at an hour that follow from when it leaves: open days are counted from there.
 * Waits are set to that; what is due on a typed day is back on it, if it has left by then.
 * @returns whether a wait changed, so that the job has to be placed anew
 */
export function waitForReturns({ links }: StepNetwork, placed: Placed, shop: Shop): boolean {
  let moved = false;
  for (const link of links) {
    const { why } = link;
    if (why.code !== 'away' || isPlain(why)) continue;
    const left = placed.at.get(link.from)?.end;
    if (left === undefined) continue;
    const back = why.due !== null && why.due > left ? why.due : backFrom(shop, left, why);
    if (link.min === back - left) continue;
    link.min = back - left;
    moved = true;
  }
  return moved;
}

/** So many days whenever it leaves. */
const isPlain = ({
  leadIn,
  backAt,
  due,
}: {
  leadIn: string;
  backAt: number | null;
  due: number | null;
}): boolean => leadIn === 'calendar' && backAt === null && due === null;
