import type { JobSection } from '../record';
import type { Programme } from '../programme';
import type { Catalogue } from './catalogue';
import { cardWord, colourOfCard, type CardGround } from './card-ground';
import type { Group } from './group';
import { MethodRing } from './method-ring';
import { orderPasses } from './pass-order';
import type { Operation } from './operation';
import { firstUnit, type SectionWork } from './section-work';
import { suits } from './situation';
import type { Task } from './task-model';
import { goal, loopOf, rests, workStates, type WorkState } from './work-state';

/**
 * The work that leads from what the survey found to the goal: from the goal backwards, each state is made by the first
 * operation of the catalogue that suits the section, or rests on the states beneath it; operations that must come
 * before a state are drawn in with it. Sections that ask for the same step share it.
 * @throws MethodRing when operations wait for each other in a ring: a fault of the catalogue
 */
export function tasksOf(
  works: readonly SectionWork[],
  programme: Programme,
  main: Group,
  entries: Catalogue,
): Map<string, Task> {
  const tasks = new Map<string, Task>();
  const searches = new Map(works.map((work) => [work, new SectionSearch(work, main, entries, tasks)]));
  for (const [work, search] of searches)
    if (work.section.field !== undefined)
      search.insides = works.flatMap((one) =>
        one.clock === work.clock && one.section.field === undefined ? [searches.get(one)!] : [],
      );
  for (const search of searches.values()) search.reach(goal);
  approveWhatWasSprayed(tasks);
  alignWhatWasTakenOff(tasks);
  orderPasses(programme, works, (work, state) => searches.get(work)!.reach(state), tasks);
  const first = firstUnit(works);
  const accept = tasks.get('approve-first');
  if (first && accept) for (const key of searches.get(first)!.reach('clean')) accept.needs.set(key, 'clean');
  return tasks;
}

/** A sample is looked at after it was sprayed, of the same colour. */
function approveWhatWasSprayed(tasks: ReadonlyMap<string, Task>): void {
  const colourOf = ({ key }: Task) => colourOfCard(key.slice(key.indexOf('/')));
  const all = [...tasks.values()];
  for (const task of all.filter((one) => one.operation.does.includes('approve')))
    for (const card of all.filter((one) => one.operation.does.includes('sample')))
      if (colourOf(card) === colourOf(task)) task.needs.set(card.key, 'recorded');
}

/** Panels that hung loosely for the paint are off again before all of them are aligned. */
function alignWhatWasTakenOff(tasks: ReadonlyMap<string, Task>): void {
  const align = tasks.get('final-align');
  for (const task of align ? tasks.values() : [])
    if (task.operation.code === 'take-off-loose') align!.needs.set(task.key, 'clean');
}

class SectionSearch {
  private readonly reached = new Map<string, readonly string[]>();
  private readonly asked = new Set<string>();
  /** The first operation that makes a state here, and those that must come before it. */
  private readonly makers = new Map<WorkState, Operation>();
  private readonly riders = new Map<WorkState, Operation[]>();
  /** Of a field: the areas it is cut from, which have the insides of its panels. */
  insides: readonly SectionSearch[] = [];

  constructor(
    private readonly work: SectionWork,
    private readonly main: Group,
    entries: Catalogue,
    private readonly tasks: Map<string, Task>,
  ) {
    for (const one of entries.values()) {
      if (!suits(one.when, work.situation)) continue;
      if (one.makes && !this.makers.has(one.makes)) this.makers.set(one.makes, one);
      for (const state of one.before) this.riders.set(state, [...(this.riders.get(state) ?? []), one]);
    }
  }

  /** The round before which is done what comes before a state: further clears are counted from the second over all. */
  private riderTurn(state: WorkState): number {
    return this.isClearedOver && loopOf(state)?.key === 'clears' ? 2 : 1;
  }

  private get isClearedOver(): boolean {
    return this.work.situation.flags.has('clear-over');
  }

  /** @returns keys of the tasks after which the state holds; empty where it holds from the first */
  reach(state: WorkState, round?: number): readonly string[] {
    const loop = loopOf(state);
    const rounds = loop ? this.work.rounds[loop.key] : 0;
    if (loop && rounds === 0) return this.reach(loop.ground);
    const turn = loop ? (round ?? rounds) : 0;
    const name = `${state}@${turn}`;
    const known = this.reached.get(name);
    if (known) return known;
    if (this.asked.has(name)) throw new MethodRing(`${state} waits for itself in ${this.work.section.key}`);
    this.asked.add(name);
    const found = this.make(state, turn);
    this.reached.set(name, found);
    return found;
  }

  private make(state: WorkState, turn: number): readonly string[] {
    const loop = loopOf(state);
    // The first clear over all goes on colour that still takes it.
    const isWet = state === 'clear-keyed' && turn === 1 && this.isClearedOver;
    const maker = isWet ? undefined : this.makers.get(state);
    const riders = turn === 0 || turn === this.riderTurn(state) ? (this.riders.get(state) ?? []) : [];
    const before = new Map<string, WorkState>();
    for (const lower of [...this.restsOf(state), ...(maker?.needs ?? [])]) {
      const ownLoop = loop && loopOf(lower) === loop;
      const keys =
        loop && lower === loop.ground && turn > 1
          ? this.reach(loop.top, turn - 1)
          : this.reach(lower, ownLoop ? turn : undefined);
      for (const key of keys) before.set(key, lower);
    }
    // What names no needs of its own is done just before the state: it waits for all that the state rests on.
    const beneath = new Map(before);
    for (const rider of riders) {
      const first = rider.needs.length === 0 ? beneath : this.neededBy(rider);
      for (const [colour, ground] of this.cardsOf(rider))
        before.set(this.take(rider, { state, round: 0, needs: first }, colour, ground), state);
    }
    // A field is masked when the insides of its panels are shut.
    if (state === 'openings-shut')
      for (const one of this.insides) for (const key of one.reach(state)) before.set(key, state);
    if (!maker) return [...before.keys()];
    return [this.take(maker, { state, round: turn, needs: before })];
  }

