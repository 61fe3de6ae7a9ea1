import type { Depth, JobSection, Mark, MarkKind, PartSurvey } from '../record';
import { coatFamily } from './compatibility';
import type { FilmSummary } from './gauge';

/** How far down to go: revive keeps the old finish and polishes it; the others as in the job. */
export type AdvisedDepth = 'revive' | Depth;
const order: readonly AdvisedDepth[] = ['revive', 'scuff', 'stable', 'bare'];

/** What is known of one panel. */
export interface PanelFacts {
  survey: PartSurvey;
  marks: readonly Pick<Mark, 'kind' | 'mended'>[];
  film: FilmSummary | null;
  section: Pick<JobSection, 'oldFinish' | 'system' | 'level'>;
}

/** A fact that pulls the advice to a depth, with its figures; the sentence is the reader's. */
export type AdviceReason =
  | { code: 'mark'; kind: MarkKind; count: number; pulls: AdvisedDepth }
  | { code: 'peeling'; pulls: AdvisedDepth }
  | { code: 'thick'; highestUm: number; limitUm: number; pulls: AdvisedDepth }
  | { code: 'scatter'; lowestUm: number; highestUm: number; limitUm: number; pulls: AdvisedDepth }
  | { code: 'solvent'; result: 'softens' | 'dissolves'; pulls: AdvisedDepth }
  | { code: 'patch'; result: 'lifts' | 'wrinkles'; pulls: AdvisedDepth }
  | { code: 'lacquer-below'; pulls: AdvisedDepth }
  | { code: 'old-filler'; pulls: AdvisedDepth }
  | { code: 'unsound-layer'; kind: string; pulls: AdvisedDepth }
  | { code: 'replaced'; pulls: AdvisedDepth }
  | { code: 'holds'; pulls: AdvisedDepth }
  | { code: 'kept-level'; pulls: AdvisedDepth }
  | { code: 'nothing-against'; pulls: AdvisedDepth };

export interface DepthAdvice {
  depth: AdvisedDepth;
  /** The facts, those that decide first. */
  because: AdviceReason[];
  /** What ought to be found out before one relies on it. */
  unknown: ('film' | 'solvent-test' | 'lead-test')[];
}

/** Above this there is filler or more than one repaint; wider scatter means the same. The trade says 300–400 µm. */
const thickUm = 350;
const scatterUm = 150;

/** What a mark asks for: rust and cracks go through; a lifting film comes off whole; the rest is worked in place. */
const pullOfMark: Record<MarkKind, AdvisedDepth> = {
  rust: 'bare',
  crack: 'bare',
  peel: 'stable',
  dent: 'stable',
  chip: 'scuff',
  dull: 'revive',
  high: 'scuff',
  low: 'scuff',
  pinhole: 'scuff',
  feather: 'scuff',
  'rub-through': 'scuff',
};

/** One rule a line: a fact, and the depth it pulls to. */
function* reasonsFor({ survey, marks, film, section }: PanelFacts): Generator<AdviceReason> {
  for (const kind of Object.keys(pullOfMark) as MarkKind[]) {
    const count = marks.filter((mark) => mark.kind === kind && !mark.mended).length;
    if (count > 0) yield { code: 'mark', kind, count, pulls: pullOfMark[kind] };
  }
  // A feathered edge of a lifting film fails again: all of it on the panel comes off.
  if (section.oldFinish === 'peeling-clear') yield { code: 'peeling', pulls: 'stable' };
  if (film && film.highestUm > thickUm)
    yield { code: 'thick', highestUm: film.highestUm, limitUm: thickUm, pulls: 'bare' };
  if (film && film.highestUm - film.lowestUm > scatterUm)
    yield {
      code: 'scatter',
      lowestUm: film.lowestUm,
      highestUm: film.highestUm,
      limitUm: scatterUm,
      pulls: 'bare',
    };
  if (survey.solventTest === 'softens' || survey.solventTest === 'dissolves')
    yield {
      code: 'solvent',
      result: survey.solventTest,
      pulls: survey.solventTest === 'dissolves' ? 'bare' : 'stable',
    };
  if (survey.patch === 'lifts' || survey.patch === 'wrinkles')
    yield { code: 'patch', result: survey.patch, pulls: 'bare' };
  const lacquer = section.oldFinish === 'lacquer' || survey.under.some((layer) => layer.kind === 'lacquer');
  if (lacquer && coatFamily(section.system) === 'two-part') yield { code: 'lacquer-below', pulls: 'stable' };
  if (survey.under.some((layer) => layer.kind === 'old-filler')) yield { code: 'old-filler', pulls: 'bare' };
  for (const layer of survey.under)
    if (!layer.sound && layer.kind !== 'old-filler')
      yield { code: 'unsound-layer', kind: layer.kind, pulls: 'bare' };
  if (survey.replaced) yield { code: 'replaced', pulls: 'scuff' };
  if (survey.solventTest === 'holds')
    yield { code: 'holds', pulls: section.level === 'Keep' ? 'revive' : 'scuff' };
  if (section.level === 'Keep') yield { code: 'kept-level', pulls: 'revive' };
}

/**
 * How far down a panel should go: the deepest that any fact pulls to. Without any fact against it the old finish is
 * scuffed and refinished. What is not known is listed, so that the advice does not look surer than it is.
 */
export function adviseDepth(facts: PanelFacts): DepthAdvice {
  const found = [...reasonsFor(facts)];
  const because: AdviceReason[] = found.length > 0 ? found : [{ code: 'nothing-against', pulls: 'scuff' }];
  const rank = (depth: AdvisedDepth) => order.indexOf(depth);
  because.sort((a, b) => rank(b.pulls) - rank(a.pulls));
  const { survey, film } = facts;
  return {
    depth: because[0]!.pulls,
    because,
    unknown: [
      ...(film ? [] : (['film'] as const)),
      ...(survey.solventTest === 'not-tested' ? (['solvent-test'] as const) : []),
      ...(survey.leadTest === 'not-tested' ? (['lead-test'] as const) : []),
    ],
  };
}

/** The facts of a panel gathered from a job's records. */
export const deeper = (a: AdvisedDepth, b: AdvisedDepth): AdvisedDepth =>
  order.indexOf(a) >= order.indexOf(b) ? a : b;
