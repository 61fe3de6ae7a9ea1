import type { Level } from '../film';
import { levels } from '../film';
import { schoolOptions, type SchoolKey } from '../record';
import type { Shift, Skill } from '../shop';
import { addDays, type LocalDate } from '../units';
import type { Situation } from './situation';
import { isWorkChange, withWorkChange, type WorkChange } from './work-change';

/** One thing done otherwise, in the job or in the shop. Nothing of it is stored. */
export type Change = WorkChange | ShopOrJobChange;

type ShopOrJobChange =
  | { kind: 'saturdays' }
  | { kind: 'overtime'; minutes: number }
  | { kind: 'extra-person'; skill: Skill }
  | { kind: 'away'; person: string; from: LocalDate; to: LocalDate }
  | { kind: 'rented-booth'; from: LocalDate; days: number }
  | { kind: 'level'; section: string; level: Level }
  | { kind: 'school'; section: string | null; school: SchoolKey; option: string }
  /** Steps placed in an order that was found, in place of the rule. */
  | { kind: 'order'; order: string[] }
  /** A step that is pinned goes where it can. */
  | { kind: 'unpin'; step: string; name: string }
  | { kind: 'promise'; date: LocalDate }
  | { kind: 'drop-job'; job: string };

/** The situation with one thing done otherwise. @returns null when it names what is not there, or changes nothing */
export function withChange(given: Situation, change: Change): Situation | null {
  if (isWorkChange(change)) return withWorkChange(given, change);
  const { job, shop } = given;
  switch (change.kind) {
    case 'saturdays': {
      const model = shop.shifts.filter((one) => one.weekday === 5);
      if (model.length === 0 || shop.shifts.some((one) => one.weekday === 6)) return null;
      const shifts = [...shop.shifts, ...model.map((one): Shift => ({ ...one, weekday: 6 }))];
      return { ...given, shop: { ...shop, shifts } };
    }
    case 'overtime': {
      const last = (shift: Shift) =>
        shop.shifts.every((one) => one.weekday !== shift.weekday || one.endMin <= shift.endMin);
      const shifts = shop.shifts.map((one) =>
        last(one) ? { ...one, endMin: Math.min(1440, one.endMin + change.minutes) } : one,
      );
      return { ...given, shop: { ...shop, shifts } };
    }
    case 'extra-person': {
      const more = {
        id: 'one-more',
        name: 'One more',
        skills: [change.skill],
        pace: 1,
        daysOff: [],
        hours: null,
      };
      return { ...given, shop: { ...shop, people: [...shop.people, more] } };
    }
    case 'away': {
      if (change.to < change.from || !shop.people.some((one) => one.id === change.person)) return null;
      const off = { from: change.from, to: change.to, reason: '' };
      const people = shop.people.map((one) =>
        one.id === change.person ? { ...one, daysOff: [...one.daysOff, off] } : one,
      );
      return { ...given, shop: { ...shop, people } };
    }
    case 'rented-booth': {
      const own = shop.places.find((one) => one.kind === 'booth');
      if (!own) return null;
      const id = 'rented-booth';
      const rented = { from: change.from, to: addDays(change.from, change.days - 1) };
      const booth = { ...own, id, name: 'Rented booth', closed: [], rented };
      return { ...given, shop: { ...shop, places: [...shop.places, booth] } };
    }
    case 'level': {
      const section = job.sections.find((one) => one.key === change.section);
      if (!section || section.level === change.level) return null;
      const sections = job.sections.map((one) =>
        one === section ? { ...one, level: change.level, coats: {}, ladder: null, rounds: {} } : one,
      );
      return { ...given, job: { ...job, sections } };
    }
    case 'school': {
      const { section, school, option } = change;
      if (!(schoolOptions[school] as readonly string[]).includes(option)) return null;
      if (section !== null && !job.sections.some((one) => one.key === section)) return null;
      const sections = job.sections.map((one) =>
        section === null || one.key === section
          ? { ...one, schools: { ...one.schools, [school]: option } }
          : one,
      );
      return { ...given, job: { ...job, sections } };
    }
    case 'order':
      return { ...given, job: { ...job, placingOrder: change.order } };
    case 'unpin': {
      if (!job.stepEdits.some((edit) => edit.step === change.step && edit.startAt !== null)) return null;
      const stepEdits = job.stepEdits.map((edit) =>
        edit.step === change.step ? { ...edit, startAt: null } : edit,
      );
      return { ...given, job: { ...job, stepEdits } };
    }
    case 'promise':
      return change.date === job.promised ? null : { ...given, job: { ...job, promised: change.date } };
    case 'drop-job': {
      if (!given.promised.has(change.job)) return null;
      const promised = new Map([...given.promised].filter(([other]) => other !== change.job));
      return { ...given, promised };
    }
  }
}

/** Steps that a level lies below another; 0 where it is no lower. */
export const levelsDown = (from: Level, to: Level): number =>
  Math.max(0, levels.indexOf(from) - levels.indexOf(to));
