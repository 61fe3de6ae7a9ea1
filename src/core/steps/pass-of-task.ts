import type { Pass, PassRole, Programme } from '../programme';
import { MethodRing } from './method-ring';
import type { Operation } from './operation';
import type { Task } from './task-model';
import type { WorkState } from './work-state';

/** The kind of pass that brings a state about. */
const roleOf: Partial<Record<WorkState, PassRole>> = {
  sealed: 'prime',
  built: 'build',
  'insides-coloured': 'inside',
  coloured: 'colour',
  cleared: 'clear',
  patched: 'touch-in',
};

/** What one session of each kind takes in, so that it is the pass of the programme. */
const unitsOf: Readonly<Record<PassRole, readonly Operation['unit'][]>> = {
  prime: ['group'],
  build: ['group'],
  inside: ['section'],
  colour: ['lot', 'section'],
  clear: ['over'],
  texture: ['section'],
  'touch-in': ['section'],
};

/** Why an operation cannot be a session of coats; null where it can, or is none. */
export function sessionFault({
  kind,
  makes,
  unit,
}: Pick<Operation, 'kind' | 'makes' | 'unit'>): string | null {
  if (kind !== 'session' && kind !== 'rolled') return null;
  const role = makes === null ? undefined : roleOf[makes];
  if (!role)
    return `a session of coats makes one of ${Object.keys(roleOf).join(', ')}; other work is plain work`;
  return unitsOf[role].includes(unit)
    ? null
    : `a session that makes ${makes} takes in one ${unitsOf[role].join(' or ')}`;
}

/** The pass of the programme that a task lays. @throws MethodRing where an operation of the shop's own asks for none */
export function passOf({ passes }: Programme, { operation, group, scope, round, key }: Task): Pass {
  const role = operation.makes === null ? undefined : roleOf[operation.makes];
  const owner = operation.unit === 'group' ? group.key : scope;
  const own = passes.filter((one) => one.role === role && one.scope === owner);
  // The first clears belong to the colour, so rounds of clears are counted from the second; not those over all colours.
  const startsAtTwo = role === 'clear' && !own.some((one) => one.round === 1);
  const nth = startsAtTwo ? round + 1 : round;
  const pass = own.find((one) => one.round === nth);
  if (!pass) throw new MethodRing(`no coats are planned for ${key}`);
  return pass;
}
