import { compareAims } from './value';
import type { Random } from './random';
import type { Solution } from './solution';

/** Plans to breed from, best first; equal plans are kept once. */
export class Population {
  readonly members: Solution[] = [];

  constructor(private readonly most: number) {}

  get isFull(): boolean {
    return this.members.length >= this.most;
  }

  clear(): void {
    this.members.length = 0;
  }

  /** The better of two drawn by lot. */
  draw(random: Random): Solution {
    const a = random.below(this.members.length);
    const b = random.below(this.members.length);
    return this.members[Math.min(a, b)]!;
  }

  /** @returns false when it is known already or too poor to be kept */
  add(found: Solution): boolean {
    const { members } = this;
    let at = members.length;
    while (at > 0 && compareAims(found.aims, members[at - 1]!.aims) < 0) at -= 1;
    for (let i = at - 1; i >= 0 && compareAims(found.aims, members[i]!.aims) === 0; i -= 1)
      if (isSame(found, members[i]!)) return false;
    if (at >= this.most) return false;
    members.splice(at, 0, found);
    if (members.length > this.most) members.pop();
    return true;
  }
}

function isSame(a: Solution, b: Solution): boolean {
  for (let i = 0; i < a.start.length; i += 1) if (a.start[i] !== b.start[i]) return false;
  return true;
}
