import type { OrderWhy, Programme } from '../programme';
import type { Role } from './operation';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';
import type { WorkState } from './work-state';

type Reach = (work: SectionWork, state: WorkState) => readonly string[];

const opens: readonly Role[] = ['cover-outside'];
const masks: readonly Role[] = ['cover-others'];
const fieldMasks: readonly Role[] = ['cover-fields'];
const finishes: readonly Role[] = ['sand', 'polish', 'nib'];

const leaf: readonly Role[] = ['gild'];
const seams: readonly Role[] = ['seal-seams', 'texture'];

/** What must have been reached of an earlier pass before a later one is covered for; its film sees to the rest. */
const reached: Partial<Record<OrderWhy, { state: WorkState; because: WorkState }>> = {
  'one-inside-after-another': { state: 'openings-shut', because: 'openings-shut' },
  'insides-first': { state: 'openings-shut', because: 'openings-shut' },
  'from-the-top': { state: 'unmasked', because: 'unmasked' },
  'by-hand': { state: 'unmasked', because: 'unmasked' },
  booth: { state: 'textured', because: 'coloured' },
};

/**
 * Under one clear the next colour only waits until the earlier one is open again; its own clear comes with all. The covers
 * of an airframe stay on until its last colour.
 */
function reachedOf(why: OrderWhy, work: SectionWork, before: SectionWork) {
  const isUnderOneClear = before.lot !== work.lot && before.over === work.over;
  if (work.situation.route === 'aircraft')
    return why === 'film-beneath' ? undefined : ({ state: 'coloured', because: 'coloured' } as const);
  return isUnderOneClear && (why === 'from-the-top' || why === 'by-hand')
    ? ({ state: 'colour-uncovered', because: 'colour-uncovered' } as const)
    : reached[why];
}

/**
 * Ties the work of sections to the order of the passes, which they cannot see by themselves: all of a body is flat before
 * any of it is covered; insides follow each other and are shut before the first outside is covered for its colour; what
 * lies over the next colour is pulled before that is covered for; and nothing is sanded beneath the covers of others.
 */
export function orderPasses(
  { passes, bodies }: Programme,
  works: readonly SectionWork[],
  reach: Reach,
  tasks: ReadonlyMap<string, Task>,
): void {
  const byScope = new Map<string, Task[]>();
  for (const task of tasks.values()) byScope.set(task.scope, [...(byScope.get(task.scope) ?? []), task]);
  const wait: WaitFor = (scope, roles, earlier, state) => {
    for (const task of byScope.get(scope) ?? [])
      if (task.operation.does.some((role) => roles.includes(role)))
        for (const key of earlier) if (key !== task.key) task.needs.set(key, state);
  };
  setGapsOnce(works, reach, tasks);
  turnWhenFinished(works, reach, tasks);
  const workOf = new Map(works.map((work) => [work.section.key, work]));
  const areasOf = new Map(bodies.map((body) => [body.key, body.areas.map((key) => workOf.get(key)!)]));
  const byKey = new Map(passes.map((pass) => [pass.key, pass]));
  groundInOrder(passes, works, reach, tasks);
  for (const pass of passes) {
    if (pass.role !== 'inside' && pass.role !== 'colour') continue;
    const own = pass.areas.map((key) => workOf.get(key)!);
    // An airframe is covered before its first coat, and nothing on it is sanded.
    const isSkin = own[0]!.situation.route === 'aircraft';
    // The first colour of a family is masked together with what follows it.
    const [{ situation, over, lot }] = own as [SectionWork];
    const isLaterField = situation.flags.has('later-field');
    const isFirst = situation.flags.has('keeps-mask') && !isLaterField;
    const roles = pass.role === 'inside' ? opens : isLaterField ? fieldMasks : masks;
    const scopes = isFirst && pass.role === 'colour' ? new Set([lot, over]) : new Set([pass.scope]);
    const waitAll = (keys: readonly string[], state: WorkState) => {
      for (const scope of scopes) wait(scope, roles, keys, state);
    };
    if (pass.bodyFlat && !isSkin)
      for (const other of areasOf.get(pass.body)!.filter((one) => isSameSide(one, own[0]!)))
        waitAll(reach(other, 'refined'), 'refined');
    for (const { pass: earlier, why } of pass.after) {
      for (const before of withOneClear(
        byKey.get(earlier)!.areas.map((key) => workOf.get(key)!),
        own,
        works,
      )) {
        const needed = reachedOf(why, own[0]!, before);
        if (!needed) continue;
        const keys = reach(before, needed.state);
        waitAll(keys, needed.because);
        // Loose pieces stand in no room that what comes before the mask could wait for.
        if (before.clock === own[0]!.clock && own[0]!.paintedOn.loose)
          for (const task of byScope.get(pass.scope) ?? [])
            if (task.operation.before.includes('masked') && task.operation.unit !== 'job')
              for (const key of keys) task.needs.set(key, needed.because);
      }
    }
  }
  leafBeforeAligning(tasks);
  finishUncovered(works, reach, wait);
}

