import type { StepDraft } from './draft';
import { presentKey } from './grit-passes';
import type { StepLink } from './step';

/** Every step with those that cannot begin before it has begun or ended: links, and the stays that hold it. */
export function followersOf(draft: StepDraft): Map<string, Set<string>> {
  const { steps, links, stays } = draft.network;
  const next = new Map(steps.map((step) => [step.key, new Set<string>()]));
  for (const link of links) next.get(link.from)?.add(link.to);
  const byHold = new Map(stays.map((stay) => [stay.key, stay]));
  for (const step of steps) {
    const stay = step.hold === null ? undefined : byHold.get(step.hold);
    if (!stay) continue;
    if (stay.from !== step.key) next.get(stay.from)?.add(step.key);
    if (stay.to !== step.key) next.get(step.key)!.add(stay.to);
  }
  return next;
}

/** @returns the steps from one to the other along what must follow, both included; null where neither waits */
export function chainBetween(draft: StepDraft, from: string, to: string): string[] | null {
  const next = followersOf(draft);
  const cameFrom = new Map<string, string | null>([[from, null]]);
  const queue = [from];
  for (let key = queue.shift(); key !== undefined; key = queue.shift()) {
    if (key === to) {
      const chain: string[] = [];
      for (let at: string | null = key; at !== null; at = cameFrom.get(at) ?? null) chain.unshift(at);
      return chain;
    }
    for (const later of next.get(key) ?? [])
      if (!cameFrom.has(later)) {
        cameFrom.set(later, key);
        queue.push(later);
      }
  }
  return null;
}

/**
 * Puts a step after another one, as a manager asked. An order that the work itself forbids is refused with the chain
 * that forbids it; where only one link stands against it the manager may insist, and that link gives way, visibly.
 */
export function orderByHand(draft: StepDraft, step: string, behind: string, insists: boolean): void {
  const after = presentKey(draft.network.steps, behind, 'last');
  const known = new Set(draft.network.steps.map((one) => one.key));
  if (!known.has(after)) return draft.warn({ code: 'edit-without-step', step: after });
  const chain = step === after ? [step] : chainBetween(draft, step, after);
  if (!chain) return draft.link(after, step, { code: 'by-hand' });
  const against = chain.length === 2 ? linkBetween(draft, step, after) : undefined;
  if (!against || !insists) {
    draft.warn({
      code: 'order-refused',
      step,
      after,
      chain: chain.slice(1, -1),
      why: against?.why ?? null,
      mayInsist: against !== undefined,
    });
    return;
  }
  draft.network.links = draft.network.links.filter((link) => link.from !== step || link.to !== after);
  draft.link(after, step, { code: 'by-hand' });
  draft.warn({ code: 'order-overridden', step, after, why: against.why });
}

/** The link that alone stands between two steps, where it is one of order and not of a film or a window. */
function linkBetween(draft: StepDraft, from: string, to: string): StepLink | undefined {
  const own = draft.network.links.filter((link) => link.from === from && link.to === to);
  const isOrder = own.every((link) => link.why.code === 'order' || link.why.code === 'state');
  return own.length > 0 && isOrder ? own[0] : undefined;
}
