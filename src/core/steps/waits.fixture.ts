import type { StepNetwork } from './step';

/** Whether a step waits for another, over any number of links. */
export function waits({ links }: Pick<StepNetwork, 'links'>, later: string, earlier: string): boolean {
  const seen = new Set<string>();
  const open = [later];
  for (let key = open.pop(); key !== undefined; key = open.pop()) {
    if (key === earlier) return true;
    if (seen.has(key)) continue;
    seen.add(key);
    open.push(...links.filter((link) => link.to === key).map((link) => link.from));
  }
  return false;
}
