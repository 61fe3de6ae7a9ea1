import type { Calendar } from './calendar';
import type { Arc, Compiled } from './compiled';

/**
 * The same problem with time running backwards: minute t becomes −t, the start of a step the negative of its end. Placing
 * forward in it places as late as possible. Only for problems without facts; upper bounds by `earliest` are left out, so
 * what comes back is an order, not a plan.
 */
export function mirror(problem: Compiled): Compiled {
  const turned = new Map<Calendar, Calendar>();
  const turn = (calendar: Calendar | null) => {
    if (!calendar) return null;
    const known = turned.get(calendar) ?? calendar.mirrored();
    turned.set(calendar, known);
    return known;
  };
  const steps = problem.steps.map((step) => ({
    ...step,
    choices: step.choices.map((one) => ({ ...one, calendar: turn(one.calendar) })),
    into: [] as Arc[],
    out: [] as Arc[],
  }));
  problem.steps.forEach((step, i) => {
    for (const arc of step.out) {
      const back = { ...arc, from: arc.to, to: i, fromEnd: !arc.toEnd, toEnd: !arc.fromEnd };
      steps[back.from]!.out.push(back);
      steps[i]!.into.push(back);
    }
  });
  return {
    ...problem,
    now: -problem.hi,
    lo: -problem.hi,
    hi: -problem.lo,
    steps,
    holds: problem.holds.map((one) => ({ ...one, from: one.to, to: one.from })),
    resources: problem.resources.map((one) => ({ ...one, calendar: turn(one.calendar) })),
    earliest: new Float64Array(steps.length).fill(-Infinity),
    latest: new Float64Array(steps.length).fill(Infinity),
    pinned: new Map(),
  };
}
