import type { Figures } from '../figures';
import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import { gritPasses, keyOfPass, nameOfPass, type GritOnArea, type GritPass } from './grit-passes';
import { quantityOf } from './labour';
import type { Inspection, Operation } from './operation';
import { padOf } from './polish-card';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';
import type { WorkOptions } from './work-options';

/** Work that goes through the grits or the pads of a sequence, each a step of its own. */
export const goesByGrits = ({ rateBy, kind }: Operation): boolean =>
  kind === 'work' && (rateBy === 'sanding' || rateBy === 'polishing');

type Common = Pick<WorkOptions, 'subject' | 'parts' | 'hold' | 'place' | 'because'>;

/**
 * Writes the grits of a task one after another, and the step at which the tape comes off the edges.
 * @returns keys of the first and the last of them
 */
export function sandByGrits(
  draft: StepDraft,
  task: Task,
  works: readonly SectionWork[],
  common: Common,
): { first: string; last: string } {
  const { operation } = task;
  const kind = operation.rateBy === 'sanding' ? 'sanding' : 'polishing';
  const passes = gritPasses(works, kind, draft.figures);
  const keys: string[] = [];
  const add = (key: string) => {
    const before = keys.at(-1);
    if (before !== undefined) draft.link(before, key, { code: 'order' });
    keys.push(key);
  };
  for (const [i, pass] of passes.entries()) {
    add(addPass(draft, task, { passes, at: i }, common));
    const bared = pass.areas.filter((area) => comesOff(area, kind, i === passes.length - 1));
    if (bared.length > 0) add(untape(draft, task, pass, bared, common));
  }
  return { first: keys[0]!, last: keys.at(-1)! };
}

/** After the last grit that goes over taped edges; where no grit does, after the last pad. */
function comesOff({ work, lastTaped, isGrit, tapes }: GritOnArea, kind: string, isLast: boolean): boolean {
  const { flags } = work.situation;
  if (!flags.has('tape-edges') && !flags.has('kept-film')) return false;
  return lastTaped || (kind === 'polishing' && !isGrit && !tapes && isLast);
}

function addPass(
  draft: StepDraft,
  task: Task,
  { passes, at }: { passes: readonly GritPass[]; at: number },
  common: Common,
): string {
  const { operation } = task;
  const pass = passes[at]!;
  const key = keyOfPass(task.key, pass.word);
  const sections = pass.areas.map(({ work }) => work.section.key);
  const parts = partsOn(common.parts, pass.areas);
  const mean = meanOver(pass.areas, parts, operation, draft.figures);
  draft.work({
    key,
    operation: operation.code,
    name: nameOfPass(pass, operation.name),
    subject: common.subject,
    sections,
    parts,
    hold: common.hold ?? null,
    place: common.place,
    rate: mean(({ rate }) => rate),
    fixedMin: at === 0 ? operation.fixedMin : 0,
    consumes: consumedBy(operation, passes, at, mean),
    inspection: lookAfter(pass),
    checks: checksOf(pass, passes[at - 1], at, operation.checks),
    grit: {
      grit: pass.grit,
      nth: at + 1,
      of: passes.length,
      edgesTaped: pass.areas.some((one) => one.edgesTaped),
      takes: pass.areas.map(({ work, flatUm, edgeUm }) => ({ section: work.section.key, flatUm, edgeUm })),
    },
    because: common.because,
    after: [],
  });
  return key;
}

function untape(
  draft: StepDraft,
  task: Task,
  { word }: GritPass,
  areas: readonly GritOnArea[],
  common: Common,
): string {
  const code = 'untape-edges';
  const cut = task.key.lastIndexOf('/') + 1;
  const own = /\.[^.]*$/.exec(task.key.slice(cut))?.[0] ?? '';
  const key = keyOfPass(`${task.key.slice(0, cut)}${code}${own}`, word);
  return draft.work({
    key,
    operation: code,
    subject: common.subject,
    sections: areas.map(({ work }) => work.section.key),
    parts: partsOn(common.parts, areas),
    hold: common.hold ?? null,
    place: common.place,
    because: [],
    after: [],
  });
}

function partsOn(parts: readonly Part[], areas: readonly GritOnArea[]): Part[] {
  const own = new Set(areas.map(({ work }) => work.section.key));
  return parts.filter((part) => own.has(part.section));
}

type Mean = (value: (area: GritOnArea) => number) => number;

/** The mean of what areas have each for itself, by the work on them, so that rate × quantity is their sum. */
function meanOver(
  areas: readonly GritOnArea[],
  parts: readonly Part[],
  operation: Operation,
  figures: Figures,
): Mean {
  const weights = areas.map(({ work }) => {
    const own = parts.filter((part) => part.section === work.section.key);
    return quantityOf(operation, own, operation.faces, figures).weighted;
  });
  const whole = weights.reduce((sum, one) => sum + one, 0);
  return (value) => {
    const [first] = areas;
    if (whole === 0 || areas.every((one) => value(one) === value(first!))) return value(first!);
    return areas.reduce((sum, area, i) => sum + value(area) * weights[i]!, 0) / whole;
  };
}

/**
 * What a pass uses up per m²: of abrasives so many sheets as the sequence says, of compound its share of the whole, of pads
 * those of its kind.
 */
function consumedBy(
  operation: Operation,
  passes: readonly GritPass[],
  at: number,
  mean: Mean,
): Operation['consumes'] {
  const { grit } = passes[at]!;
  const isCut = (pass: GritPass) => pass.grit === 'cut';
  const soft = passes.filter((pass) => typeof pass.grit !== 'number' && !isCut(pass)).length;
  return operation.consumes.flatMap(({ product, perUnit }) => {
    if (product === 'wool-pad') return grit === 'cut' ? [{ product, perUnit }] : [];
    if (product === 'foam-pad') return grit === 'polish' ? [{ product, perUnit: perUnit / soft }] : [];
    return [{ product, perUnit: perUnit * mean(({ uses }) => uses) }];
  });
}

/** How one sees that a pass is done: coarse scratches show in a low light, fine ones in a strong one. */
function lookAfter({ grit }: GritPass): Inspection {
  const isCoarse = typeof grit === 'number' && grit <= 1500;
  return isCoarse
    ? { light: 'raking lamp', angleDeg: 10, secondPerson: false }
    : { light: 'hand lamp, then daylight', angleDeg: 30, secondPerson: false };
}

function checksOf(
  pass: GritPass,
  before: GritPass | undefined,
  at: number,
  own: readonly string[],
): readonly string[] {
  const { grit } = pass;
  const taped = pass.areas.some((one) => one.edgesTaped) ? ['edges, beads and lines stay under tape'] : [];
  if (typeof grit !== 'number') return [padOf(pass.word), ...taped, ...own];
  const last = before === undefined ? undefined : before.grit;
  const until =
    typeof last === 'number'
      ? `until no scratch of P${last} is left`
      : 'until no shiny pit of the texture is left';
  const direction = at % 2 === 0 ? 'along the panel' : 'across the panel';
  return [`${direction}, ${until}`, ...taped, ...own];
}
