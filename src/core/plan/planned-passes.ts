import { costOf, type Pass, type Programme } from '../programme';
import type { Minute } from '../units';
import type { PlannedProgramme, PlannedStay, PlannedStep } from './model';

/** Words of a session's key by what the pass lays; the builder keys sessions by these. */
const sessionWords: Record<Pass['role'], readonly string[]> = {
  prime: ['epoxy'],
  build: ['build'],
  inside: ['insides'],
  colour: ['paint', 'topcoat'],
  clear: ['clear'],
};

/** The programme with the days of the plan; what lies beneath each cover is left out, it is told by its area. */
export function plannedProgramme(
  programme: Programme,
  stays: readonly PlannedStay[],
  steps: readonly PlannedStep[],
): PlannedProgramme {
  const covers = new Map(programme.covers.map((cover) => [cover.key, cover]));
  const starts = new Map(stays.map((stay) => [stay.key, stay.start]));
  const rolled = (pass: Pass): Minute | null => {
    const own = steps.filter(
      (step) => step.coat && step.sections.some((section) => pass.areas.includes(section)),
    );
    return own.length > 0 ? Math.min(...own.map((step) => step.start)) : null;
  };
  const startOf = (pass: Pass): Minute | null => {
    if (pass.application === 'roll') return rolled(pass);
    const nth = pass.round > 0 ? `-${pass.round}` : '';
    const keys = sessionWords[pass.role].map((word) => `${pass.scope}/${word}${nth}`);
    return keys.map((key) => starts.get(key)).find((start) => start !== undefined) ?? null;
  };
  return {
    cost: costOf(programme),
    passes: programme.passes.map((pass) => {
      const cover = pass.cover === null ? undefined : covers.get(pass.cover);
      return {
        ...pass,
        cover: cover
          ? {
              overM2: cover.overM2,
              edgesM: cover.edgesM,
              edgeOn: cover.edgeOn,
              offBefore: cover.offBefore,
            }
          : null,
        starts: startOf(pass),
      };
    }),
  };
}
