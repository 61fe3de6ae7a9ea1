import type { AuditCover } from '../audit';
import { tapeRatedDays } from '../film';
import type { Catalogue } from '../steps';
import type { Surface } from '../surface';
import type { PlannedStep } from './model';

export interface Covering {
  /** By the key of the step that lays it. */
  laid: Map<string, AuditCover>;
  /** Covers by the key of the step that pulls them. */
  pulled: Map<string, string[]>;
}

type Kind = 'cover-others' | 'cover-outside' | 'cover-inside' | 'cover-kept';
const kinds: readonly Kind[] = ['cover-others', 'cover-outside', 'cover-inside', 'cover-kept'];

/** What each masking step claims to cover, and which step takes it off again. */
export function coveringOf(
  steps: readonly PlannedStep[],
  surfaces: readonly Surface[],
  entries: Catalogue,
): Covering {
  const covering: Covering = { laid: new Map(), pulled: new Map() };
  const rolesOf = (step: PlannedStep) => entries.get(step.operation)?.does ?? [];
  const painted = new Set(steps.flatMap((step) => (step.coat ? step.sections : [])));
  const done = steps.filter((step) => !step.skipped).sort((a, b) => a.start - b.start);
  for (const step of done) {
    const kind = kinds.find((one) => rolesOf(step).includes(one));
    if (!kind) continue;
    const { over, edgesOn } = coveredBy(kind, step, surfaces, painted);
    covering.laid.set(step.key, { key: step.key, over, edgesOn, ratedDays: tapeRatedDays });
    const pulls = done.filter(
      (one) => one.start >= step.end && sharesSection(one, step) && isPulledBy(kind, rolesOf(one)),
    );
    // A lot is masked at once and unmasked section by section: it is open when the last of them is.
    const last = kind === 'cover-outside' || kind === 'cover-kept' ? pulls[0] : pulls.at(-1);
    if (last) covering.pulled.set(last.key, [...(covering.pulled.get(last.key) ?? []), step.key]);
  }
  return covering;
}

const sharesSection = (a: PlannedStep, b: PlannedStep) =>
  a.sections.some((section) => b.sections.includes(section));

/** Back-taped outsides are open again when the insides are masked shut; the rest comes off with the unmasking. */
const isPulledBy = (kind: Kind, roles: readonly string[]): boolean =>
  // An airframe is unmasked in one go, a body part by part.
  (kind === 'cover-kept' && roles.includes('uncover-kept')) ||
  roles.includes('uncover') ||
  roles.includes('uncover-wet') ||
  (kind === 'cover-outside' && roles.includes('cover-inside'));

function coveredBy(
  kind: Kind,
  step: PlannedStep,
  surfaces: readonly Surface[],
  painted: ReadonlySet<string>,
): Pick<AuditCover, 'over' | 'edgesOn'> {
  const own = surfaces.filter((one) => step.sections.includes(one.section));
  const bodies = new Set(own.map((one) => one.body));
  const others = surfaces.filter((one) => bodies.has(one.body) && !step.sections.includes(one.section));
  const faceOf = (list: readonly Surface[], face: Surface['face']) =>
    list.flatMap((one) => (one.face === face ? [one.key] : []));
  switch (kind) {
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
    case 'cover-others':
      return { over: others.map((one) => one.key), edgesOn: faceOf(others, 'outside') };
  }
}
