import type { Change, WorkChange } from '@/core/changes';
import { figureEntry, type TypedFigure } from '@/core/figures';
import type { LayerRole, Level } from '@/core/film';
import { levelStandards } from '@/core/film';
import type { Depth, SchoolChoice } from '@/core/record';
import { date, hours, moment, money } from '../words/format';
import { unitText } from '../figures/figure-place';
import { counted, firstTwo } from '../words/counted';

/** What changes may name, as words and as choices of the form. */
export interface ChangeGround {
  sections: {
    key: string;
    name: string;
    level: Level;
    coats: Partial<Record<LayerRole, number>>;
    seen: number;
    schools: SchoolChoice;
  }[];
  /** The job's own schools and figures, and the version of its row. */
  own: { seen: number; schools: SchoolChoice; figures: TypedFigure[] };
  places: { id: string; name: string }[];
  ladders: { key: string; name: string }[];
  /** Versions of what was changed by hand, by step. */
  edits: Readonly<Record<string, number>>;
  people: { id: string; name: string }[];
  otherJobs: string[];
  schools: { key: string; name: string; options: { key: string; name: string; why: string }[] }[];
  arrival: string;
  promised: string;
  currency: string;
  timeZone: string;
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
    default:
      return workChangeText(change, ground);
  }
}

const roleWords: Partial<Record<LayerRole, string>> = {
  build: 'primer coat',
  colour: 'colour coat',
  clear: 'clear coat',
};
const depthWords: Record<Depth, string> = {
  scuff: 'scuffed',
  stable: 'taken to the stable layer',
  bare: 'taken to bare',
};

/** A change of the work in a manager's words. */
function workChangeText(change: WorkChange, ground: ChangeGround): string {
  const section = (key: string) => ground.sections.find((one) => one.key === key)?.name ?? key;
  switch (change.kind) {
    case 'coats': {
      const coats = counted(change.coats, roleWords[change.role] ?? change.role);
      return `${coats} on ${firstTwo(change.sections.map(section))}`;
    }
    case 'ladder': {
      const ladder = ground.ladders.find((one) => one.key === change.ladder)?.name ?? change.ladder;
      return `${section(change.section)} sanded ${ladder}`;
    }
    case 'depth':
      return `${section(change.section)} ${depthWords[change.depth]}`;
    case 'pin':
      return `“${change.name}” on ${moment(change.at, ground)}`;
    case 'cap':
      return change.budget === 'materials'
        ? `Materials cap ${money(change.amount, ground)}`
        : `${change.budget === 'labour' ? 'Labour' : 'Booth'} cap ${change.amount} h`;
    case 'figures':
      return change.figures
        .map(({ key, value }) => {
          const entry = figureEntry(key);
          const [words] = entry.words.split(':');
          if (entry.unit === 'yes') return value === 1 ? words : `${words}: no`;
          return `${entry.words}: ${value}${unitText(entry)}`;
        })
        .join(', ');
    case 'painter':
      return `${change.name} at the gun from the first coat to the last`;
    case 'air':
      return `${ground.places.find((one) => one.id === change.place)?.name ?? change.place} kept at ${change.airC} °C`;
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
