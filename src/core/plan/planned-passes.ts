import { costOf, type Pass, type Programme } from '../programme';
import type { Minute } from '../units';
import type { PlannedProgramme, PlannedStay, PlannedStep } from './model';

/** The programme with the days of the plan; what lies beneath each cover is left out, it is told by its area. */
export function plannedProgramme(
  programme: Programme,
  stays: readonly PlannedStay[],
  steps: readonly PlannedStep[],
): PlannedProgramme {
  const covers = new Map(programme.covers.map((cover) => [cover.key, cover]));
  const sessions = new Map(
    stays.flatMap((stay) => (stay.kind === 'session' ? [[stay.key, stay.start] as const] : [])),
  );
  /** A booth session begins with its loading; a rolled coat by itself. */
  const startOf = (pass: Pass): Minute | null => {
    const coats = steps.filter((step) => step.pass === pass.key);
    const own = coats.map((step) => (step.hold === null ? undefined : sessions.get(step.hold)) ?? step.start);
    return own.length > 0 ? Math.min(...own) : null;
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
