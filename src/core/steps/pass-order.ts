import type { Role } from './operation';
import type { SectionWork } from './section-work';
import type { Task } from './task-model';
import type { WorkState } from './work-state';

type Reach = (work: SectionWork, state: WorkState) => readonly string[];

const opens: readonly Role[] = ['cover-outside'];
const masks: readonly Role[] = ['cover-others'];
const finishes: readonly Role[] = ['sand', 'polish', 'nib'];

/**
 * The order of the passes on one body, which sections cannot see by themselves: all of it is flat before any of it is
 * covered; the insides follow each other and are shut, all of them, before the first outside is covered for its colour;
 * and what lies over the next colour is pulled before that is covered for.
 */
export function orderPasses(
  works: readonly SectionWork[],
  reach: Reach,
  tasks: ReadonlyMap<string, Task>,
): void {
  const byScope = new Map<string, Task[]>();
  for (const task of tasks.values()) byScope.set(task.scope, [...(byScope.get(task.scope) ?? []), task]);
  const wait = (scope: string, roles: readonly Role[], earlier: readonly string[], state: WorkState) => {
    for (const task of byScope.get(scope) ?? [])
      if (task.operation.does.some((role) => roles.includes(role)))
        for (const key of earlier) if (key !== task.key) task.needs.set(key, state);
  };
  // Gaps are set on a body all of whose panels are washed and sound, whoever asked for it.
  for (const task of tasks.values())
    if (task.operation.unit === 'job' && task.operation.does.includes('set-gaps'))
      for (const work of works.filter((one) => one.group === task.group))
        for (const key of reach(work, 'metal-sound')) task.needs.set(key, 'metal-sound');
  const isCovered = (work: SectionWork) => work.situation.route !== 'aircraft';
  const inOrder = insideOrder(works);
  for (const work of works) {
    const { group, lot, clock } = work;
    const before = paintedBefore(work);
    // An airframe is covered before its first coat, and nothing on it is sanded.
    if (!isCovered(work)) continue;
    const body = group.loose ? [] : works.filter((one) => one.group === group);
    for (const other of body) {
      if (other !== work) wait(clock, opens, reach(other, 'refined'), 'refined');
      if (other.lot !== lot) wait(lot, masks, reach(other, 'refined'), 'refined');
      wait(lot, masks, reach(other, 'openings-shut'), 'openings-shut');
      // What is sanded and polished lies beneath the covers of the colours that follow.
      if (other.lot !== lot) wait(clock, finishes, reach(other, 'unmasked'), 'unmasked');
    }
    const earlier = inOrder.get(work);
    for (const before of earlier ?? []) wait(clock, opens, reach(before, 'openings-shut'), 'openings-shut');
    // Loose pieces lie apart: there the next colour only waits for the booth.
    if (before)
      for (const other of works.filter((one) => one.group === group && one.lot === before.lot))
        wait(
          lot,
          masks,
          reach(other, group.loose ? 'textured' : 'unmasked'),
          group.loose ? 'coloured' : 'unmasked',
        );
  }
}

/** What is painted before it on the same body; lots that keep their finish are passed over. */
function paintedBefore({ before }: SectionWork): SectionWork | null {
  if (before === null || before.situation.flags.has('painted')) return before;
  return paintedBefore(before);
}

/** The areas whose insides come before another's on the same body, in the order in which the body is painted. */
function insideOrder(works: readonly SectionWork[]): Map<SectionWork, readonly SectionWork[]> {
  const earlier = new Map<SectionWork, readonly SectionWork[]>();
  for (const group of new Set(works.map((work) => work.group))) {
    const opened = works.filter(
      ({ group: own, situation: { flags, schools } }) =>
        own === group &&
        !own.loose &&
        flags.has('painted') &&
        flags.has('openings') &&
        schools.openings !== 'one-go',
    );
    const clocks = [...new Set(opened.map((work) => work.clock))];
    for (const work of opened) {
      const before = clocks[clocks.indexOf(work.clock) - 1];
      earlier.set(
        work,
        opened.filter((one) => one.clock === before),
      );
    }
  }
  return earlier;
}
