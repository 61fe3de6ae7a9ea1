import { weightsOf } from './area-weights';
import { blockSequence, gritShares, type BlockSequence } from './block-grits';
import type { StepDraft } from './draft';
import { keyOfPass } from './grit-passes';
import type { Operation } from './operation';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';
import type { WorkOptions } from './work-options';

type Common = Pick<WorkOptions, 'subject' | 'parts' | 'hold' | 'place' | 'because' | 'name'>;

interface Sequenced {
  work: SectionWork;
  sequence: BlockSequence;
  shares: number[];
}

const sequencesOf = (draft: StepDraft, task: Task, works: readonly SectionWork[]): Sequenced[] =>
  works.flatMap((work) => {
    const sequence = blockSequence(task.operation, work.situation, task);
    return sequence ? [{ work, sequence, shares: gritShares(sequence, draft.figures) }] : [];
  });

/** Whether it is work beneath the colour that goes by a sequence: each grit is a step of its own then. */
export const blocksByGrits = (draft: StepDraft, task: Task, works: readonly SectionWork[]): boolean =>
  sequencesOf(draft, task, works).length > 0;

/**
 * Writes a round of filler or blocking, or the refining behind it, one grit after another. The minutes of the round stay what
 * the level, the shop or the job says; each grit has its share of them.
 * @returns keys of the first and the last of them
 */
export function blockByGrits(
  draft: StepDraft,
  task: Task,
  works: readonly SectionWork[],
  common: Common,
): { first: string; last: string } {
  const sequenced = sequencesOf(draft, task, works);
  const grits = [...new Set(sequenced.flatMap(({ sequence }) => sequence.grits))].sort((a, b) => a - b);
  const keys: string[] = [];
  for (const [i, grit] of grits.entries()) {
    const own = sequenced.filter(({ sequence }) => sequence.grits.includes(grit));
    const key = addGrit(draft, task, own, { grit, nth: i + 1, before: grits[i - 1] }, grits.length, common);
    const last = keys.at(-1);
    if (last !== undefined) draft.link(last, key, { code: 'order' });
    keys.push(key);
  }
  return { first: keys[0]!, last: keys.at(-1)! };
}

function addGrit(
  draft: StepDraft,
  task: Task,
  own: readonly Sequenced[],
  { grit, nth, before }: { grit: number; nth: number; before: number | undefined },
  of: number,
  common: Common,
): string {
  const { operation } = task;
  const works = own.map(({ work }) => work);
  const areas = new Set(works.map(({ section }) => section.key));
  const parts = common.parts.filter((part) => areas.has(part.section));
  const { rate, share } = weightsOf(draft, operation, works, parts);
  // Areas of one step that go through other grits are rare; their mean stands.
  const partOfRound = own.reduce((sum, one) => sum + shareOf(one, grit), 0) / own.length;
  const key = keyOfPass(task.key, `p${grit}`);
  draft.work({
    ...common,
    key,
    operation: operation.code,
    name: `${common.name ?? operation.name}, P${grit}`,
    sections: [...areas],
    parts,
    rate: (rate ?? draft.rateOf(operation) ?? 0) * partOfRound,
    isTyped: rate === undefined,
    fixedMin: nth === 1 ? operation.fixedMin : 0,
    share,
    consumes: operation.consumes.map(({ product, perUnit }) => ({ product, perUnit: perUnit * partOfRound })),
    checks: checksOf(operation, grit, before),
    // What a round takes is a share of what was built, whichever grit takes it.
    grit: { grit, nth, of, edgesTaped: false, takes: [] },
    after: [],
  });
  return key;
}

const shareOf = ({ sequence, shares }: Sequenced, grit: number): number =>
  shares[sequence.grits.indexOf(grit)] ?? 0;

const checksOf = (operation: Operation, grit: number, before: number | undefined): readonly string[] =>
  before === undefined
    ? operation.checks
    : [`P${grit} across the scratches of P${before}, until none of them is left`, ...operation.checks];
