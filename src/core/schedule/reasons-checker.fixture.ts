import { endFrom } from './exhaustive.fixture';
import { checkPlan, Reading } from './plan-checker.fixture';

type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

/**
 * Checks the `because` of every step by moving it to every earlier minute while all others stay, with the checker of
 * plans as the judge. Shares no code with the scheduler.
 */
export function faultsOfReasons(problem: Json, result: Json): string[] {
  const reading = new Reading(problem);
  const faults: string[] = [];
  const placed = new Map<string, Json>(result.steps.map((one: Json) => [one.id, one]));
  const pinned = new Set((problem.pinned ?? []).map((one: Json) => one.step));
  const broken = new Set(result.broken.map((one: Json) => one.link));
  for (const spot of result.steps) {
    const step = reading.steps.get(spot.id);
    const where = `because of ${spot.id}`;
    const { because } = spot;
    if (reading.facts.has(spot.id)) {
      if (because.length > 0) faults.push(`${where}: a fact needs none`);
      continue;
    }
    if (pinned.has(spot.id)) {
      if (JSON.stringify(because) !== '[{"kind":"pin"}]') faults.push(`${where}: a pin is its only reason`);
      continue;
    }
    const taken: string[] = spot.uses.map((one: Json) => one.resource);
    const endAt = (start: number) => endFrom(reading, step, taken, start, spot.end + 1);

    // The earliest start by now, release, minimum lags and holds.
    const job = problem.jobs.find((one: Json) => one.id === step.job);
    let low = Math.max(reading.now, job.release ?? 0);
    const reachesEnd = (minute: number) => {
      let t = low;
      for (; t < spot.start; t += 1) {
        const end = endAt(t);
        if (end !== null && end >= minute) break;
      }
      return t;
    };
    (problem.links ?? []).forEach((link: Json, i: number) => {
      const min = link.min ?? (link.type === 'end-start' ? 0 : null);
      if (link.to !== step.id || link.from === step.id || min === null || broken.has(i)) return;
      const from = placed.get(link.from);
      low = Math.max(low, (link.type === 'end-start' ? from.end : from.start) + min);
    });
    for (const hold of problem.holds ?? []) {
      if (!(step.uses ?? []).some((one: Json) => one.hold === hold.id)) continue;
      if (hold.from !== step.id) low = Math.max(low, placed.get(hold.from).start);
      else continue;
    }
    for (const hold of problem.holds ?? []) {
      if (hold.to !== step.id) continue;
      for (const other of problem.steps)
        if (other.id !== step.id && (other.uses ?? []).some((one: Json) => one.hold === hold.id))
          if (!reading.facts.has(other.id)) {
            const must = placed.get(other.id).end;
            // Minutes in which it could not start at all are named as closed, so only open ones count here.
            if (step.kind !== 'splittable') low = Math.max(low, must - step.minutes);
            else low = Math.max(low, reachesEnd(must));
          }
      if (hold.from !== step.id)
        low = Math.max(low, placed.get(hold.from).start - (step.kind === 'splittable' ? 0 : step.minutes));
    }

    const named = because.filter((one: Json) => one.to !== undefined);
    const cover = (t: number) => named.filter((one: Json) => t >= one.from && t < one.to);
    const choice = because.find((one: Json) => one.kind === 'choice');
    let free: number | null = null;
    for (let t = low; t < spot.start; t += 1) {
      const end = step.kind === 'splittable' ? endAt(t) : t + step.minutes;
      const open =
        step.minutes === 0 || step.kind === 'passive' || reading.runs(step, taken, t, end ?? t) === null;
      const over = cover(t);
      if (over.length > 1) faults.push(`${where}: two obstacles at ${t}`);
      if (!open) {
        if (over[0]?.kind !== 'closed') faults.push(`${where}: closed at ${t}, named ${over[0]?.kind}`);
        continue;
      }
      const moved = moveTo(problem, result, spot, t, end!);
      const stands = checkPlan(problem, moved).faults.filter(
        (one) => !/^(lateness|makespan|holdMinutes) is/.test(one),
      );
      if (stands.length === 0) {
        free ??= t;
        if (over.length > 0) faults.push(`${where}: ${over[0].kind} named at ${t}, which is allowed`);
      } else if (over.length === 0) faults.push(`${where}: nothing named at ${t}: ${stands[0]}`);
      else {
        const words = {
          closed: /closed|open/,
          resource: /^resource/,
          exclusion: /^exclusion/,
          window: /^link/,
        };
        const fits = stands.some((one) => words[over[0].kind as keyof typeof words].test(one));
        if (!fits) faults.push(`${where}: ${over[0].kind} named at ${t} where ${stands[0]}`);
      }
    }
    if ((free === null) !== (choice === undefined))
      faults.push(`${where}: choice ${choice?.earliest}, free ${free}`);
    else if (choice && choice.earliest !== free)
      faults.push(`${where}: choice ${choice.earliest}, free ${free}`);
    const order = named.map((one: Json) => one.from);
    if ([...order].sort((a: number, b: number) => b - a).join() !== order.join())
      faults.push(`${where}: not latest first`);
    const anchor = because.at(-1);
    if (anchor === undefined || anchor.to !== undefined || anchor.kind === 'choice')
      faults.push(`${where}: nothing fixes the earliest start`);
  }
  return faults;
}

function moveTo(problem: Json, result: Json, spot: Json, start: number, end: number): Json {
  const steps = result.steps.map((one: Json) => (one === spot ? { ...one, start, end } : one));
  const at = (id: string) => steps.find((one: Json) => one.id === id);
  const holds = result.holds.map((one: Json) => {
    const hold = problem.holds.find((other: Json) => other.id === one.id);
    return { ...one, start: at(hold.from).start, end: at(hold.to).end };
  });
  return { ...result, steps, holds };
}
