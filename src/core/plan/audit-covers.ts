import type { AuditCover } from '../audit';
import type { Catalogue, Role } from '../steps';
import type { Surface } from '../surface';
import { coverRoles, isCoverRole, pulls, type CoverRole } from './cover-roles';
import type { PlannedStep } from './model';
import type { TapeRating } from './tape-rating';

export interface Covering {
  /** By the key of the step that lays them. */
  laid: Map<string, AuditCover[]>;
  /** Covers by the key of the step that pulls them. */
  pulled: Map<string, string[]>;
}

/** What each masking step claims to cover, and which step takes it off again. */
export function coveringOf(
  steps: readonly PlannedStep[],
  surfaces: readonly Surface[],
  entries: Catalogue,
  rated: TapeRating,
): Covering {
  const covering: Covering = { laid: new Map(), pulled: new Map() };
  const rolesOf = (step: PlannedStep) => entries.get(step.operation)?.does ?? [];
  const painted = new Set(steps.flatMap((step) => (step.coat ? step.sections : [])));
  const done = steps.filter((step) => !step.skipped).sort((a, b) => a.start - b.start);
  for (const step of done) {
    const role = rolesOf(step).find(isCoverRole);
    if (!role) continue;
    const { over, edgesOn } = coveredBy(role, step, { surfaces, painted });
    const later = done.filter((one) => one.start >= step.end && sharesSection(one, step));
    // What is masked once more was pulled before.
    const again = later.find((one) => role === 'cover-others' && rolesOf(one).includes(role));
    const ends = later.filter((one) => pulls(role, rolesOf(one)) && (!again || one.end <= again.start));
    const end = coverRoles[role].ends === 'first' ? ends[0] : ends.at(-1);
    const until = end?.end ?? Infinity;
    const cover = { key: step.key, over, edgesOn, ratedDays: rated(step, until) };
    const opened =
      role === 'cover-others' ? openedLater(step, cover, { done, rolesOf, surfaces, until }) : [];
    const early = new Set(opened.flatMap(({ cover: part }) => part.over));
    const isLeft = (key: string) => !early.has(key);
    covering.laid.set(step.key, [
      { ...cover, over: over.filter(isLeft), edgesOn: edgesOn.filter(isLeft) },
      ...opened.map(({ cover: part }) => part),
    ]);
    const pull = (by: string, key: string) =>
      covering.pulled.set(by, [...(covering.pulled.get(by) ?? []), key]);
    if (end) pull(end.key, step.key);
    for (const { by, cover: part } of opened) pull(by, part.key);
  }
  return covering;
}

/** What a later colour's mask opens of a cover that stays on for the rest: its own field. */
function openedLater(
  step: PlannedStep,
  cover: AuditCover,
  given: {
    done: readonly PlannedStep[];
    rolesOf(step: PlannedStep): readonly Role[];
    surfaces: readonly Surface[];
    until: number;
  },
): { by: string; cover: AuditCover }[] {
  const left = new Set(cover.over);
  return given.done.flatMap((later) => {
    const isMask = given.rolesOf(later).includes('cover-others');
    if (!isMask || later.start < step.end || later.end >= given.until || sharesSection(later, step))
      return [];
    const own = given.surfaces.flatMap((one) =>
      later.sections.includes(one.section) && left.delete(one.key) ? [one.key] : [],
    );
    if (own.length === 0) return [];
    const edgesOn = cover.edgesOn.filter((key) => own.includes(key));
    return [{ by: later.key, cover: { ...cover, key: `${step.key}|${later.key}`, over: own, edgesOn } }];
  });
}

const sharesSection = (a: PlannedStep, b: PlannedStep) =>
  a.sections.some((section) => b.sections.includes(section));

function coveredBy(
  role: CoverRole,
  step: PlannedStep,
  { surfaces, painted }: { surfaces: readonly Surface[]; painted: ReadonlySet<string> },
): Pick<AuditCover, 'over' | 'edgesOn'> {
  const own = surfaces.filter((one) => step.sections.includes(one.section));
  const bodies = new Set(own.map((one) => one.body));
  const others = surfaces.filter((one) => bodies.has(one.body) && !step.sections.includes(one.section));
  const faceOf = (list: readonly Surface[], face: Surface['face']) =>
    list.flatMap((one) => (one.face === face ? [one.key] : []));
  switch (role) {
    case 'cover-inside':
      return { over: faceOf(own, 'inside'), edgesOn: faceOf(own, 'inside') };
    case 'cover-outside':
      return {
        over: [...faceOf(own, 'outside'), ...others.map((one) => one.key)],
        edgesOn: faceOf(own, 'outside'),
      };
    case 'cover-kept': {
      const kept = others.filter((one) => !painted.has(one.section));
      return { over: kept.map((one) => one.key), edgesOn: faceOf(kept, 'outside') };
    }
    case 'cover-fields': {
      const panels = new Set(own.map((one) => one.panel));
      const there = others.filter((one) => step.covering.includes(one.section) && one.face === 'outside');
      return {
        over: there.map((one) => one.key),
        edgesOn: there.flatMap((one) => (panels.has(one.panel) ? [one.key] : [])),
      };
    }
    case 'cover-others':
      return { over: others.map((one) => one.key), edgesOn: faceOf(others, 'outside') };
  }
}
