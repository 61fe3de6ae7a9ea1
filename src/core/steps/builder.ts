import { systemOfColour, type StepFact } from '../record';
import { bodyKindOf } from '../vehicle';
import { addStepsByHand } from './added-steps';
import { waitForVendors } from './away';
import { applyStepEdits } from './hand-edits';
import { StepDraft, type StepContext } from './draft';
import { withPastLines } from './field-family';
import { addFittings } from './fittings';
import {
  checkGates,
  checkHolds,
  checkLead,
  checkPatches,
  checkReferenceSpots,
  holdWhatFollows,
  holdWhatNobodyCan,
} from './gates';
import { Emission } from './emit';
import { factsOfGrits } from './grit-passes';
import { groupsOf } from './group';
import { leaveOutOvertaken } from './overtaken';
import { warnOfKeptFilm } from './kept-film';
import { addRepairs } from './repairs';
import { warnOfSpots } from './spot-film';
import { programmeOfWorks } from './programme-areas';
import { cardGrounds } from './card-grounds';
import { checkSamples, flagSamples, withVerdicts } from './samples';
import { sectionWorks, type SectionWork } from './section-work';
import type { Route } from './situation';
import { MethodRing } from './method-ring';
import { tasksOf } from './task';
import { addTrades, holdBehindFirstArticle, waitForOthers } from './trades';
import type { StepNetwork } from './step';

/** Room to walk and spray around a vehicle in the booth, m at each end. */
const walkRoomM = 0.75;

/**
 * From parts, survey, system and level to the network of steps, each with its minutes, needs, cautions and reasons:
 * found backwards from the goal over the states that operations need and make. Keys of steps stay the same for the same
 * work, so facts and pins find them again.
 */
export function buildSteps(context: StepContext): StepNetwork {
  try {
    return buildWith(context);
  } catch (error) {
    // The shop's own entries may wait for each other on a job nobody thought of; the trade's never do.
    if (!(error instanceof MethodRing) || (context.operations ?? []).length === 0) throw error;
    const network = buildWith({ ...context, operations: [] });
    network.warnings.push({ code: 'own-operations-ignored', ring: error.message });
    return network;
  }
}

function buildWith(context: StepContext): StepNetwork {
  const draft = new StepDraft(context);
  const kind = bodyKindOf(context.job.bodyKind);
  const works = kind ? addWork(draft, kind.route) : [];
  addFittings(draft);
  // What goes between the steps of the trade has to know how far they are.
  if (context.factsOf && context.job.repairs.length > 0)
    draft.network.facts = factsOn(draft, context.factsOf);
  addRepairs(draft, works);
  warnOfSpots(draft, works);
  addTrades(draft);
  addStepsByHand(draft);
  draft.network.facts = factsOn(draft, context.factsOf);
  waitForVendors(draft);
  waitForOthers(draft);
  checkGates(draft);
  holdBehindFirstArticle(draft);
  checkReferenceSpots(draft);
  checkHolds(draft);
  checkLead(draft, works);
  checkPatches(draft, works);
  checkSamples(draft, works);
  applyStepEdits(draft);
  leaveOutOvertaken(draft);
  checkPlaces(draft);
  holdWhatNobodyCan(draft);
  holdWhatFollows(draft);
  return draft.network;
}

/** What is known of the steps that stand so far. */
const factsOn = ({ network: { steps, facts } }: StepDraft, factsOf: StepContext['factsOf']): StepFact[] =>
  factsOfGrits(steps, factsOf ? factsOf(steps) : facts);

/** From the state of every section to its goal: tasks, then steps with their stays, sessions and windows. */
function addWork(draft: StepDraft, route: Route): SectionWork[] {
  const groups = groupsOf(draft);
  const main = groups.find((group) => !group.loose) ?? groups[0];
  if (!main) return [];
  const works = sectionWorks(draft.context.job, route, groups);
  for (const [work, grounds] of cardGrounds(draft.context.job, works)) work.grounds = grounds;
  flagSamples(works, draft.context.shop);
  const programme = withPastLines(programmeOfWorks(works, draft.context.job.colourOrder, draft), works);
  draft.network.programme = programme;
  const tasks = tasksOf(works, programme, main, draft.entries);
  withVerdicts(tasks, works, draft.context.job);
  const bySection = new Map(works.map((work) => [work.section.key, work]));
  new Emission(draft, bySection, programme, tasks, route === 'hull').all();
  for (const { section, situation } of works)
    if (situation.route === 'panel' && section.depth === 'scuff' && gloss.has(section.level))
      draft.warn({ code: 'gloss-over-straightness', section: section.key });
  for (const { section, situation } of works)
    if (situation.flags.has('painted') && section.depth === 'scuff' && section.oldFinish === 'peeling-clear')
      draft.warn({ code: 'lifting-kept', section: section.key });
  // What gets no film keeps the one it has: stripped, it would be left bare.
  for (const { section, situation } of works)
    if (section.depth !== 'scuff' && !situation.flags.has('painted'))
      draft.warn({ code: 'kept-not-stripped', section: section.key });
  warnOfEffectsApart(draft, works);
  warnOfKeptFilm(draft, works);
  // A shelf of before there was leaf: without its size nothing says how long it has to set.
  for (const { section, situation } of works)
    if (situation.flags.has('leaf') && !draft.context.shelf.has(leafSize))
      draft.warn({ code: 'product-missing', product: leafSize, section: section.key });
  return works;
}

/** Effect colours belong into one session: sections of one of them that are painted apart are named. */
function warnOfEffectsApart(draft: StepDraft, works: readonly SectionWork[]): void {
  const lots = new Map<string, SectionWork[]>();
  for (const work of works.filter((one) => one.situation.flags.has('effect-colour'))) {
    const colour = `${work.section.colour} ${systemOfColour(work.section.system)}`;
    lots.set(colour, [...(lots.get(colour) ?? []), work]);
  }
  for (const same of lots.values())
    if (new Set(same.map((work) => work.lot)).size > 1)
      draft.warn({ code: 'effect-apart', sections: same.map((work) => work.section.key) });
}

/** What leaf is laid in. */
const leafSize = 'leaf-size';

/** Levels whose gloss shows what was not straightened. */
const gloss: ReadonlySet<string> = new Set(['Show', 'Mirror']);

function checkPlaces(draft: StepDraft): void {
  const { shop, job } = draft.context;
  const kinds = new Set([
    ...draft.network.stays.map((stay) => stay.placeKind),
    // The yard is any place outside: a shop need not list it.
    ...draft.network.steps.flatMap((step) => (step.place === 'yard' ? [] : (step.place ?? []))),
  ]);
  for (const placeKind of kinds)
    if (!shop.places.some((place) => place.kind === placeKind)) draft.warn({ code: 'no-place', placeKind });
  const booths = shop.places.filter((place) => place.kind === 'booth');
  const neededM = (job.dimensions.length ?? 0) + 2 * walkRoomM;
  const longest = Math.max(0, ...booths.map((booth) => booth.lengthM));
  const sprays = draft.network.stays.some((stay) => stay.kind === 'session');
  if (sprays && booths.length > 0 && longest < neededM)
    draft.warn({ code: 'too-long-for-booth', neededM, boothM: longest });
}
