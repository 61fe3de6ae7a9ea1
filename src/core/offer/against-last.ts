import type { Plan } from '../plan/model';

/** Hours of a stretch of work as they are planned, beside what a like job took. */
export interface AgainstLast {
  phase: string;
  plannedMin: number;
  /** What the other took so far, and the same for as much area as this one has. */
  tookMin: number;
  scaledMin: number;
}

type Worked = Pick<Plan, 'steps' | 'sections'>;

/** Outsides and insides that get a coat, m². */
const paintedM2 = ({ sections }: Worked): number =>
  sections.reduce((sum, one) => sum + (one.layers.length > 0 ? one.outsideM2 + one.insideM2 : 0), 0);

/**
 * What this job is planned with beside what a like one really took: by stretch of the work, and by the painted area of both.
 * A stretch whose work goes by the job rather than by area is told as it was; the reader sees both figures.
 */
export function againstLast(plan: Worked, last: Worked): AgainstLast[] {
  const [own, others] = [paintedM2(plan), paintedM2(last)];
  const ratio = others > 0 ? own / others : 1;
  const sums = new Map<string, { plannedMin: number; tookMin: number }>();
  const of = (phase: string) => {
    const known = sums.get(phase) ?? { plannedMin: 0, tookMin: 0 };
    sums.set(phase, known);
    return known;
  };
  for (const { phase, state, usedMin, leftMin } of plan.steps)
    of(phase).plannedMin += usedMin + (state === 'done' ? 0 : leftMin);
  for (const { phase, usedMin } of last.steps) of(phase).tookMin += usedMin;
  return [...sums].flatMap(([phase, { plannedMin, tookMin }]) =>
    plannedMin === 0 && tookMin === 0
      ? []
      : [{ phase, plannedMin, tookMin, scaledMin: Math.round(tookMin * ratio) }],
  );
}