  /** Each colour of a section has a sample of its own, that of its insides too; sprayed over each ground that shows. */
  private cardsOf({ keyWord, does }: Operation): [card: string, ground: CardGround | null][] {
    const { colour, insideColour, grounds } = this.work;
    const isByColour = keyWord?.includes('{colour}') === true;
    const colours = isByColour && insideColour !== null ? [...new Set([colour, insideColour])] : [colour];
    const further = isByColour && does.includes('sample') ? grounds : [];
    return [
      ...colours.map((one): [string, null] => [one, null]),
      ...further.map((one): [string, CardGround] => [one.card, one]),
    ];
  }

  private neededBy({ needs }: Operation): Map<string, WorkState> {
    return new Map(needs.flatMap((need) => this.reach(need).map((key): [string, WorkState] => [key, need])));
  }

  private restsOf(state: WorkState): readonly WorkState[] {
    const own = rests[state]?.find((rest) => suits(rest.when, this.work.situation));
    if (own) return own.on;
    const at = workStates.indexOf(state);
    return at > 0 ? [workStates[at - 1]!] : [];
  }

  /** Adds the section to the task, or makes the task. @returns its key */
  private take(
    operation: Operation,
    { state: at, round, needs }: Asked,
    card = this.work.colour,
    ground: CardGround | null = null,
  ): string {
    const colour = cardWord(card, ground);
    const { group, section, clock, lot, over, rounds } = this.work;
    const there = isFromHanging(at) ? this.work.paintedOn : group;
    const scope = operation.unit === 'over' ? over : isOfLot(operation, this.work) ? lot : clock;
    const loop = operation.makes ? loopOf(operation.makes) : undefined;
    // What is done once for the job is done where it is asked for: on the body, unless only loose pieces ask.
    const home = operation.unit === 'job' && operation.place === null ? this.main : there;
    const isPass = loop?.key === 'clears' && !this.isClearedOver;
    const naming = { group: home, section, scope, colour, round, isPass, own: '' };
    const shared = this.tasks.get(keyOf(operation, naming));
    // Areas of one clock that reach the same state by other work do it by themselves, named by their first panel.
    const own = shared && shared.operation !== operation ? (group.partsOf(section)[0]?.key ?? '') : '';
    const key = keyOf(operation, { ...naming, own });
    const all = loop ? rounds[loop.key] : rounds.build;
    let task = this.tasks.get(key);
    if (!task) {
      const empty = { sections: [], needs: new Map<string, WorkState>() };
      task = {
        key,
        operation,
        group: home,
        scope,
        ground,
        colour: '',
        again: 0,
        round,
        rounds: all,
        ...empty,
      };
      this.tasks.set(key, task);
    }
    task.rounds = Math.max(task.rounds, all);
    if (task.group.loose && !home.loose) task.group = home;
    if (!task.sections.includes(section)) task.sections.push(section);
    for (const [before, state] of needs) if (before !== key) task.needs.set(before, state);
    return key;
  }
}

/**
 * Fields of a panel are coated each for itself, and unmasked so unless one clear lies over all; all else that goes by
 * section is done for all of them.
 */
function isOfLot({ unit, makes, before }: Operation, { section, situation }: SectionWork): boolean {
  const { field, clearOver } = section;
  // The covers of an airframe stay on until its last colour.
  if (situation.route === 'aircraft' && makes === 'unmasked') return false;
  if (unit === 'lot') return true;
  if (unit !== 'section' || field === undefined) return false;
  return [makes, ...before].some(
    (state) => state === 'coloured' || (state === 'unmasked' && clearOver === undefined),
  );
}

/** Loose pieces hang on their body from the mask of their colour on. */
const isFromHanging = (state: WorkState): boolean =>
  workStates.indexOf(state) >= workStates.indexOf('masked');

/** What a task is asked for: the state it makes or comes before, its round, and what comes before it. */
interface Asked {
  state: WorkState;
  round: number;
  needs: ReadonlyMap<string, WorkState>;
}

interface Naming {
  group: Group;
  section: JobSection;
  scope: string;
  /** First section that has its colour. */
  colour: string;
  round: number;
  isPass: boolean;
  /** Panel that tells the work of one area from other work for the same state; empty where all do it alike. */
  own: string;
}

/** The stable key of a step: the same work keeps it over every rebuild. */
function keyOf(operation: Operation, { group, section, scope, colour, round, isPass, own }: Naming): string {
  const word = operation.keyWord ?? operation.code;
  const whole = word.includes('{') ? word : prefixOf(operation, group, scope) + word;
  const named = whole
    .replace('{group}', group.key)
    .replace('{substrate}', section.substrate)
    .replace('{colour}', colour)
    .concat(own === '' ? '' : `.${own}`);
  // The first clears belong to the colour session, so further ones are counted from the second.
  return round > 0 ? `${named}-${isPass ? round + 1 : round}` : named;
}

function prefixOf(operation: Operation, group: Group, scope: string): string {
  switch (operation.unit) {
    case 'job':
      return '';
    case 'group':
    case 'substrate':
      return `${group.key}/`;
    case 'lot':
    case 'over':
    case 'section':
      return `${scope}/`;
  }
}
