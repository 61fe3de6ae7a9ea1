import type { ModelStep, ScheduleModel, TakenUse } from '../schedule/model';
import type { Fault } from './faults';

/** What a schema cannot see: double and unknown ids, turned-round pairs, amounts that nothing can give. */
export function referenceFaults(model: ScheduleModel): Fault[] {
  const faults: Fault[] = [];
  const fault = (place: string, reason: string) => faults.push({ place, reason });
  const known = (name: string, ids: readonly string[]): Map<string, number> => {
    const index = new Map<string, number>();
    ids.forEach((id, i) => {
      const first = index.get(id);
      if (first === undefined) index.set(id, i);
      else fault(`${name}[${i}].id`, `id ${shown(id)} is taken by ${name}[${first}]`);
    });
    return index;
  };
  const idsOf = (list: readonly { id: string }[]) => list.map((one) => one.id);
  const calendars = known('calendars', idsOf(model.calendars));
  const resources = known('resources', idsOf(model.resources));
  const jobs = known('jobs', idsOf(model.jobs));
  const steps = known('steps', idsOf(model.steps));
  const holds = known('holds', idsOf(model.holds));
  const mustBe = (index: Map<string, number>, kind: string, id: string, place: string): boolean => {
    if (index.has(id)) return true;
    fault(place, `there is no ${kind} ${shown(id)}`);
    return false;
  };
  const enough = (anyOf: readonly string[], amount: number, place: string): void => {
    const there = anyOf.map((id, i) =>
      mustBe(resources, 'resource', id, `${place}${anyOf.length > 1 ? `.anyOf[${i}]` : ''}`),
    );
    if (!there.every(Boolean)) return;
    const most = Math.max(...anyOf.map((id) => model.resources[resources.get(id)!]!.capacity));
    if (amount > most) fault(`${place}.amount`, `amount ${amount} is above every capacity, at most ${most}`);
  };

  hoursFaults(model, fault);
  model.resources.forEach(({ calendar }, i) => {
    if (calendar !== null) mustBe(calendars, 'calendar', calendar, `resources[${i}].calendar`);
  });
  model.steps.forEach((step, i) => {
    mustBe(jobs, 'job', step.job, `steps[${i}].job`);
    step.uses.forEach((use, k) => {
      const place = `steps[${i}].uses[${k}]`;
      if ('hold' in use) mustBe(holds, 'hold', use.hold, `${place}.hold`);
      else enough(use.anyOf, use.amount, place);
    });
  });
  model.links.forEach((link, i) => {
    mustBe(steps, 'step', link.from, `links[${i}].from`);
    mustBe(steps, 'step', link.to, `links[${i}].to`);
    if (link.max !== null && link.min !== null && link.min > link.max)
      fault(`links[${i}]`, `min ${link.min} is above max ${link.max}`);
  });
  holdFaults({ model, enough, mustBe, steps, fault });
  model.exclusions.forEach((one, i) =>
    one.resources.forEach((id, k) => mustBe(resources, 'resource', id, `exclusions[${i}].resources[${k}]`)),
  );
  sameFaults({ model, mustBe, resources, steps, fault });
  factFaults(model, steps, resources, fault);
  return faults;
}

/** Hours that end before they begin. */
function hoursFaults({ calendars }: ScheduleModel, fault: (place: string, reason: string) => void): void {
  calendars.forEach((one, i) => {
    for (const name of ['open', 'closed'] as const)
      one[name].forEach(([from, to], k) => {
        if (from > to) fault(`calendars[${i}].${name}[${k}]`, `${from} is after ${to}`);
      });
  });
}

/** Ends of holds, and whether their steps know of them. */
function holdFaults({
  model,
  enough,
  mustBe,
  steps,
  fault,
}: {
  model: ScheduleModel;
  enough: (anyOf: readonly string[], amount: number, place: string) => void;
  mustBe: (index: Map<string, number>, kind: string, id: string, place: string) => boolean;
  steps: Map<string, number>;
  fault: (place: string, reason: string) => void;
}) {
  model.holds.forEach((hold, i) => {
    enough(hold.anyOf, hold.amount, `holds[${i}]`);
    for (const end of ['from', 'to'] as const) {
      if (!mustBe(steps, 'step', hold[end], `holds[${i}].${end}`)) continue;
      const { uses } = model.steps[steps.get(hold[end])!]!;
      if (!uses.some((use) => 'hold' in use && use.hold === hold.id))
        fault(`holds[${i}].${end}`, `step ${shown(hold[end])} does not list the hold in its uses`);
    }
  });
}

