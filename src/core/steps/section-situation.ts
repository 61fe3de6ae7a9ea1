import { homeOf } from '../programme';
import { clearSessionSizes, effectFamilies, levelStandards, type Product } from '../film';
import { clockOf, type Job, type JobSection, type Schools } from '../record';
import type { Part } from '../vehicle';
import type { Group } from './group';
import { hullFairing, polishingRate, sandingRate } from './level-work';
import { optionsOf, schoolsOf, type SchoolCase } from './schools';
import type { Route, SectionSituation, SituationFlag } from './situation';
import { ladderOf, type SectionStack } from './stack';
import { stripMethod } from './stripping';
import type { LoopKey } from './work-state';

const isEffect = (product: Product): boolean =>
  product.coating !== null && effectFamilies.has(product.coating.family);

/** Length of an open hull that some people still turn over, m. */
const turnedByHandM = 6.5;

/** What decides the defaults of the schools for a section. */
function schoolCase(
  job: Job,
  route: Route,
  section: JobSection,
  parts: readonly Part[],
  stack: SectionStack,
): SchoolCase {
  const sum = (value: (part: Part) => number) => parts.reduce((total, part) => total + value(part), 0);
  const outside = sum((part) => part.outsideM2);
  const laid = stack.layers.filter((layer) => layer.coats > 0);
  return {
    route,
    level: section.level,
    depth: section.depth,
    loose: section.loose,
    heavyHull: job.bodyKind === 'decked-hull' || (job.dimensions.length ?? 0) > turnedByHandM,
    bodyAlike: job.sections.some(
      (one) => !one.loose && one.system === section.system && one.colour === section.colour,
    ),
    effectColour: laid.some((layer) => isEffect(layer.product)),
    etched: laid[0]?.role === 'etch',
    insideShare: outside > 0 ? sum((part) => part.insideM2) / outside : 0,
  };
}

/** The schools a section of a job follows, each with where it comes from. */
export function schoolsTaken(
  job: Job,
  route: Route,
  section: JobSection,
  parts: readonly Part[],
  stack: SectionStack,
): ReturnType<typeof schoolsOf> {
  const given = schoolCase(job, route, section, parts, stack);
  const own = schoolsOf(given, section.schools, job.schools);
  if (section.lead === undefined) return own;
  // What is sprayed together is worked by the methods of the highest level in it; each is blocked to its own.
  const together = schoolsOf({ ...given, level: section.lead }, section.schools, job.schools);
  return { ...together, 'block-finish': own['block-finish'], blocks: own.blocks };
}

/** A section's situation as the survey, its level, system, film and schools make it. */
export function situationOf(job: Job, route: Route, group: Group, section: JobSection): SectionSituation {
  const parts = group.partsOf(section);
  const stack = group.stackOf(section);
  const beside = group.sections.filter((one) => clockOf(one) === clockOf(section));
  // A field goes through the shop as its panels do, whatever is laid on it.
  const panels = section.field === undefined ? section : (beside.find((one) => !one.field) ?? section);
  const asPanels = { ...section, system: panels.system, colour: panels.colour };
  const taken = schoolsTaken(job, route, asPanels, beside.flatMap(group.partsOf), group.stackOf(panels));
  const chosen = optionsOf(taken);
  const isApart = panels.insideColour !== null && chosen.openings === 'one-go';
  // Two colours meet at a line.
  const schools: Schools = isApart ? { ...chosen, openings: 'first-hard' } : chosen;
  return {
    route,
    substrate: section.substrate,
    depth: section.depth,
    level: section.level,
    old: section.oldFinish,
    strip: stripMethod(section).operation,
    lays: new Set(stack.layers.filter((layer) => layer.coats > 0).map((layer) => layer.role)),
    flags: flagsOf(job, route, section, parts, stack, schools),
    schools,
  };
}

