import type { Change } from '@/core/changes';
import type { Level } from '@/core/film';
import { levelStandards } from '@/core/film';
import type { SchoolChoice } from '@/core/record';
import { date, hours } from '../words/format';
import { counted } from '../words/counted';

/** What changes may name, as words and as choices of the form. */
export interface ChangeGround {
  sections: { key: string; name: string; level: Level; seen: number; schools: SchoolChoice }[];
  /** The job's own schools, and the version of its row. */
  own: { seen: number; schools: SchoolChoice };
  people: { id: string; name: string }[];
  otherJobs: string[];
  schools: { key: string; name: string; options: { key: string; name: string; why: string }[] }[];
  arrival: string;
  promised: string;
}

const skillWork: Record<string, string> = {
  prep: 'sanding and masking',
  metal: 'metalwork',
  paint: 'spraying',
  polish: 'polishing',
  trim: 'fitting',
};

/** A change in a manager's words. */
export function changeText(change: Change, ground: ChangeGround): string {
  const section = (key: string) => ground.sections.find((one) => one.key === key)?.name ?? key;
  switch (change.kind) {
    case 'saturdays':
      return 'Work on Saturdays';
    case 'overtime':
      return `${change.minutes} min longer every day`;
    case 'extra-person':
      return `One more person for ${skillWork[change.skill] ?? change.skill}`;
    case 'away':
      return `${ground.people.find((one) => one.id === change.person)?.name ?? change.person} away ${date(change.from)} to ${date(change.to)}`;
    case 'rented-booth':
      return change.days >= 366
        ? 'A second booth, rented when needed'
        : `A second booth, rented ${counted(change.days, 'day')} from ${date(change.from)}`;
    case 'level':
      return `${section(change.section)} to ${change.level}`;
    case 'school': {
      const school = ground.schools.find((one) => one.key === change.school);
      const option = school?.options.find((one) => one.key === change.option)?.name ?? change.option;
      const where = change.section === null ? '' : `, ${section(change.section)}`;
      return `${school?.name ?? change.school} ${option}${where}`;
    }
    case 'order':
      return 'In the order that was found';
    case 'unpin':
      return `“${change.name}” not pinned`;
    case 'promise':
      return `Promise ${date(change.date)}`;
    case 'drop-job':
      return `Without ${change.job}`;
  }
}

/** What it means for the finish, in a sentence; null for what happens in the shop alone. */
export function ownerNotices(change: Change, ground: ChangeGround): string | null {
  if (change.kind === 'school') {
    const options = ground.schools.find((one) => one.key === change.school)?.options;
    return options?.find((one) => one.key === change.option)?.why ?? null;
  }
  if (change.kind !== 'level') return null;
  const section = ground.sections.find((one) => one.key === change.section);
  if (!section) return null;
  const [was, now] = [levelStandards[section.level], levelStandards[change.level]];
  const parts = [`${section.name} ${now.meaning} instead of ${was.meaning}`];
  const less = was.clearCoats - now.clearCoats;
  if (less > 0) parts.push(`${counted(less, 'clear')} less to polish`);
  if (was.lastsYears && now.lastsYears && was.lastsYears[0] > now.lastsYears[0])
    parts.push(`${was.lastsYears[0] - now.lastsYears[0]} years sooner to be done again`);
  return parts.join('; ');
}

/** A difference with its sign, in hours. */
export const hoursMore = (minutes: number): string =>
  minutes === 0 ? '±0' : `${minutes > 0 ? '+' : '−'}${hours(Math.abs(minutes))}`;
