import type { Minute } from '../units';
import type { Spot } from './earliest-start';
import type { Because } from './problem';

const kept = 5;

/**
 * The reasons for a start, latest first: what blocked it, the window that pushed it, then what fixes the earliest start.
 * @param linked earliest start by links alone   @param from where the search began, later than `linked` when pushed
 */
export function explainStart(
  spot: Spot,
  linked: Minute,
  from: Minute,
  pushedBy: string | null,
  anchor: Because,
): Because[] {
  const joined: Because[] = [];
  for (const one of spot.obstacles) {
    const last = joined.at(-1);
    if (last && sameObstacle(last, one)) Object.assign(last, { to: 'to' in one ? one.to : 0 });
    else joined.push({ ...one });
  }
  const window: Because[] =
    pushedBy === null ? [] : [{ kind: 'window', link: pushedBy, from: linked, to: from }];
  return [...joined.reverse().slice(0, kept), ...window, anchor];
}

function sameObstacle(a: Because, b: Because): boolean {
  if (a.kind === b.kind && (a.kind === 'closed' || a.kind === 'short')) return true;
  return (
    a.kind === 'resource' &&
    b.kind === 'resource' &&
    a.resources.join() === b.resources.join() &&
    a.holders.join() === b.holders.join()
  );
}