type WaitFor = (scope: string, roles: readonly Role[], earlier: readonly string[], state: WorkState) => void;

/** What is sanded and polished lies beneath the covers of the colours that follow. */
function finishUncovered(works: readonly SectionWork[], reach: Reach, wait: WaitFor): void {
  for (const work of works)
    for (const other of work.paintedOn.loose ? [] : works)
      if (other.paintedOn === work.paintedOn && isSameSide(work, other))
        if (other !== work) {
          // Leaf is laid when the whole body is open, on paint that was kept too.
          wait(work.clock, leaf, reach(other, 'unmasked'), 'unmasked');
          if (other.lot !== work.lot && work.situation.route !== 'aircraft')
            wait(work.clock, finishes, reach(other, 'unmasked'), 'unmasked');
        }
}

/** Leaf has set before anybody carries the panel to the body. */
function leafBeforeAligning(tasks: ReadonlyMap<string, Task>): void {
  const all = [...tasks.values()];
  const gilded = all.filter(({ operation }) => operation.does.includes('gild'));
  for (const task of all.filter(({ operation }) => operation.does.includes('align')))
    for (const { key } of gilded) task.needs.set(key, 'clean');
}

/** Colours before this one, with all that get their clear in one go with them, unless this one does too. */
function withOneClear(
  before: readonly SectionWork[],
  own: readonly SectionWork[],
  works: readonly SectionWork[],
): readonly SectionWork[] {
  const overs = new Set(before.map((one) => one.over));
  if (own.some((one) => overs.has(one.over))) return before;
  return works.filter(
    (one) => before.includes(one) || (overs.has(one.over) && one.section.clearOver !== undefined),
  );
}

/**
 * A body stands in one place at a time: metalwork anywhere on it is done before it is primed, what is not primed is filled
 * afterwards (before, where the method fills on metal), and nothing is built up before.
 */
function groundInOrder(
  passes: Programme['passes'],
  works: readonly SectionWork[],
  reach: Reach,
  tasks: ReadonlyMap<string, Task>,
): void {
  for (const { areas, body } of passes.filter((pass) => pass.role === 'prime')) {
    const there = works.filter((one) => one.group.key === body && one.situation.route === 'panel');
    const primed = there.filter((one) => areas.includes(one.section.key));
    const others = there.filter((one) => !primed.includes(one));
    const fillsFirst = (one: SectionWork) => one.situation.schools.filler === 'on-metal';
    const isFilledPlastic = (one: SectionWork) => fillsFirst(one) && one.situation.substrate === 'plastic';
    const wait = (task: Task, list: readonly SectionWork[], state: WorkState) => {
      for (const work of list) for (const key of reach(work, state)) task.needs.set(key, state);
    };
    for (const task of [...tasks.values()].filter((one) => one.group.key === body)) {
      const { makes, kind } = task.operation;
      if (makes === 'sealed' && kind === 'session') {
        wait(task, there, 'metal-sound');
        wait(task, others.filter(fillsFirst), 'glaze-flat');
        // Plastic that was filled on is treated before the body moves on, though its promoter comes later.
        wait(task, others.filter(isFilledPlastic), 'treated');
      }
      // Seams and texture of what gets no primer here are done when the body has come back from it.
      const isOnlyOthers = task.sections.every((one) => others.some((work) => work.section === one));
      if (isOnlyOthers && task.operation.does.some((role) => seams.includes(role)))
        wait(task, primed, 'sealed');
      const later = others.filter((work) => !fillsFirst(work));
      const isLater = task.sections.every((one) => later.some((work) => work.section === one));
      if (makes === 'filler-spread' && task.round === 1 && isLater) wait(task, primed, 'sealed');
      if (makes === 'built' && task.round === 1) wait(task, primed, 'sealed');
    }
  }
}

/** What is reached at a time: all of a body, or one side of a hull that lies on the other. */
const isSameSide = (a: SectionWork, b: SectionWork): boolean =>
  (a.section.hullSide === 'second') === (b.section.hullSide === 'second');

/** Gaps are set on a body all of whose panels are washed and sound, whoever asked for it. */
function setGapsOnce(works: readonly SectionWork[], reach: Reach, tasks: ReadonlyMap<string, Task>): void {
  for (const task of tasks.values())
    if (task.operation.unit === 'job' && task.operation.does.includes('set-gaps'))
      for (const work of works.filter((one) => one.group === task.group))
        for (const key of reach(work, 'metal-sound')) task.needs.set(key, 'metal-sound');
}

/** A hull is turned onto its first side when nothing is left to do there. */
function turnWhenFinished(
  works: readonly SectionWork[],
  reach: Reach,
  tasks: ReadonlyMap<string, Task>,
): void {
  for (const task of tasks.values())
    if (task.operation.unit === 'group' && task.operation.does.includes('turn'))
      for (const work of works) {
        if (work.group !== task.group || work.section.hullSide === 'second') continue;
        task.sections.push(work.section);
        for (const key of reach(work, 'clean')) task.needs.set(key, 'clean');
      }
}
