import { basesOf } from '@/core/record';
import type { PlannedStep } from '@/core/plan';
import { phases } from '@/core/steps';
import { localDateOf } from '@/core/units';
import { date } from '../words/format';
import { phaseNames } from '../words/phase-names';

export const groupings = { phase: 'phase', section: 'section', day: 'day' };
export type Grouping = keyof typeof groupings;

export type ListRow =
  | { kind: 'group'; key: string; name: string; steps: number; personMinutes: number }
  | { kind: 'step'; step: PlannedStep };

interface Given {
  sections: readonly { key: string; name: string }[];
  timeZone: string;
  folded: ReadonlySet<string>;
}

/** Steps gathered under headings, in order of time within each; what is folded keeps its heading only. */
export function groupSteps(steps: readonly PlannedStep[], by: Grouping, given: Given): ListRow[] {
  const ordered = [...steps].sort((a, b) => a.start - b.start || a.key.localeCompare(b.key));
  const groups = new Map<string, PlannedStep[]>();
  for (const step of ordered) {
    const key = groupOf(step, by, given);
    const own = groups.get(key);
    if (own) own.push(step);
    else groups.set(key, [step]);
  }
  return order([...groups.keys()], by, given).flatMap((key): ListRow[] => {
    const own = groups.get(key)!;
    const personMinutes = own.reduce((sum, step) => sum + step.personMinutes, 0);
    return [
      { kind: 'group', key, name: nameOf(key, by, given), steps: own.length, personMinutes },
      ...(given.folded.has(key) ? [] : own.map((step) => ({ kind: 'step' as const, step }))),
    ];
  });
}

const several = 'several';

function groupOf(step: PlannedStep, by: Grouping, { timeZone }: Given): string {
  switch (by) {
    case 'phase':
      return step.phase;
    case 'day':
      return localDateOf(step.start, timeZone);
    case 'section': {
      const bases = new Set(basesOf(step));
      return bases.size === 1 ? [...bases][0]! : several;
    }
  }
}

function order(keys: string[], by: Grouping, { sections }: Given): string[] {
  const rank: (key: string) => number =
    by === 'phase'
      ? (key) => phases.indexOf(key as (typeof phases)[number])
      : by === 'section'
        ? (key) => (key === several ? -1 : sections.findIndex((one) => one.key === key))
        : (key) => Date.parse(key);
  return keys.sort((a, b) => rank(a) - rank(b));
}

function nameOf(key: string, by: Grouping, { sections }: Given): string {
  switch (by) {
    case 'phase':
      return phaseNames[key as keyof typeof phaseNames];
    case 'day':
      return date(key);
    case 'section':
      return sections.find((one) => one.key === key)?.name ?? 'Several sections together';
  }
}
