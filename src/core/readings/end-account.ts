import type { Plan, PlanBecause, PlannedStep } from '../plan/model';
import { minutesWithin, type Stretch } from '../schedule';
import type { Minute } from '../units';

/**
 * Where open hours between now and the end go: `work` of a crew, film or glue that must `wait`, somebody or a room `busy`
 * with something else, an `agreed` start that was kept, and the `rest`: shift ends, windows, days typed by hand.
 */
export type EndCause = 'work' | 'wait' | 'busy' | 'agreed' | 'rest';

export interface EndItem {
  cause: EndCause;
  /** Step that works or waits, or that could not begin. */
  step: string;
  /** Who or what was busy, by name. */
  who: string[];
  /** What they were busy with. */
  holders: string[];
  openMin: number;
}

export interface EndAccount {
  /** Keys from the last step back to the first of the chain that is not over. */
  chain: string[];
  /** Open minutes from now to the end; the causes sum to it. */
  openMin: number;
  causes: Record<EndCause, number>;
  /** What takes most, longest first; one line for each cause and who was busy with it. */
  items: EndItem[];
}

type Piece = Pick<EndItem, 'cause' | 'who' | 'holders'> & { from: Minute; to: Minute };

/** A reader is shown so many. */
const mostItems = 8;

/** The reasons of a start followed backwards: from each step to the one it waited for. */
export function chainBack(
  steps: readonly Pick<PlannedStep, 'key' | 'whyNotEarlier'>[],
  from: string,
): string[] {
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const chain: string[] = [];
  for (let step = byKey.get(from); step && !chain.includes(step.key);) {
    chain.push(step.key);
    const link = step.whyNotEarlier.find((because) => because.kind === 'link');
    step = link ? byKey.get(link.from) : undefined;
  }
  return chain;
}

/**
 * Why the end is when it is: the chain of reasons behind the last step before the handover, laid over the open hours from
 * `now`. Every open minute is counted once, for the first thing that takes it.
 *
 * @param open hours the shop is open, ascending and apart
 * @returns null where nothing is left to do
 */
export function endAccount(
  { steps }: Pick<Plan, 'steps'>,
  now: Minute,
  open: readonly Stretch[],
): EndAccount | null {
  const promised = steps.filter((step) => step.phase !== 'return' && step.state !== 'done');
  const last = promised.reduce<PlannedStep | null>(
    (late, one) => (late && late.end >= one.end ? late : one),
    null,
  );
  if (!last || last.end <= now) return null;
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const chain = chainBack(steps, last.key).filter((key) => byKey.get(key)!.end > now);
  const items = new Map<string, EndItem>();
  const causes: Record<EndCause, number> = { work: 0, wait: 0, busy: 0, agreed: 0, rest: 0 };
  let cursor = now;
  const take = (step: PlannedStep, { cause, who, holders, from, to }: Piece) => {
    const begins = Math.max(cursor, from);
    if (to <= begins) return;
    if (begins > cursor) take(step, { cause: 'rest', who: [], holders: [], from: cursor, to: begins });
    const openMin = minutesWithin(open, begins, to);
    cursor = to;
    if (openMin === 0) return;
    causes[cause] += openMin;
    const key = cause === 'busy' ? `${cause} ${who.join()} ${holders.join()}` : `${cause} ${step.key}`;
    const item = items.get(key) ?? { cause, step: step.key, who, holders, openMin: 0 };
    items.set(key, { ...item, openMin: item.openMin + openMin });
  };
  for (const key of [...chain].reverse()) {
    const step = byKey.get(key)!;
    for (const piece of gapBefore(step, byKey)) take(step, { ...piece, to: Math.min(piece.to, step.start) });
    const cause = step.kind === 'passive' ? 'wait' : 'work';
    take(step, { cause, who: [], holders: [], from: step.start, to: step.end });
  }
  return {
    chain,
    openMin: minutesWithin(open, now, last.end),
    causes,
    items: [...items.values()].sort((a, b) => b.openMin - a.openMin).slice(0, mostItems),
  };
}

/** What stands between a step and the one it waited for, in the order of time. */
function gapBefore(step: PlannedStep, byKey: ReadonlyMap<string, PlannedStep>): Piece[] {
  return step.whyNotEarlier
    .flatMap((because) => pieceOf(because, step, byKey))
    .sort((a, b) => a.from - b.from || a.to - b.to);
}

function pieceOf(because: PlanBecause, step: PlannedStep, byKey: ReadonlyMap<string, PlannedStep>): Piece[] {
  const none = { who: [], holders: [] };
  switch (because.kind) {
    case 'link': {
      const before = byKey.get(because.from);
      return before && because.min > 0
        ? [{ ...none, cause: 'wait', from: before.end, to: before.end + because.min }]
        : [];
    }
    case 'resource': {
      const { who, holders, from, to } = because;
      return [{ cause: 'busy', who, holders, from, to }];
    }
    case 'agreed':
      return [{ ...none, cause: 'agreed', from: because.from, to: step.start }];
    case 'window':
    case 'closed':
    case 'short':
      return [{ ...none, cause: 'rest', from: because.from, to: because.to }];
    case 'not-before':
    case 'now':
      return [];
  }
}
