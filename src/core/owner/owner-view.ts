import type { ForecastDay } from '../forecast';
import type { Offer, StageDue } from '../offer';
import { areaStates } from '../plan/looks';
import type { Plan, PlannedStep } from '../plan/model';
import { colourOfKey, sampleState, type DecisionWay, type Job } from '../record';
import { addDays, localDateOf, type LocalDate, type Minute, type Minor } from '../units';

/** What the owner of a job is shown; nothing else of the shop, its people, prices or other jobs is in it. */
export interface OwnerView {
  name: string;
  /** Each section with what it looks like today. */
  today: { section: string; level: string; state: string; colour: string }[];
  /** What was done in the last seven days, the latest first. */
  done: { what: string; on: string; day: LocalDate }[];
  /** What comes next, each stretch of the work with the day it begins. */
  next: { phase: string; day: LocalDate }[];
  waits: OwnerWait[];
  /** Hours by stretch of the work: used, expected in all, and as quoted; null where nothing was accepted. */
  hours: { phase: string; usedMin: number; expectedMin: number; quotedMin: number | null }[];
  /** Used and expected share of what was agreed, 0 and more; left out where nothing was. */
  budgets: { budget: 'labour' | 'materials' | 'booth'; used: number; expected: number }[];
  promise: OwnerPromise;
  /** Photos of the last seven days that were chosen for him, the latest first. */
  photos: OwnerPhoto[];
  payments: StageDue[];
}

/** Something that waits for a word of the owner. */
export type OwnerWait =
  | { code: 'quote'; number: number; grossMinor: Minor; validUntil: LocalDate }
  | { code: 'decision'; id: string; what: string; ways: readonly DecisionWay[]; photos: OwnerPhoto[] }
  | { code: 'sample'; colour: string; wasRefused: boolean; card: CardToSee | null };

/** A photo that the manager chose for the owner. */
export interface OwnerPhoto {
  sha256: string;
  part: string | null;
  caption: string;
  takenOn: LocalDate;
  widthPx: number;
  heightPx: number;
}

/** A card that lies ready to be seen. */
export interface CardToSee {
  id: string;
  widthMm: number;
  heightMm: number;
}

export interface OwnerPromise {
  promised: LocalDate;
  /** Day on which the plan ends; null while nothing is planned. */
  planned: LocalDate | null;
  /** The day by which it is ready in eight cases of ten; null where nobody has reckoned it yet. */
  p80: LocalDate | null;
  /** Why it moved: what came to the scope and what it cost in days, the latest first. */
  moved: { what: string; days: number; day: LocalDate }[];
}

export interface OwnerGiven {
  job: Job;
  plan: Plan;
  now: Minute;
  timeZone: string;
  /** The latest forecast; null where there is none. */
  forecast: ForecastDay | null;
  /** Quotes that nobody has answered, and the one that was accepted. */
  open: readonly Offer[];
  accepted: Offer | null;
  payments: readonly StageDue[];
  /** Photos that were chosen for the owner, whenever they were taken. */
  photos: readonly OwnerPhoto[];
}

const weekMin = 7 * 1440;
/** A reader is shown so many lines of each list. */
const mostLines = 8;

/** The page of an owner, out of the plan as it stands. */
export function ownerView(given: OwnerGiven): OwnerView {
  const { job, plan, now, timeZone } = given;
  return {
    name: job.name,
    today: todayOf(job, plan, now),
    done: doneOf(plan.steps, now, timeZone),
    next: nextOf(plan.steps, timeZone),
    waits: waitsOf(given),
    hours: hoursOf(plan.steps, given.accepted),
    budgets: budgetsOf(plan),
    promise: {
      promised: job.promised,
      planned: plan.finishDate,
      p80: given.forecast?.p80 ?? null,
      moved: [...job.scope]
        .filter((one) => one.days !== 0)
        .sort((a, b) => b.onDate.localeCompare(a.onDate))
        .slice(0, mostLines)
        .map(({ what, days, onDate }) => ({ what, days, day: onDate })),
    },
    photos: photosOf(given),
    payments: [...given.payments],
  };
}

function todayOf(job: Job, plan: Plan, now: Minute): OwnerView['today'] {
  const states = areaStates(plan, now);
  return plan.sections.map(({ section, name, level, colour }) => ({
    section: name,
    level,
    state: states.get(section) ?? 'old',
    colour: colourOfKey(job, colour).name,
  }));
}

