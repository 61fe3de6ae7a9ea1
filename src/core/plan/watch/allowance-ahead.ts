import { stepLogs, type MatchedEntry } from '../../log';
import { surfacesOfStep, type Catalogue } from '../../steps';
import { panelOfSurface, type Surface } from '../../surface';
import type { Allowance } from '../../survey';
import type { PlannedStep } from '../model';
import type { AllowanceShort } from './model';

interface Ground {
  entries: Catalogue;
  /** The log on the steps of today. */
  matched: readonly MatchedEntry[];
  surfaces: ReadonlyMap<string, readonly Surface[]>;
}

/**
 * Holds the allowance against what the stripped panels have shown: found ÷ area stripped × area to strip. Follows the panels
 * from the first one on, also where a step is ended on some of its panels alone.
 */
export function allowanceAhead(
  allowance: Allowance | null,
  steps: readonly PlannedStep[],
  { entries, matched, surfaces }: Ground,
): AllowanceShort[] {
  // Where nothing is held for hidden damage there is nothing to run short of.
  if (!allowance || allowance.foundMin === 0 || allowance.share === 0) return [];
  const logs = stepLogs(matched);
  /** By panel: its area, and whether all that strips it is done. */
  const panels = new Map<string, { m2: number; done: boolean }>();
  for (const step of steps) {
    if (step.skipped || !entries.get(step.operation)?.does.includes('strip')) continue;
    const own = logs.get(step.key);
    for (const surface of surfacesOfStep(step, surfaces)) {
      const key = panelOfSurface(surface.key);
      const seen = panels.get(key) ?? { m2: 0, done: true };
      seen.m2 += surface.areaM2;
      seen.done &&= step.state === 'done' || own?.endedOn.has(surface.key) === true;
      panels.set(key, seen);
    }
  }
  const all = [...panels.values()];
  const open = all.filter((one) => one.done);
  const areaOf = (list: typeof all) => list.reduce((sum, one) => sum + one.m2, 0);
  if (areaOf(open) === 0) return [];
  const { heldMin, foundMin } = allowance;
  const projectedMin = Math.round((foundMin * areaOf(all)) / areaOf(open));
  if (projectedMin <= heldMin) return [];
  const counts = { panelsDone: open.length, panels: all.length };
  return [{ code: 'allowance-short', heldMin, foundMin, projectedMin, ...counts }];
}
