import type { Minute } from '../units';
import type { Calendar } from './calendar';
import type { Compiled, CompiledStep } from './compiled';
import { orderByKey } from './list-order';

/**
 * The least end of some steps by lags, durations and hours alone, as if everybody were free at all of them: a bound on
 * every plan. Facts stand where they are.
 */
export function earliestEnd(problem: Compiled, steps: readonly number[]): Minute {
  const { start, end } = earliestTimes(problem);
  return steps.reduce((last, i) => Math.max(last, end[i]!, start[i]!), 0);
}

function earliestTimes(problem: Compiled): { start: Float64Array; end: Float64Array } {
  const n = problem.steps.length;
  const [start, end] = [new Float64Array(n), new Float64Array(n)];
  const facts = new Map(problem.facts.map((fact) => [fact.step, fact]));
  const placed = new Uint8Array(n);
  for (const i of orderByKey(problem, [...problem.steps.keys()], problem.earliest)) {
    const fact = facts.get(i);
    const step = problem.steps[i]!;
    if (fact) [start[i], end[i]] = [fact.start, fact.end];
    else {
      let [ready, closes] = [problem.earliest[i]!, -Infinity];
      for (const arc of step.into) {
        if (arc.closing || !placed[arc.from]) continue;
        const after = (arc.fromEnd ? end[arc.from]! : start[arc.from]!) + arc.lag;
        if (arc.toEnd) closes = Math.max(closes, after);
        else ready = Math.max(ready, after);
      }
      [start[i], end[i]] = soonest(step, ready);
      end[i] = Math.max(end[i]!, closes);
    }
    placed[i] = 1;
  }
  return { start, end };
}

/** Least start and least end over all who may serve it; each is a bound, they need not go together. */
function soonest({ kind, minutes, choices }: CompiledStep, ready: Minute): [Minute, Minute] {
  if (kind === 2 || minutes === 0) return [ready, ready + minutes];
  let [start, end] = [Infinity, Infinity];
  for (const { calendar } of choices) {
    const begin = !calendar ? ready : beginOf(calendar, kind, ready, minutes);
    if (begin === Infinity) continue;
    start = Math.min(start, begin);
    end = Math.min(end, !calendar || kind === 0 ? begin + minutes : calendar.endOf(begin, minutes));
  }
  return [start === Infinity ? ready : start, end === Infinity ? ready + minutes : end];
}

const beginOf = (calendar: Calendar, kind: 0 | 1, ready: Minute, minutes: number): Minute =>
  kind === 0 ? calendar.roomFrom(ready, minutes) : calendar.openFrom(ready);
