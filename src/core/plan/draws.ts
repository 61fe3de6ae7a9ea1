import type { Figures } from '../figures';
import type { Shelf } from '../film';
import type { Plan, PlannedStep } from './model';
import { drawnBySteps, tintOf, type CoatToStart, type ColourPool, type Draw } from '../stores';

/** What the planned steps of a plan still draw, with the minute each starts. */
export function drawsAhead(
  plan: Pick<Plan, 'job' | 'steps' | 'sessions' | 'pools'>,
  shelf: Shelf,
  figures: Figures,
): Draw[] {
  const drawn = drawnBySteps(plan.steps, plan.sessions, shelf, figures);
  return plan.steps
    .filter((step) => step.state === 'planned')
    .flatMap((step) => drawsOf(step, drawn, plan.job, plan.pools));
}

/** What a step draws, with its minute and what it is tinted to. */
export const drawsOf = (
  { key, start, coat, heldBy }: Pick<PlannedStep, 'key' | 'start' | 'coat' | 'heldBy'>,
  drawn: ReadonlyMap<string, readonly { product: string; amount: number }[]>,
  job: string,
  pools: readonly ColourPool[],
): Draw[] =>
  drawn.get(key)!.map((one): Draw => {
    const colour = one.product === coat?.product ? tintOf(pools, one.product, coat.session) : undefined;
    const draw = { ...one, at: start, job };
    return colour ? { ...draw, colour, waitsFor: heldBy } : draw;
  });

/** The mixes that planned sessions need to stand by, each at the start of its first coat that is not laid yet. */
export function coatsAhead(plan: Pick<Plan, 'job' | 'steps' | 'sessions'>): CoatToStart[] {
  const steps = new Map(plan.steps.map((step) => [step.key, step]));
  return plan.sessions.flatMap((session): CoatToStart[] => {
    const left = session.steps.filter((one) => steps.get(one.step)?.state === 'planned');
    if (left.length === 0) return [];
    const net = left.reduce((sum, one) => sum + one.litres, 0);
    return [
      {
        job: plan.job,
        session: session.session,
        product: session.product,
        readyL: session.netL > 0 ? (session.readyL * net) / session.netL : session.readyL,
        start: Math.min(...left.map((one) => steps.get(one.step)!.start)),
      },
    ];
  });
}
