import type { Pass, PassRole, Programme } from '../programme';
import type { Task } from './task-model';
import type { WorkState } from './work-state';

/** The kind of pass that brings a state about. */
const roleOf: Partial<Record<WorkState, PassRole>> = {
  sealed: 'prime',
  built: 'build',
  'insides-coloured': 'inside',
  coloured: 'colour',
  cleared: 'clear',
};

/** The pass of the programme that a task lays. @throws Error where there is none: our own bug */
export function passOf({ passes }: Programme, { operation, group, scope, round, key }: Task): Pass {
  const role = operation.makes === null ? undefined : roleOf[operation.makes];
  const owner = operation.unit === 'group' ? group.key : scope;
  // The first clears belong to the colour; a round of clears is counted from the second.
  const nth = role === 'clear' ? round + 1 : round;
  const pass = passes.find((one) => one.role === role && one.scope === owner && one.round === nth);
  if (!pass) throw new Error(`no pass for ${key}`);
  return pass;
}
