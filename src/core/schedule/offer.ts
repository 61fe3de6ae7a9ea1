import { together, type Calendar } from './calendar';
import { distinctChoices } from './choices';
import type { Choice, Compiled } from './compiled';
import { exclusionSides } from './exclusion-sides';
import type { ModelStep, ScheduleModel } from './model';

interface Asked {
  anyOf: readonly string[];
  amount: number;
}

/** What each step may take of people, places and things: the choices it has, and the hours of each. */
export class Offer {
  readonly resources: Compiled['resources'];
  readonly sides: ReturnType<typeof exclusionSides>;
  /** False once a step had more choices than are laid out. */
  complete = true;
  private readonly indexOf: ReadonlyMap<string, number>;
  private readonly holds: ReadonlyMap<string, Asked>;
  /** What is said beforehand: pins, and steps that are done or running. */
  private readonly said: ReadonlyMap<string, readonly { resource: string }[]>;
  private readonly shared = new Map<string, Calendar | null>();
  private readonly alike = new Map<string, Choice[]>();

  constructor(
    private readonly model: ScheduleModel,
    private readonly calendars: ReadonlyMap<string, Calendar>,
  ) {
    this.indexOf = new Map(model.resources.map((one, i) => [one.id, i]));
    this.holds = new Map(model.holds.map((one) => [one.id, one]));
    this.said = new Map(
      [...model.pinned, ...model.done, ...model.running].map((one) => [one.step, one.uses ?? []]),
    );
    this.resources = model.resources.map((one) => ({
      id: one.id,
      capacity: one.capacity,
      calendar: this.calendarOf(one.calendar),
      scarce: one.scarce,
      wanted: 0,
    }));
    for (const step of model.steps)
      for (const use of step.uses)
        if ('anyOf' in use)
          for (const i of this.idsOf(use.anyOf)) this.resources[i]!.wanted += 1 / use.anyOf.length;
    this.sides = exclusionSides(model, (ids) => this.idsOf(ids));
  }

  idsOf(ids: readonly string[]): number[] {
    return ids.map((id) => this.indexOf.get(id)!);
  }

  /** Those able to give the amount at all, those that fewer steps want first. */
  able(use: Asked, byNeed: boolean): number[] {
    const able = this.idsOf(use.anyOf).filter((i) => this.resources[i]!.capacity >= use.amount);
    const wanted = (i: number) => this.resources[i]!.wanted;
    return byNeed ? able.sort((a, b) => wanted(a) - wanted(b) || a - b) : able;
  }

  /** Steps that ask alike share their choices; one of which something is said has its own. */
  choicesOf(step: ModelStep): Choice[] {
    if (this.said.has(step.id)) return this.laidOut(step);
    const key = JSON.stringify([step.uses, step.tags, step.hours]);
    const known = this.alike.get(key) ?? this.laidOut(step);
    this.alike.set(key, known);
    return known;
  }

  private laidOut(step: ModelStep): Choice[] {
    return this.waysOf(step).map((taken) => ({
      resources: taken,
      calendar: this.hoursOf(taken, step),
      sides: this.sides(step.tags, taken),
    }));
  }

  private waysOf(step: ModelStep): Int32Array[] {
    const said = this.said.get(step.id) ?? [];
    if (said.length > 0) return [Int32Array.from(this.idsOf(said.map((one) => one.resource)))];
    const lists = step.uses.map((use) =>
      'hold' in use ? this.able(this.holds.get(use.hold)!, false) : this.able(use, true),
    );
    const { ways, complete } = distinctChoices(lists);
    this.complete &&= complete;
    return ways;
  }

  /** The hours in which all that is taken is there. */
  private hoursOf(taken: Int32Array, { hours }: ModelStep): Calendar | null {
    const own: string[] = [];
    for (const r of taken) {
      const { id, calendar: usual } = this.model.resources[r]!;
      const calendar = hours?.find(([resource]) => resource === id)?.[1] ?? usual;
      if (calendar !== null && !own.includes(calendar)) own.push(calendar);
    }
    if (own.length < 2) return this.calendarOf(own[0] ?? null);
    const key = JSON.stringify(own.sort());
    const known = this.shared.get(key) ?? together(own.map((id) => this.calendars.get(id)!));
    this.shared.set(key, known);
    return known;
  }

  /** Calendars of a step's own, by resource; null where it goes by those of its resources. */
  ownHours({ hours }: ModelStep): ReadonlyMap<number, Calendar> | null {
    return hours
      ? new Map(hours.map(([resource, id]) => [this.indexOf.get(resource)!, this.calendars.get(id)!]))
      : null;
  }

  private calendarOf(id: string | null): Calendar | null {
    return id === null ? null : this.calendars.get(id)!;
  }
}