/** Groups of steps that must take the same: each has to offer exactly that list. */
function sameFaults({
  model,
  mustBe,
  resources,
  steps,
  fault,
}: {
  model: ScheduleModel;
  mustBe: (index: Map<string, number>, kind: string, id: string, place: string) => boolean;
  resources: Map<string, number>;
  steps: Map<string, number>;
  fault: (place: string, reason: string) => void;
}) {
  model.same.forEach((one, i) => {
    one.anyOf.forEach((id, k) => mustBe(resources, 'resource', id, `same[${i}].anyOf[${k}]`));
    one.steps.forEach((id, k) => {
      const place = `same[${i}].steps[${k}]`;
      if (!mustBe(steps, 'step', id, place)) return;
      const { uses } = model.steps[steps.get(id)!]!;
      if (!uses.some((use) => 'anyOf' in use && isSameList(use.anyOf, one.anyOf)))
        fault(place, `step ${shown(id)} has no entry with exactly this list`);
    });
  });
}

function factFaults(
  model: ScheduleModel,
  steps: ReadonlyMap<string, number>,
  resources: ReadonlyMap<string, number>,
  fault: (place: string, reason: string) => void,
): void {
  const told = new Map<string, string>();
  const stepOf = (list: 'facts' | 'pins', id: string, place: string): ModelStep | null => {
    const at = steps.get(id);
    if (at === undefined) {
      fault(`${place}.step`, `there is no step ${shown(id)}`);
      return null;
    }
    const key = `${list} ${id}`;
    const first = told.get(key);
    if (first !== undefined) fault(`${place}.step`, `step ${shown(id)} is told already by ${first}`);
    else told.set(key, place);
    return model.steps[at]!;
  };
  const checkUses = (step: ModelStep, uses: readonly TakenUse[], place: string, strict: boolean): void => {
    if (uses.length !== step.uses.length) {
      fault(`${place}.uses`, `has ${uses.length} items where the step has ${step.uses.length} entries`);
      return;
    }
    uses.forEach((one, k) => {
      const entry = step.uses[k]!;
      const at = `${place}.uses[${k}]`;
      if (!resources.has(one.resource))
        fault(`${at}.resource`, `there is no resource ${shown(one.resource)}`);
      else if (
        'hold' in entry !== 'hold' in one ||
        ('hold' in entry && 'hold' in one && entry.hold !== one.hold)
      )
        fault(at, `does not fit entry ${k} of the step`);
      else if (strict && !allowedFor(model, entry).includes(one.resource))
        fault(`${at}.resource`, `${shown(one.resource)} is not one that entry ${k} of the step may take`);
      else if ('amount' in entry && 'amount' in one && entry.amount !== one.amount)
        fault(`${at}.amount`, `is ${one.amount} where the step takes ${entry.amount}`);
    });
  };
  model.pinned.forEach(({ step, uses }, i) => {
    const found = stepOf('pins', step, `pinned[${i}]`);
    if (found && uses) checkUses(found, uses, `pinned[${i}]`, true);
  });
  model.done.forEach(({ step, start, end, uses }, i) => {
    const found = stepOf('facts', step, `done[${i}]`);
    if (start > end) fault(`done[${i}]`, `start ${start} is after end ${end}`);
    if (found && uses.length > 0) checkUses(found, uses, `done[${i}]`, false);
  });
  model.running.forEach(({ step, start, uses }, i) => {
    const found = stepOf('facts', step, `running[${i}]`);
    if (start > model.now) fault(`running[${i}].start`, `${start} is after now ${model.now}`);
    if (found && uses.length > 0) checkUses(found, uses, `running[${i}]`, false);
  });
}

function allowedFor(model: ScheduleModel, entry: ModelStep['uses'][number]): string[] {
  if ('anyOf' in entry) return entry.anyOf;
  return model.holds.find((one) => one.id === entry.hold)?.anyOf ?? [];
}

const isSameList = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((one, i) => one === b[i]);

const shown = (id: string): string => JSON.stringify(id);
