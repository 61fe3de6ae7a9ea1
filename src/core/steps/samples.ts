import { asksForSample, colourOfKey, sampleState, type Job, type SampleState } from '../record';
import { colourRoles } from '../film';
import type { Shop } from '../shop';
import { colourOfCard } from './card-ground';
import type { StepDraft } from './draft';
import { flag, type SectionWork } from './section-work';
import type { Step } from './step';
import type { Task } from './task-model';

/** Levels at which a card is sprayed on a body of panels whether it is approved or not. */
const cardLevels: ReadonlySet<string> = new Set(['Road', 'Show', 'Mirror']);

/** Areas whose colour wants a card, and those whose colour waits until a sample of it was accepted. */
export function flagSamples(works: readonly SectionWork[], shop: Pick<Shop, 'approvalFrom'>): void {
  for (const work of works) {
    const { level } = work.section;
    // Antifouling and what is left in primer have no colour to approve.
    const hasColour = work.group
      .stackOf(work.section)
      .layers.some(({ role, coats }) => coats > 0 && colourRoles.has(role));
    if (!hasColour) continue;
    const isAsked = asksForSample(level, shop);
    if (isAsked) flag(work, 'approval-asked');
    if (isAsked || (work.situation.route === 'panel' && cardLevels.has(level))) flag(work, 'card');
  }
}

/** Colours of the job by the word that names their samples. */
const colourOfWord = (works: readonly SectionWork[]): Map<string, string> =>
  new Map(
    works.flatMap(({ section, colour, insideColour }): [string, string][] => [
      ...(insideColour !== null && section.insideColour !== null
        ? [[insideColour, section.insideColour] as [string, string]]
        : []),
      [colour, section.colour],
    ]),
  );

const isSample = ({ operation: { does, keyWord } }: Task): boolean =>
  keyWord?.includes('{colour}') === true && does.some((role) => role === 'sample' || role === 'approve');
const wordOf = ({ key }: Task): string => colourOfCard(key.slice(key.indexOf('/') + 1));

/**
 * Cards and approvals as the verdicts leave them. A colour that was accepted needs none of those that nobody has begun; each
 * refusal asks for a card and a look more, after those before it.
 */
export function withVerdicts(tasks: Map<string, Task>, works: readonly SectionWork[], job: Job): void {
  const colours = colourOfWord(works);
  const logged = new Set([...job.log.map((one) => one.step), ...job.facts.map((one) => one.step)]);
  const shownAgain = new Set(
    [...logged].flatMap((key) =>
      key.includes(again) ? [key.slice(key.indexOf('/') + 1, key.indexOf(again))] : [],
    ),
  );
  const stateOf = (task: Task) => sampleState(job.samples, colours.get(wordOf(task)) ?? '');
  for (const task of [...tasks.values()].filter(isSample)) {
    const colour = colours.get(wordOf(task));
    task.colour = colour === undefined ? '' : colourOfKey(job, colour).name;
    const state = stateOf(task);
    // A card or a look after a refusal hangs on the first ones of its colour.
    const isBegun = logged.has(task.key) || shownAgain.has(wordOf(task));
    if (state.state === 'accepted' && !isBegun) leaveOut(tasks, task);
  }
  for (const task of [...tasks.values()].filter(
    (one) => isSample(one) && one.operation.does.includes('approve'),
  ))
    showAgain(tasks, task, stateOf(task), logged);
}

function leaveOut(tasks: Map<string, Task>, { key, needs }: Task): void {
  tasks.delete(key);
  for (const task of tasks.values())
    if (task.needs.delete(key))
      for (const [before, state] of needs) if (!task.needs.has(before)) task.needs.set(before, state);
}

/** One card and one look more for each time it was refused; what was accepted since keeps what was begun. */
function showAgain(
  tasks: Map<string, Task>,
  approval: Task,
  { state, refusals }: SampleState,
  logged: ReadonlySet<string>,
): void {
  const card = [...tasks.values()].find(
    (one) =>
      isSample(one) &&
      one.operation.does.includes('sample') &&
      one.ground === null &&
      wordOf(one) === wordOf(approval),
  );
  if (!card) return;
  let last = approval;
  for (let nth = 1; nth <= refusals; nth += 1) {
    const [cardKey, lookKey] = [againKey(card.key, nth), againKey(approval.key, nth)];
    const isWanted = state !== 'accepted' || logged.has(cardKey) || logged.has(lookKey);
    if (!isWanted) continue;
    const next: Task = {
      ...card,
      key: cardKey,
      again: nth,
      needs: new Map([[last.key, 'recorded' as const]]),
    };
    const look: Task = {
      ...approval,
      key: lookKey,
      again: nth,
      needs: new Map([[cardKey, 'recorded' as const]]),
    };
    for (const task of tasks.values()) {
      const asked = task.needs.get(last.key);
      if (asked !== undefined) task.needs.set(lookKey, asked);
    }
    tasks.set(cardKey, next).set(lookKey, look);
    last = look;
  }
}

const again = '.again-';
const againKey = (key: string, nth: number): string => `${key}${again}${nth}`;

/** Colour that is still to be sprayed, and whose sample nobody has accepted, is planned and not booked. */
export function checkSamples(draft: StepDraft, works: readonly SectionWork[]): void {
  const { job } = draft.context;
  const { begun } = draft;
  const signed = new Set(job.signOffs.map((one) => one.step));
  const asked = works.filter(
    ({ situation: { flags } }) => flags.has('approval-asked') && flags.has('topcoated'),
  );
  const waiting = asked.filter((work) => !signed.has(`approve-sample/${work.colour}`));
  const colours = new Set(
    waiting.flatMap(({ section }) => [section.colour, section.insideColour ?? section.colour]),
  );
  for (const colour of colours) {
    const coats = draft.network.steps.filter((step) => isCoatOf(colour, step, waiting));
    // Once it was begun the shop has gone on.
    if (coats.length === 0 || coats.some((step) => begun.has(step.key))) continue;
    const { state, entry, refusals } = sampleState(job.samples, colour);
    const { name } = colourOfKey(job, colour);
    const areas = [...new Set(coats.flatMap((step) => step.sections))];
    if (state === 'at-risk') draft.warn({ code: 'sample-at-risk', colour: name, by: entry!.by, areas });
    if (state === 'at-risk' || state === 'accepted') continue;
    draft.warn({ code: 'sample-open', colour: name, state, refusals, areas });
    const sessions = new Set(coats.flatMap((step) => step.coat?.session ?? []));
    for (const step of draft.network.steps.filter((one) => !begun.has(one.key)))
      if (sessions.has(step.coat?.session ?? '') || sessions.has(step.hold ?? ''))
        step.heldBy = [...step.heldBy, `an accepted sample of ${name}`];
  }
}

/** A coat of a colour on one of these areas, or inside them. */
function isCoatOf(colour: string, { coat, sections }: Step, works: readonly SectionWork[]): boolean {
  if (!coat || !colourRoles.has(coat.role)) return false;
  return works.some(
    ({ section }) =>
      sections.includes(section.key) &&
      (coat.faces === 'inside' ? (section.insideColour ?? section.colour) : section.colour) === colour,
  );
}