/** Work that ended in the last seven days; what is moved, set up, waited for or looked at is no news. */
function doneOf(steps: readonly PlannedStep[], now: Minute, timeZone: string): OwnerView['done'] {
  const found = new Map<string, OwnerView['done'][number] & { end: Minute }>();
  for (const step of steps) {
    const { state, end, kind, coat, figure, name, subject } = step;
    const isMeasured = coat !== null || figure.unit !== 'fixed';
    const isNews = state === 'done' && kind !== 'passive' && isMeasured;
    if (!isNews || end > now || end < now - weekMin) continue;
    const line = `${name}\n${subject}`;
    const known = found.get(line);
    if (!known || known.end < end)
      found.set(line, { what: name, on: subject, day: localDateOf(end, timeZone), end });
  }
  return [...found.values()]
    .sort((a, b) => b.end - a.end)
    .slice(0, mostLines)
    .map(({ what, on, day }) => ({ what, on, day }));
}

function nextOf(steps: readonly PlannedStep[], timeZone: string): OwnerView['next'] {
  const first = new Map<string, Minute>();
  for (const { state, phase, start, kind } of steps)
    if (state === 'planned' && kind !== 'passive')
      first.set(phase, Math.min(first.get(phase) ?? Infinity, start));
  return [...first]
    .sort((a, b) => a[1] - b[1])
    .slice(0, mostLines)
    .map(([phase, start]) => ({ phase, day: localDateOf(start, timeZone) }));
}

function waitsOf({ job, plan, open, photos }: OwnerGiven): OwnerWait[] {
  const waiting = plan.warnings.flatMap((one) => (one.code === 'sample-open' ? [one.colour] : []));
  return [
    ...open.map(({ number, grossMinor, validUntil }): OwnerWait => ({
      code: 'quote',
      number,
      grossMinor,
      validUntil,
    })),
    ...job.decisions
      .filter((one) => one.answer === 'open')
      .map(({ id, what, part, ways }): OwnerWait => ({
        code: 'decision',
        id,
        what,
        ways,
        photos: part === '' ? [] : photos.filter((one) => one.part === part).slice(-4),
      })),
    ...[...new Set(waiting)].map((colour): OwnerWait => ({
      code: 'sample',
      colour: colourOfKey(job, colour).name,
      wasRefused: sampleState(job.samples, colour).state === 'refused',
      card: cardToSee(job, colour),
    })),
  ];
}

/** Photos of the week; a page for a telephone shows no more. */
const mostShown = 12;

function photosOf({ photos, now, timeZone }: OwnerGiven): OwnerPhoto[] {
  const since = addDays(localDateOf(now, timeZone), -7);
  return photos
    .filter((one) => one.takenOn >= since)
    .sort((a, b) => b.takenOn.localeCompare(a.takenOn))
    .slice(0, mostShown);
}

/** The latest card of a colour that nobody has judged. */
function cardToSee({ samples }: Job, colour: string): CardToSee | null {
  const waiting = samples
    .filter((one) => one.colour === colour && one.verdict === 'waiting')
    .sort((a, b) => a.onDate.localeCompare(b.onDate))
    .at(-1);
  return waiting ? { id: waiting.id, widthMm: waiting.widthMm, heightMm: waiting.heightMm } : null;
}

function hoursOf(steps: readonly PlannedStep[], accepted: Offer | null): OwnerView['hours'] {
  const sums = new Map<string, { usedMin: number; expectedMin: number }>();
  for (const { phase, state, usedMin, leftMin } of steps) {
    const own = sums.get(phase) ?? { usedMin: 0, expectedMin: 0 };
    own.usedMin += usedMin;
    own.expectedMin += usedMin + (state === 'done' ? 0 : leftMin);
    sums.set(phase, own);
  }
  const quoted = new Map(
    (accepted?.lines ?? []).flatMap((line) =>
      line.kind === 'labour' ? [[line.of, Math.round(60 * line.quantity)] as const] : [],
    ),
  );
  return [...sums].flatMap(([phase, own]) =>
    own.expectedMin === 0
      ? []
      : [{ phase, ...own, quotedMin: accepted === null ? null : (quoted.get(phase) ?? 0) }],
  );
}

function budgetsOf({ budgets }: Plan): OwnerView['budgets'] {
  const all = [
    { budget: 'labour' as const, ...budgets.labourMin },
    { budget: 'materials' as const, ...budgets.materialsMinor },
    { budget: 'booth' as const, ...budgets.boothMin },
  ];
  return all.flatMap(({ budget, used, planned, cap }) =>
    cap > 0 ? [{ budget, used: used / cap, expected: planned / cap }] : [],
  );
}
