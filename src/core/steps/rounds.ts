import { basesOf } from '../record';
import type { Minute } from '../units';
import { taskOfPass } from './grit-passes';
import type { Step } from './step';

/** The kinds of work that go in rounds. */
export const roundKinds = ['fill', 'prime', 'block', 'polish'] as const;
export type RoundKind = (typeof roundKinds)[number];

export interface RoundOfWork {
  kind: RoundKind;
  round: number;
  state: 'done' | 'running' | 'planned';
  /** Logged where done, else planned. */
  personMinutes: number;
  start: Minute;
  /** Keys of its steps. */
  steps: string[];
}

type Given = Pick<Step, 'key' | 'operation' | 'sections' | 'personMinutes' | 'skipped' | 'coat'> & {
  state: RoundOfWork['state'];
  usedMin: number;
  start: Minute;
};

const kindOf = (step: Given): RoundKind | null => {
  if (step.operation.startsWith('block-f') || step.operation === 'fill' || step.operation === 'fair')
    return 'fill';
  if (step.coat?.role === 'build') return 'prime';
  if (step.operation === 'block') return 'block';
  if (step.operation === 'polish' || step.operation === 'second-look') return 'polish';
  return null;
};

/** Number at the end of a step's key, or of its session's: the round it belongs to. */
const roundOf = (step: Given): number =>
  Number(/-(\d+)$/.exec(step.coat ? step.coat.session : taskOfPass(step.key))?.[1] ?? 1);

/**
 * The rounds of filling, priming, blocking and polishing of a section, planned and done, with the hours of each.
 * @returns in working order; several steps of one round are summed, a round is done when all of it is
 */
export function roundsOfWork(steps: readonly Given[], section: string): RoundOfWork[] {
  const rounds = new Map<string, Omit<RoundOfWork, 'steps'> & { all: Given[] }>();
  for (const step of steps) {
    const kind = kindOf(step);
    if (kind === null || step.skipped || !basesOf(step).includes(section)) continue;
    const round = kind === 'polish' && step.operation === 'second-look' ? 2 : roundOf(step);
    const name = `${kind} ${round}`;
    const entry = rounds.get(name) ?? {
      kind,
      round,
      state: 'planned' as const,
      personMinutes: 0,
      start: step.start,
      all: [],
    };
    entry.all.push(step);
    entry.personMinutes += step.state === 'done' ? step.usedMin : step.personMinutes;
    entry.start = Math.min(entry.start, step.start);
    rounds.set(name, entry);
  }
  return [...rounds.values()]
    .map(({ all, ...entry }) => ({
      ...entry,
      steps: all.map((one) => one.key),
      state: all.every((one) => one.state === 'done')
        ? ('done' as const)
        : all.some((one) => one.state !== 'planned')
          ? ('running' as const)
          : ('planned' as const),
    }))
    .sort((a, b) => roundKinds.indexOf(a.kind) - roundKinds.indexOf(b.kind) || a.round - b.round);
}

export interface ChaseState {
  /** What ends it: the measure is met, the last day is past, or the planned rounds are used up; null while it goes on. */
  ended: 'measured' | 'last-day' | 'rounds' | null;
  /** Largest hollow still open, mm; null where none was measured. */
  worstMm: number | null;
}

/**
 * Whether the chase for straightness goes on: a measurable gate or a date ends it.
 * @param hollows depth of the hollows that are still open, mm; null for one that was not measured
 */
export function chaseState(
  rule: { hollowMm: number | null; lastDay: string | null } | null,
  hollows: readonly (number | null)[],
  today: string,
  roundsLeft: number,
): ChaseState {
  const measured = hollows.flatMap((one) => one ?? []);
  const worstMm = measured.length > 0 ? Math.max(...measured) : null;
  const isFlat = rule?.hollowMm != null && !hollows.includes(null) && (worstMm ?? 0) <= rule.hollowMm;
  if (isFlat) return { ended: 'measured', worstMm };
  if (rule?.lastDay != null && today > rule.lastDay) return { ended: 'last-day', worstMm };
  return { ended: roundsLeft === 0 ? 'rounds' : null, worstMm };
}

/**
 * What one more round would bring down, from how the area found shrank from round to round: the last area times the
 * mean shrinking factor. @returns m² expected to be left, or null from fewer than two rounds
 */
export function expectedAfterRound(foundM2: readonly number[]): number | null {
  const pairs = foundM2.slice(1).flatMap((now, i) => (foundM2[i]! > 0 ? [now / foundM2[i]!] : []));
  if (pairs.length === 0) return null;
  // Ratios are averaged as logarithms, as growth and shrinking are; a round that found nothing counts as a tenth.
  const mean = Math.exp(pairs.reduce((sum, one) => sum + Math.log(Math.max(0.1, one)), 0) / pairs.length);
  return foundM2.at(-1)! * mean;
}