function flagsOf(
  job: Job,
  route: Route,
  section: JobSection,
  parts: readonly Part[],
  stack: SectionStack,
  schools: Schools,
): Set<SituationFlag> {
  const surveys = parts.map((part) => job.surveyed.find((one) => one.key === part.key));
  const ladder = ladderOf(section);
  const laid = stack.layers.filter((layer) => layer.coats > 0);
  const painted = laid.length > 0;
  const hasOldPaint = section.oldFinish !== 'gelcoat' && section.oldFinish !== 'none';
  const base = section.base ?? section.key;
  // On a hull only a hard two-part topcoat at Show and above is cut and polished; on a skin nothing is.
  const hardHull =
    (section.level === 'Show' || section.level === 'Mirror') &&
    laid.some((layer) => layer.role === 'topcoat' && layer.product.hazards.includes('isocyanate'));
  const finishes = route === 'panel' || (route === 'hull' && hardHull);
  const levels = finishes && sandingRate(ladder) > 0;
  const holds: [SituationFlag, boolean][] = [
    ['recorded', job.surveyed.length + job.marks.length + job.readings.length > 0],
    ['loose', section.loose],
    ['painted', painted],
    ['topcoated', laid.some((_, at) => homeOf(laid, at) === 'colour')],
    ['beads', parts.some((part) => part.beadM + part.rivetM > 0)],
    ['seams', parts.some((part, i) => part.seamM > 0 && surveys[i]?.seams !== 'sealed')],
    ['openings', parts.some((part) => part.insideM2 > 0)],
    ['lead-untested', painted && hasOldPaint && untested(surveys, (one) => one.leadTest)],
    [
      'solvent-untested',
      painted && hasOldPaint && section.depth !== 'bare' && untested(surveys, (one) => one.solventTest),
    ],
    ['antifouling', laid.some((layer) => layer.role === 'antifouling')],
    [
      'reference',
      surveys.some((one) => one !== undefined && one.reference !== '' && one.referenceColour === null),
    ],
    ['effect-colour', laid.some((layer) => isEffect(layer.product))],
    // Other film than clear has no budget that could spare the tape.
    ['tape-edges', stack.clear ? stack.clear.tapeThrough !== null : painted && levels],
    ['levels', levels],
    ['polishes', finishes && polishingRate(ladder) > 0],
    // What is only corrected has no film but the one it came with.
    ['kept-film', !painted && finishes && polishingRate(ladder) + sandingRate(ladder) > 0],
    ['hand-ladder', ladder.hand],
    ['stripe', base === 'boot-top' || section.narrow === true],
    ['field', section.field !== undefined],
    ['leaf', parts.some((part) => (part.leafM ?? 0) > 0)],
    ['on-stands', painted && base === 'bottom' && schools['hull-stand'] === 'on-stands'],
    ['second-side', section.hullSide === 'second'],
    ['clear-over', section.clearOver !== undefined && stack.clear !== null && painted],
    ['partial', job.surveyed.some((one) => one.absent) && section.depth !== 'bare' && painted],
  ];
  return new Set(holds.flatMap(([flag, is]) => (is ? [flag] : [])));
}

type Survey = Job['surveyed'][number];
const untested = (surveys: readonly (Survey | undefined)[], test: (one: Survey) => string): boolean =>
  surveys.length === 0 || surveys.some((one) => one === undefined || test(one) === 'not-tested');

/** Topmost clears in each session: as many as the product takes at once, or half and half where they are cut flat between. */
export function clearSessions(
  { layers }: SectionStack,
  { route, schools }: Pick<SectionSituation, 'route' | 'schools'>,
): number[] {
  const clear = layers.findLast((layer) => layer.role === 'clear');
  if (!clear || clear.coats === 0) return [];
  // An airframe gets all of its coats in one session, within the window of its epoxy.
  if (route !== 'panel') return [clear.coats];
  const { coatsPerSession } = clear.product.coating!;
  return clearSessionSizes(clear.coats, coatsPerSession, schools.clears === 'cut-and-clear');
}

/** How often a section goes through each loop. */
export function roundsOf(
  section: JobSection,
  stack: SectionStack,
  situation: SectionSituation,
): Record<LoopKey, number> {
  const standard = levelStandards[section.level];
  // Nothing is built up over a finish that is only scuffed, unless coats of it were typed.
  const builds = situation.route === 'panel' && situation.lays.has('build');
  // No round without a coat of its own.
  const coats = stack.layers.find((layer) => layer.role === 'build')?.coats ?? 0;
  const fills = situation.route === 'panel' && section.depth !== 'scuff';
  const fairs = situation.route === 'hull' && !situation.flags.has('antifouling');
  return {
    filler:
      fairs || fills
        ? (section.rounds.filler ?? (fairs ? hullFairing[section.level] : standard.fillerRounds))
        : 0,
    build: builds ? Math.min(coats, Math.max(1, section.rounds.build ?? standard.blockRounds)) : 0,
    clears: Math.max(0, clearSessions(stack, situation).length - (situation.flags.has('clear-over') ? 0 : 1)),
  };
}
