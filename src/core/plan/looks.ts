import { surfaceStates, type JobSection, type SurfaceCover, type SurfaceStep } from '../record';
import { catalogueWith, type Operation } from '../steps';
import { surfacesOf } from '../surface';
import type { Minute } from '../units';
import type { Part } from '../vehicle';
import { coveringOf } from './audit-covers';
import type { Plan, PlannedCover, PlannedStep } from './model';

/**
 * What each mask covers of the outsides, none where it only tapes glass and trim: from the end of the masking to the end of
 * the step that pulls it.
 */
/** What lies covered does not hang on how long its tape is rated. */
const anyRating = () => 0;

export function coversOn(
  steps: readonly PlannedStep[],
  parts: readonly Part[],
  sections: readonly JobSection[],
  operations: readonly Operation[],
): PlannedCover[] {
  const outsides = surfacesOf(parts, sections).filter((one) => one.face === 'outside');
  const areaOf = new Map(outsides.map((one) => [one.key, one.section]));
  const { laid, pulled } = coveringOf(steps, outsides, catalogueWith(operations), anyRating);
  const ends = new Map(steps.map((step) => [step.key, step.end]));
  const off = new Map([...pulled].flatMap(([by, covers]) => covers.map((key) => [key, by])));
  return [...laid].flatMap(([step, own]) =>
    own.map(({ key, over }) => {
      const pulledBy = off.get(key) ?? null;
      return {
        step,
        pulledBy,
        sections: [...new Set(over.map((surface) => areaOf.get(surface)!))],
        from: ends.get(step)!,
        to: pulledBy === null ? null : ends.get(pulledBy)!,
      };
    }),
  );
}

/**
 * What the look of the areas follows from: steps that leave a mark, and what lies covered. What gets its paint next lies
 * open however it is masked round, so that masking shows by its covers alone.
 */
export const looksOf = ({
  steps,
  covers,
}: Pick<Plan, 'steps' | 'covers'>): { steps: SurfaceStep[]; covers: SurfaceCover[] } => ({
  steps: steps.flatMap(({ sections, end, leaves, skipped }) =>
    leaves === null || leaves === 'masked' || skipped ? [] : [{ sections: [...sections], end, leaves }],
  ),
  covers,
});

/** The look of each work area of a plan at a minute, by its key. */
export function areaStates(
  plan: Pick<Plan, 'steps' | 'covers' | 'sections'>,
  at: Minute,
): Map<string, string> {
  const looks = looksOf(plan);
  const areas = plan.sections.map((one) => one.section);
  return surfaceStates(looks.steps, areas, at, looks.covers);
}
