import { gritSteps, type GritStep, levelStandards, workLadders, type Ladder } from '../film';
import type { JobSection } from '../record';
import type { Route } from './situation';

/** A ladder of the work beneath the colour, with the steps that are too long for the last scratches. */
export interface StageLadder extends Pick<Ladder, 'name' | 'why' | 'hand'> {
  steps: { grit: number; verdict: GritStep['verdict'] | null }[];
}

/**
 * Ladders a section goes through before its colour, in working order, by substrate, depth, level and schools. A metal skin
 * of an airframe is neither filled nor blocked; Keep has no rounds.
 */
export function laddersBeneath(
  {
    substrate,
    depth,
    level,
    schools,
    method,
  }: Pick<JobSection, 'substrate' | 'depth' | 'level' | 'schools' | 'method'>,
  route: Route,
): StageLadder[] {
  const keys: string[] = [];
  const standard = levelStandards[level];
  const soft = substrate === 'aluminium' || substrate === 'galvanised';
  if (depth === 'bare' && method !== 'chemical') keys.push(soft ? 'strip-aluminium' : 'strip-steel');
  if (route !== 'aircraft' && standard.fillerRounds > 0) keys.push('filler');
  if (route === 'panel' && standard.blockRounds > 0)
    keys.push(schools['block-finish'] === 'stop-220' ? 'stop-220' : 'block-on');
  if (route === 'hull') keys.push('between-roller');
  if (route === 'panel' && schools.clears === 'cut-and-clear') keys.push('between-sessions');
  return keys.flatMap((key) => {
    const ladder = workLadders.find((one) => one.key === key);
    return ladder ? [stageOf(ladder)] : [];
  });
}

function stageOf({ name, why, hand, steps }: Ladder): StageLadder {
  const grits = steps.flatMap(({ grit }) => (typeof grit === 'number' ? [grit] : []));
  const verdicts = new Map(
    gritSteps(grits, hand ? 'block' : 'machine').map((step) => [step.to, step.verdict]),
  );
  return { name, why, hand, steps: grits.map((grit) => ({ grit, verdict: verdicts.get(grit) ?? null })) };
}
