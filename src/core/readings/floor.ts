import type { Plan } from '../plan/model';
import { baseOf, type Job } from '../record';
import { minuteAt, type Minute } from '../units';

/** Where a vehicle stands for a while; `yard` where no room is held for it. */
export interface FloorStay {
  job: string;
  place: string;
  from: Minute;
  to: Minute;
}

export const yard = 'yard';

/** A vehicle that must leave a place so that another can come in. */
export interface MoveFirst {
  place: string;
  at: Minute;
  out: string;
  /** Where it goes; null when it has left the shop. */
  outTo: string | null;
  in: string;
}

/**
 * The chain of places of a vehicle from its arrival to the end of the work, without a gap: the rooms its body is held in,
 * and between them the room it stands in as long as nobody needs it, else the yard. Loose parts that travel alone have
 * stays of their own and are not the vehicle.
 * @param mayStay whether a vehicle may go on standing in a room it no longer needs
 */
export function floorChain(
  job: Pick<Job, 'number' | 'sections' | 'arrival'>,
  plan: Pick<Plan, 'steps' | 'stays' | 'finish'>,
  timeZone: string,
  mayStay: (place: string, from: Minute, to: Minute) => boolean = () => false,
): FloorStay[] {
  const body = new Set(job.sections.filter((section) => !section.loose).map((section) => section.key));
  const isBody = (key: string) =>
    plan.steps.some((step) => step.hold === key && step.sections.some((one) => body.has(baseOf(one))));
  const stays = plan.stays.filter((stay) => isBody(stay.key)).sort((a, b) => a.start - b.start);
  const chain: FloorStay[] = [];
  let at = minuteAt(job.arrival, 0, timeZone);
  const put = (place: string, from: Minute, to: Minute) => {
    if (to <= from) return;
    const last = chain.at(-1);
    if (last?.place === place && last.to === from) last.to = to;
    else chain.push({ job: job.number, place, from, to });
  };
  for (const stay of stays) {
    const before = chain.at(-1)?.place ?? yard;
    put(before !== yard && mayStay(before, at, stay.start) ? before : yard, at, stay.start);
    put(stay.place, Math.max(at, stay.start), stay.end);
    at = Math.max(at, stay.end);
  }
  if (plan.finish !== null) put(yard, at, plan.finish);
  return chain;
}

/** What must move before each vehicle can come into a room: whoever stood in it until then. */
export function movesFirst(chains: readonly (readonly FloorStay[])[], now: Minute): MoveFirst[] {
  const byPlace = new Map<string, FloorStay[]>();
  for (const stay of chains.flat())
    if (stay.place !== yard) byPlace.set(stay.place, [...(byPlace.get(stay.place) ?? []), stay]);
  const after = new Map<FloorStay, FloorStay | undefined>();
  for (const chain of chains) chain.forEach((stay, i) => after.set(stay, chain[i + 1]));
  return [...byPlace]
    .flatMap(([place, own]) => {
      const inTime = [...own].sort((a, b) => a.from - b.from);
      return inTime.flatMap((stay, i): MoveFirst[] => {
        const before = inTime[i - 1];
        if (!before || before.job === stay.job || stay.from < now) return [];
        return [
          { place, at: stay.from, out: before.job, outTo: after.get(before)?.place ?? null, in: stay.job },
        ];
      });
    })
    .sort((a, b) => a.at - b.at);
}

/** Room to open doors and walk round a vehicle in the yard, m on each side. */
const roundM = 0.75;

/** Vehicles in the yard at once against its area; the first minute it is too small, or null while it holds them. */
export function yardFullAt(
  chains: readonly (readonly FloorStay[])[],
  sizeOf: (job: string) => { lengthM: number; widthM: number },
  yardM2: number,
  now: Minute,
): { at: Minute; jobs: string[]; neededM2: number } | null {
  const standing = chains.flat().filter((stay) => stay.place === yard && stay.to > now);
  const minutes = [...new Set(standing.map((stay) => Math.max(now, stay.from)))].sort((a, b) => a - b);
  for (const at of minutes) {
    const here = standing.filter((stay) => stay.from <= at && at < stay.to);
    const neededM2 = here.reduce((sum, { job }) => {
      const { lengthM, widthM } = sizeOf(job);
      return sum + (lengthM + 2 * roundM) * (widthM + 2 * roundM);
    }, 0);
    if (neededM2 > yardM2) return { at, jobs: here.map((stay) => stay.job), neededM2 };
  }
  return null;
}
