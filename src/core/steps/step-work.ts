import { surfacesOf, type Surface } from '../surface';
import type { JobSection } from '../record';
import type { Part } from '../vehicle';
import type { Step } from './step';

/** What a step does, wherever it does it: the same work on other panels has the same words. */
export interface WorkDone {
  operation: string;
  /** Its word, with what is laid together: `block`, `build-1/build`, `colour/sealer`. */
  pass: string;
  round: number;
}

/**
 * The work of a step read from its key, which names nothing but ids: `shell:first/block-2` is the second round of
 * `block`, `body/build-1/build-1` the first coat of the pass `build-1`. Which panels of a section do a thing by
 * themselves (`shell/strip.RF`) is no matter of the work.
 */
export function workOf({ key, operation }: Pick<Step, 'key' | 'operation'>): WorkDone {
  const [, ...path] = key.split('/');
  const last = (path.pop() ?? key).replace(/\.[^.]*$/, '');
  const round = /-(\d+)$/.exec(last)?.[1];
  const word = round === undefined ? last : last.slice(0, -round.length - 1);
  return { operation, pass: [...path, word].join('/'), round: round === undefined ? 0 : Number(round) };
}

/** The surfaces of a job by the section or area each is worked in. */
export function surfacesBySection(
  parts: readonly Part[],
  sections: readonly JobSection[],
): ReadonlyMap<string, readonly Surface[]> {
  const found = new Map<string, Surface[]>();
  for (const surface of surfacesOf(parts, sections)) {
    const own = found.get(surface.section);
    if (own) own.push(surface);
    else found.set(surface.section, [surface]);
  }
  return found;
}

/** What surfaces a step works on: the faces it names of the panels of its sections; of what is shut, the outside. */
export function surfacesOfStep(
  step: Pick<Step, 'sections' | 'faces' | 'shut' | 'coat'>,
  bySection: ReadonlyMap<string, readonly Surface[]>,
): Surface[] {
  const worked = step.coat?.faces ?? step.faces;
  return step.sections.flatMap((section) =>
    (bySection.get(section) ?? []).filter(
      ({ face }) =>
        (worked === 'both' || worked === face) && !(face === 'inside' && step.shut.includes(section)),
    ),
  );
}
