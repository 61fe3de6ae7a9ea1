import { minutesWithin, scheduleKeeping, type Schedule, type ScheduleProblem } from '../schedule';
import type { StepNetwork } from '../steps';
import type { Minute } from '../units';
import type { PlanInput, StepShare } from './model';
import { idlePartings, strainPartings } from './partings';
import type { ShopHours } from './shop-hours';
import { joinedSchedule, partedProblem, type Parting } from './step-parts';

/** What fewer hands at a time have to gain at the end of a job, open minutes. */
const leastGainMin = 60;

export interface SharedSchedule {
  schedule: Schedule;
  shares: ReadonlyMap<string, StepShare[]>;
}

/**
 * A schedule that keeps what was agreed, with hard work parted by the limits of strain where they are kept. Where work of
 * several people would wait long until all are free, its panels are shared out among those who are, if the job ends sooner.
 */
export function sharedOut(
  ground: { input: PlanInput; network: StepNetwork; problem: ScheduleProblem },
  hours: ShopHours,
  starts: ReadonlyMap<string, Minute>,
): SharedSchedule {
  const { open } = hours;
  const { problem, input } = ground;
  const placed = (partings: ReadonlyMap<string, Parting>): SharedSchedule => {
    const agreed = { starts, open, keepForMin: input.shop.keepForMin };
    return joinedSchedule(scheduleKeeping(partedProblem(problem, partings), agreed), partings);
  };
  const byStrain = strainPartings(ground, hours);
  const first = placed(byStrain);
  const idle = idlePartings(ground, first.schedule, open);
  for (const key of byStrain.keys()) idle.delete(key);
  if (idle.size === 0) return first;
  const shared = placed(new Map([...byStrain, ...idle]));
  return isBetter(shared.schedule, first.schedule) ? shared : first;

  function isBetter(one: Schedule, other: Schedule): boolean {
    if (one.unplaced.length > other.unplaced.length || one.broken.length > other.broken.length) return false;
    if (one.unplaced.length < other.unplaced.length || one.broken.length < other.broken.length) return true;
    return minutesWithin(open, endOf(one, problem), endOf(other, problem)) >= leastGainMin;
  }
}

/** When the last of what the handover waits for ends. */
function endOf({ placements }: Schedule, { afterwards }: ScheduleProblem): Minute {
  const later = new Set(afterwards);
  return placements.reduce((last, one) => (later.has(one.step) ? last : Math.max(last, one.end)), 0);
}
