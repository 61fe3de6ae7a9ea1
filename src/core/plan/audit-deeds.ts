import type { AuditCover, Deed, Removal } from '../audit';
import { takenByPass, type FilmFigures, type Shelf } from '../film';
import { filmOf, isTouchIn, ladderOf, type Operation, type Role } from '../steps';
import type { JobSection } from '../record';
import type { PlannedStep, SectionSummary } from './model';

/** What the deeds of a step are read from. */
export interface DeedGround {
  /** What edges carry and lose, and the texture that cutting takes. */
  clear: FilmFigures;
  shelf: Shelf;
  sections: ReadonlyMap<string, JobSection>;
  summaries: ReadonlyMap<string, SectionSummary>;
  /** Covers that a step lays, and those it pulls, by its key. */
  laid: ReadonlyMap<string, readonly AuditCover[]>;
  pulled: ReadonlyMap<string, readonly string[]>;
  /** High-build on a section that nobody has blocked yet, µm; kept up as the steps go by. */
  unblockedUm: Map<string, number>;
}

/**
 * What a step does to its surfaces, by the roles of its operation. Steps are asked in the order they begin, since blocking
 * takes its share of what was built since the last.
 */
export function deedsOf(step: PlannedStep, operation: Operation, ground: DeedGround): Deed[] {
  // Small patches say nothing of the film on the whole surface.
  if (step.coat && isTouchIn(step)) return [];
  if (step.coat) return [layOf(step, step.coat, ground)];
  return operation.does.flatMap((role) => deedOf(role, operation, step, ground));
}

function layOf(step: PlannedStep, coat: NonNullable<PlannedStep['coat']>, ground: DeedGround): Deed {
  if (coat.role === 'build')
    for (const section of step.sections)
      ground.unblockedUm.set(section, (ground.unblockedUm.get(section) ?? 0) + coat.dryUm);
  return {
    does: 'lay',
    product: coat.product,
    um: coat.dryUm,
    edgeUm: coat.dryUm * ground.clear.edgeShare,
    // The flash that the painter stands by is part of the step, and comes after the coat.
    by: step.end - Math.min(step.figure.flashMin, step.end - step.start),
  };
}

/** What work takes from the top film wherever it is done, µm; of spots nothing of the whole. */
const takes = ({
  scuffUm,
  nibsUm,
}: FilmFigures): Partial<Record<Role, { by: Removal; um: number; spots: boolean }>> => ({
  'strip-failed': { by: 'strip', um: 0, spots: true },
  'mend-metal': { by: 'strip', um: 0, spots: true },
  scuff: { by: 'scuff', um: scuffUm, spots: false },
  'scuff-spots': { by: 'scuff', um: scuffUm, spots: true },
  'block-filler': { by: 'block', um: 0, spots: true },
  nib: { by: 'polish', um: nibsUm, spots: true },
});

/** Cutting between sessions of clear takes the texture from the gun. */
const cutOf = ({ clear }: DeedGround) => ({ by: 'cut' as const, um: clear.textureUm, spots: false });

function deedOf(role: Role, operation: Operation, step: PlannedStep, ground: DeedGround): Deed[] {
  const taken = role === 'cut' ? cutOf(ground) : takes(ground.clear)[role];
  if (taken) return [{ does: 'take', um: taken.um, edgeUm: taken.um, by: taken.by, spots: taken.spots }];
  switch (role) {
    case 'strip':
      return [{ does: 'take', um: 'all', edgeUm: 0, by: 'strip', spots: false }];
    case 'fill':
    case 'texture':
      return spreadOf(ground, operation);
    case 'seal-seams':
      return [{ does: role }, ...spreadOf(ground, operation)];
    case 'block':
      return blocked(step, ground);
    case 'sand':
      return finished(step, 'sand', ground);
    case 'polish':
      return finished(step, 'polish', ground);
    case 'treat':
    case 'bare':
      return [{ does: 'treat' }];
    case 'spot-prime':
      return [{ does: 'prime-spots' }];
    case 'wipe':
      return [{ does: 'wipe' }];
    case 'cover-others':
    case 'cover-fields':
    case 'uncover-fields':
    case 'cover-outside':
    case 'cover-inside':
    case 'cover-kept':
    case 'uncover-kept':
    case 'uncover':
    case 'uncover-wet':
      return covering(step, ground);
    case 'clean-room':
    case 'off':
    case 'fit':
    case 'hang':
    case 'turn':
    case 'set-gaps':
    case 'wax':
    case 'approve':
    case 'look-again':
    case 'hand-over':
      return [{ does: role }];
    default:
      // Looking, washing and the covers of the stripping leave no mark that a law asks for.
      return [];
  }
}

/** What was spread, by its sheet; nothing where the work uses no film. */
function spreadOf({ shelf }: DeedGround, operation: Operation): Deed[] {
  const film = filmOf(operation, shelf);
  return film ? [{ does: 'spread', product: film.code }] : [];
}

function covering(step: PlannedStep, { laid, pulled }: DeedGround): Deed[] {
  const own = laid.get(step.key) ?? [];
  const off = (pulled.get(step.key) ?? []).map((cover): Deed => ({ does: 'uncover', cover }));
  return [...off, ...own.map((cover): Deed => ({ does: 'cover', cover: cover.key }))];
}

/** Blocking takes its share of what was built on an area since the last; a second going over it only its scratches. */
function blocked(step: PlannedStep, { unblockedUm, clear }: DeedGround): Deed[] {
  // The first grit of a round has taken its share; the next only take out its scratches.
  if (step.grit !== null && step.grit.nth > 1) return [];
  const byUm = new Map<number, string[]>();
  for (const section of step.sections) {
    const builtUm = unblockedUm.get(section) ?? 0;
    byUm.set(builtUm, [...(byUm.get(builtUm) ?? []), section]);
    unblockedUm.set(section, 0);
  }
  return [...byUm].map(([builtUm, sections]): Deed => {
    const { scuffUm, blockedShare, blockedEdgeShare } = clear;
    const um = builtUm === 0 ? scuffUm : builtUm * blockedShare;
    const edgeUm = builtUm === 0 ? scuffUm : builtUm * clear.edgeShare * blockedEdgeShare;
    return { does: 'take', um, edgeUm, by: 'block', spots: false, sections };
  });
}

/** What one grit or pad takes of each of its areas; all of the sequence where the shop has made one step of it. */
function finished({ grit, sections }: PlannedStep, by: 'sand' | 'polish', ground: DeedGround): Deed[] {
  const takes = grit?.takes ?? sections.map((section) => wholeOf(section, by, ground));
  return takes.map(({ section, flatUm, edgeUm }) => ({
    does: 'take',
    um: flatUm,
    edgeUm,
    by,
    spots: false,
    sections: [section],
  }));
}

function wholeOf(key: string, by: 'sand' | 'polish', { sections, summaries, clear }: DeedGround) {
  const section = sections.get(key);
  const ladder = section ? ladderOf(section) : { steps: [] };
  const taken = takenByPass(ladder, summaries.get(key)?.clear ?? null, clear.edgeTakes).filter(
    (_, i) => (typeof ladder.steps[i]!.grit === 'number') === (by === 'sand'),
  );
  const sum = (value: (one: (typeof taken)[number]) => number) =>
    taken.reduce((total, one) => total + value(one), 0);
  return { section: key, flatUm: sum((one) => one.flatUm), edgeUm: sum((one) => one.edgeUm) };
}
