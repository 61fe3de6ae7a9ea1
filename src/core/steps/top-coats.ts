import type { Product } from '../film';
import { basesOf } from '../record';
import type { StepDraft } from './draft';
import { followersOf } from './order-by-hand';

/** The coats that lie on top of a section where a step stands in the order, each with its product. */
export function topCoats(
  draft: StepDraft,
  step: string,
  section: string,
): { key: string; product: Product }[] {
  const next = followersOf(draft);
  const before = stepsBefore(next, step);
  const coats = draft.network.steps.filter(
    (one) => one.coat !== null && before.has(one.key) && basesOf(one).includes(section),
  );
  return coats.flatMap(({ key, coat }) => {
    const product = draft.context.shelf.get(coat!.product);
    if (!product?.coating) return [];
    const later = stepsFrom(next, key);
    return coats.some((other) => other.key !== key && later.has(other.key)) ? [] : [{ key, product }];
  });
}

type Followers = ReadonlyMap<string, ReadonlySet<string>>;

/** All that has to be begun before a step. */
export function stepsBefore(next: Followers, key: string): Set<string> {
  const earlier = new Map<string, string[]>();
  for (const [from, all] of next) for (const to of all) earlier.set(to, [...(earlier.get(to) ?? []), from]);
  const found = new Set<string>();
  const open = [key];
  for (let one = open.pop(); one !== undefined; one = open.pop())
    for (const before of earlier.get(one) ?? [])
      if (!found.has(before)) {
        found.add(before);
        open.push(before);
      }
  return found;
}

/** A step and all that cannot begin before it. */
export function stepsFrom(next: Followers, from: string): Set<string> {
  const seen = new Set<string>([from]);
  // A set is walked in the order it grows.
  for (const one of seen) for (const later of next.get(one) ?? []) seen.add(later);
  return seen;
}
