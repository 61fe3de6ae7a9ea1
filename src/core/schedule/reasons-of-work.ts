import { becauseOf, type Reason } from './because';
import type { Bookings } from './bookings';
import type { Compiled } from './compiled';
import { placedPlan } from './placed-plan';
import type { Because, ScheduleProblem } from './problem';

/** Most obstacles that are told of one step, latest first. */
const mostTold = 5;

/** Why each placed step does not start earlier, in the terms of a job. */
export function reasonsOfWork(
  problem: ScheduleProblem,
  compiled: Compiled,
  bookings: Bookings,
): (step: number) => Because[] {
  const plan = placedPlan(compiled, bookings);
  const firstOf = new Map(problem.holds.map((one) => [one.id, one.from]));
  const links = new Map(problem.links.map((one) => [JSON.stringify([one.from, one.to, one.min]), one.id]));
  const linkBetween = (from: string, to: string, lag: number): string =>
    links.get(JSON.stringify([from, to, lag])) ?? '';
  return (step) => {
    const told: Because[] = [];
    const { id } = compiled.steps[step]!;
    for (const one of becauseOf(plan, step, 'makespan')) {
      const said = inTerms(one, id);
      if (said) told.push(said);
    }
    const anchor = told.slice(-1);
    return [...told.slice(0, -1).slice(0, mostTold), ...anchor];
  };

  function inTerms(one: Reason, id: string): Because | null {
    switch (one.kind) {
      case 'choice':
        return problem.keepAt?.has(id) ? { kind: 'agreed', from: one.earliest } : null;
      case 'closed':
        return { kind: 'closed', resources: [one.resource], from: one.from, to: one.to };
      case 'resource': {
        const { resource, holders, from, to } = one;
        return { kind: 'resource', resources: [resource], holders, from, to };
      }
      case 'window':
        return { kind: 'window', link: problem.links[one.link]!.id, from: one.from, to: one.to };
      case 'link':
        return { kind: 'link', link: linkBetween(one.from, id, one.lag), from: one.from, min: one.lag };
      case 'hold':
        return { kind: 'link', link: '', from: firstOf.get(one.hold) ?? '', min: 0 };
      case 'release':
        return { kind: 'not-before' };
      case 'now':
        return { kind: 'now' };
      case 'exclusion':
      case 'pin':
        return null;
    }
  }
}
