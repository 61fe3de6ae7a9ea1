import { ladderMinutes, ladderSheets, takenByPass, type LadderStep, type PassTaken } from '../film';
import type { Figures } from '../figures';
import { baseOf, type StepFact } from '../record';
import type { SectionWork } from './section-work';
import { ladderOf } from './stack';
import type { Step } from './step';

/** What a grit or a pad does on one area. */
export interface GritOnArea extends PassTaken {
  work: SectionWork;
  /** Person-minutes per m², shape flat. */
  rate: number;
  /** Sheets or discs per m²; of a pad its share of the compound. */
  uses: number;
  isGrit: boolean;
  /** The last over taped edges: the tape comes off after it. */
  lastTaped: boolean;
  /** Some grit of its sequence goes over taped edges. */
  tapes: boolean;
}

/** One grit of a sequence, or one pad, on all areas of a step that go through it. */
export interface GritPass {
  /** Its word in the key of the step: `p800`, `cut`, `fine`. */
  word: string;
  grit: LadderStep['grit'];
  areas: GritOnArea[];
}

const padRank = ['cut', 'medium', 'fine', 'only'];

/** The words of a sequence: a grit that comes twice is told apart. */
function wordsOf(steps: readonly LadderStep[]): string[] {
  const pads = steps.filter((step) => typeof step.grit !== 'number');
  const seen = new Map<string, number>();
  return steps.map((step) => {
    const at = pads.indexOf(step);
    const last = pads.length > 1 && at === pads.length - 1;
    const pad = step.grit === 'cut' ? 'cut' : pads.length === 1 ? 'only' : last ? 'fine' : 'medium';
    const word = typeof step.grit === 'number' ? `p${step.grit}` : pad;
    const times = (seen.get(word) ?? 0) + 1;
    seen.set(word, times);
    return times === 1 ? word : `${word}x${times}`;
  });
}

/**
 * The grits, or the pads, that some areas go through, in working order. Areas of several sequences share a grit that both
 * have; each area goes only through those of its own.
 */
export function gritPasses(
  works: readonly SectionWork[],
  kind: 'sanding' | 'polishing',
  figures: Figures,
): GritPass[] {
  const passes = new Map<string, GritPass>();
  for (const work of works) {
    const { section, group } = work;
    const at = { section: baseOf(section.key) };
    const ladder = ladderOf(section);
    const minutes = ladderMinutes(ladder, figures, at);
    const sheets = ladderSheets(ladder);
    const { clear } = group.stackOf(section);
    const taken = takenByPass(ladder, clear, figures('clear.edge-takes', at));
    const words = wordsOf(ladder.steps);
    const padMin = minutes.reduce(
      (sum, one, i) => sum + (typeof ladder.steps[i]!.grit === 'number' ? 0 : one),
      0,
    );
    for (const [i, { grit }] of ladder.steps.entries()) {
      if ((typeof grit === 'number') !== (kind === 'sanding')) continue;
      const word = words[i]!;
      const pass = passes.get(word) ?? { word, grit, areas: [] };
      passes.set(word, pass);
      const uses = typeof grit === 'number' ? sheets[i]! : minutes[i]! / padMin;
      const { flatUm, edgeUm, edgesTaped } = taken[i]!;
      pass.areas.push({
        work,
        rate: minutes[i]!,
        uses,
        flatUm,
        edgeUm,
        edgesTaped,
        isGrit: typeof grit === 'number',
        lastTaped: edgesTaped && taken[i + 1]?.edgesTaped !== true,
        tapes: taken.some((one) => one.edgesTaped),
      });
    }
  }
  return [...passes.values()].sort(byOrder);
}

const rankOf = ({ grit, word }: GritPass): number =>
  typeof grit === 'number' ? grit : padRank.findIndex((one) => word.startsWith(one));
const byOrder = (a: GritPass, b: GritPass): number => rankOf(a) - rankOf(b) || a.word.localeCompare(b.word);

const padNames: Record<string, string> = {
  cut: 'Cut',
  medium: 'Polish',
  fine: 'Finish polish',
  only: 'Polish',
};

/** What a grit or a pad is called as a step. @param name of its operation */
export const nameOfPass = ({ grit, word }: Pick<GritPass, 'grit' | 'word'>, name: string): string =>
  typeof grit === 'number' ? `${name}, P${grit}` : (padNames[word.replace(/x\d+$/, '')] ?? name);

/** The key of a pass from that of its task; what tells areas of one clock apart stays at the end. */
export function keyOfPass(task: string, word: string): string {
  const cut = task.lastIndexOf('/');
  const dot = task.indexOf('.', cut + 1);
  return dot < 0 ? `${task}-${word}` : `${task.slice(0, dot)}-${word}${task.slice(dot)}`;
}

const ofPass = /-(p\d+|cut|medium|fine|only)(x\d+)?(?=$|\.)/;

/** The key of the task that a grit or pad belongs to; any other key as it is. */
export const taskOfPass = (key: string): string => key.replace(ofPass, '');

/** The grits of what a key named as one step, before each grit had its own. */
export const gritsOfKey = (steps: readonly Step[], key: string): Step[] =>
  steps.filter((step) => step.grit !== null && taskOfPass(step.key) === key);

/** A key as steps have it today: of what was one step, its first or its last grit. */
export function presentKey(steps: readonly Step[], key: string, end: 'first' | 'last'): string {
  if (steps.some((step) => step.key === key)) return key;
  const own = gritsOfKey(steps, key);
  return (end === 'first' ? own[0] : own.at(-1))?.key ?? key;
}

/** Facts of steps that are several today: told of each of these, the hours shared out by theirs. */
export function factsOfGrits(steps: readonly Step[], facts: readonly StepFact[]): StepFact[] {
  const known = new Set(steps.map((step) => step.key));
  return facts.flatMap((fact) => {
    const own = known.has(fact.step) ? [] : gritsOfKey(steps, fact.step);
    if (own.length === 0) return [fact];
    const whole = own.reduce((sum, one) => sum + one.personMinutes, 0);
    return own.map((step) => {
      const share = whole > 0 ? step.personMinutes / whole : 1 / own.length;
      return { ...fact, step: step.key, personMinutes: Math.round(fact.personMinutes * share) };
    });
  });
}
