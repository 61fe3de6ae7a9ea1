import { standingEntries, type Job, type LogEntry } from '@/core/record';
import { stepLogs, worked, type StepLog } from '@/core/log';
import type { Unrecorded } from '@/core/readings/unrecorded';
import { sumsShown, unrecordedIn, type Sums } from './sums-shown';
import type { Plan, PlannedStep } from '@/core/plan';
import { ShopHours } from '@/core/plan/shop-hours';
import { leftToday, type LeftToday } from '@/core/readings/left-today';
import type { Shelf } from '@/core/film';
import type { Shop } from '@/core/shop';
import { catalogueWith, isLook } from '@/core/steps';
import { localDateOf } from '@/core/units';
import { panelsOf, type Part } from '@/core/vehicle';
import type { PhotoPrompt } from '@/core/handover';
import type { Locale } from '../words/format';

const keysOf = (parts: readonly Part[]): string[] => panelsOf(parts).map((panel) => panel.key);

/** Why a picture is worth taking at a step, and what it is of. */
export type PictureWorth = Pick<PhotoPrompt, 'why' | 'tag'>;

/** A step somebody is at, or could begin next. */
export interface WorkRow {
  step: string;
  name: string;
  subject: string;
  skill: string | null;
  start: number;
  /** Since when people are at it; null where nobody is. */
  since: number | null;
  at: string[];
  usedMin: number;
  plannedMin: number;
  /** Ids of people the plan gives it to. */
  proposed: string[];
  /** Clock minutes it takes a crew. */
  minutes: number;
  /** Panels it may be done on one by one; empty where it is one piece. */
  panels: string[];
  /** At the polisher: since when the pad has not been cleaned; null where no pad runs. */
  padSince: number | null;
  cautions: number;
  /** Of a look: the lamp and its angle, empty for any light; null of other work. */
  look: string | null;
  /** What of today is left for it; null where it can no longer be worked today. */
  left: LeftToday | null;
}

export interface EntryRow {
  id: string;
  at: number;
  kind: LogEntry['kind'];
  step: string;
  people: string[];
  parts: string[];
  text: string;
  redo: string;
}

export interface LogProps {
  job: string;
  /** Keys of its panels. */
  panels: string[];
  now: number;
  locale: Locale;
  running: WorkRow[];
  next: WorkRow[];
  /** Pictures that are worth taking, by the step at which they are. */
  prompts: Readonly<Record<string, PictureWorth>>;
  done: { step: string; name: string; subject: string }[];
  entries: EntryRow[];
  /** Steps that were recorded before there was a log. */
  older: {
    step: string;
    name: string;
    subject: string;
    start: number;
    usedMin: number;
    plannedMin: number;
  }[];
  /** Done, and not written down. */
  unrecorded: Unrecorded;
  sums: Sums;
  people: { id: string; name: string; skills: readonly string[] }[];
  rateMinorPerHour: number;
  /** When the shop closes today; null on a closed day or after closing. */
  closesAt: number | null;
  /** What the range is told beside. */
  range: { promised: string; finishDate: string | null; budgets: Plan['budgets'] };
}

const mostNext = 12;

const isPolishing = (step: PlannedStep): boolean =>
  step.operation === 'polish' || step.operation === 'second-look';

/** Note by which a cleaned pad is written down. */
export const padCleaned = 'pad cleaned';
const padSince = (log: readonly LogEntry[], step: string, began: number): number =>
  standingEntries(log)
    .filter((entry) => entry.step === step && entry.kind === 'note' && entry.note === padCleaned)
    .reduce((since, entry) => Math.max(since, entry.at), began);

/** What the Log shows of a job. @param phaseName the phase in words */
export function logProps(
  job: Job,
  plan: Plan,
  {
    shop,
    shelf,
    now,
    phaseName,
  }: { shop: Shop; shelf: Shelf; now: number; phaseName(phase: string): string },
): Omit<LogProps, 'prompts'> {
  const steps = new Map(plan.steps.map((step) => [step.key, step]));
  const logs = stepLogs(job.log);
  const personName = new Map(shop.people.map((person) => [person.id, person.name]));
  const today = new ShopHours(shop, localDateOf(now, shop.timeZone), 1);
  const stays = new Map(plan.stays.map((stay) => [stay.key, stay.place]));
  const panelsOf = (step: PlannedStep): string[] =>
    step.coat === null && step.figure.unit !== 'fixed'
      ? keysOf(plan.parts.filter((part) => step.sections.includes(part.section)))
      : [];
  const row = rowsOf({ panelsOf, shop, stays, logs, now, job, personName, today, shelf });
  const attended = plan.steps.filter((step) => step.crew > 0 && !step.skipped);
  const logged = new Set(job.log.map((entry) => entry.step));
  const older = attended.filter((step) => step.state !== 'planned' && !logged.has(step.key));
  return {
    job: job.number,
    panels: keysOf(plan.parts),
    now,
    locale: { timeZone: shop.timeZone, currency: shop.currency },
    running: attended.filter((step) => step.state === 'running').map(row),
    next: attended
      .filter((step) => step.state === 'planned' && step.heldBy.length === 0)
      .sort((a, b) => a.start - b.start)
      .slice(0, mostNext)
      .map(row),
    done: attended
      .filter((step) => step.state === 'done')
      .sort((a, b) => b.end - a.end)
      .map(({ key, name, subject }) => ({ step: key, name, subject })),
    entries: entryRows(job, steps, personName),
    older: older
      .sort((a, b) => b.start - a.start)
      .map((step) => ({
        step: step.key,
        name: step.name,
        subject: step.subject,
        start: step.start,
        usedMin: step.usedMin,
        plannedMin: step.personMinutes,
      })),
    unrecorded: unrecordedIn(job, plan),
    sums: sumsShown({ steps, job, now, shop, older, attended, phaseName, personName }),
    people: shop.people.map(({ id, name, skills }) => ({ id, name, skills })),
    rateMinorPerHour: shop.labourRateMinorPerHour,
    range: { promised: job.promised, finishDate: plan.finishDate, budgets: plan.budgets },
    closesAt: today.open.filter((one) => one.to > now).at(-1)?.to ?? null,
  };
}

/** Entries that stand, the latest first, in words. */
const entryRows = (
  job: Job,
  steps: ReadonlyMap<string, PlannedStep>,
  personName: ReadonlyMap<string, string>,
): LogProps['entries'] =>
  standingEntries(job.log)
    // What was one step and is two today stands there twice; it was written once.
    .filter((entry, i, all) => all.findIndex((one) => one.id === entry.id) === i)
    .reverse()
    .map((entry) => ({
      id: entry.id,
      at: entry.at,
      kind: entry.kind,
      redo: entry.redo,
      parts: entry.parts,
      step: steps.get(entry.step)?.name ?? entry.step,
      people: entry.people.map((id) => personName.get(id) ?? id),
      text: textOf(entry),
    }));

const looks = catalogueWith([]);
const lampOf = ({ inspection }: PlannedStep): string =>
  inspection ? `${inspection.light}, at ${inspection.angleDeg}°` : '';

/** A step as a row to begin, leave off or end. */
function rowsOf({
  panelsOf,
  shop,
  stays,
  logs,
  now,
  job,
  personName,
  today,
  shelf,
}: {
  panelsOf: (step: PlannedStep) => string[];
  shop: Shop;
  stays: Map<string, string>;
  logs: Map<string, StepLog>;
  now: number;
  job: Job;
  personName: Map<string, string>;
  today: ShopHours;
  shelf: Shelf;
}) {
  const placeOf = (step: PlannedStep) =>
    shop.places.find((place) =>
      step.hold === null ? step.uses.includes(place.id) : place.id === stays.get(step.hold),
    );
  const row = (step: PlannedStep): WorkRow => {
    const place = placeOf(step);
    const own = logs.get(step.key);
    const open = own?.sittings.find((one) => one.to === null);
    return {
      step: step.key,
      name: step.name,
      subject: step.subject,
      skill: step.people[0] ?? null,
      start: step.start,
      since: open?.from ?? null,
      at: open?.people ?? [],
      usedMin: own ? own.sittings.reduce((sum, one) => sum + worked(one, now), 0) : step.usedMin,
      plannedMin: step.personMinutes,
      minutes: step.minutes,
      panels: panelsOf(step),
      padSince: open && isPolishing(step) ? padSince(job.log, step.key, open.from) : null,
      proposed: step.uses.filter((id) => personName.has(id)),
      cautions: step.cautions.length,
      look: isLook(step, looks) ? lampOf(step) : null,
      left: leftToday(step, today, { place: place?.id ?? null, airC: place?.airC ?? 20, shelf }, now),
    };
  };
  return row;
}

function textOf({ coat, remainingMin, note }: LogEntry): string {
  const parts: string[] = [];
  if (coat) {
    parts.push(`${coat.role} ${coat.nth}`);
    if (coat.batch) parts.push(`batch ${coat.batch}`);
    if (coat.wetUm !== null) parts.push(`${coat.wetUm} µm wet`);
    if (coat.air)
      parts.push(
        `${coat.air.airC} °C, surface ${coat.air.surfaceC} °C, ${coat.air.humidity} %${coat.air.simulated ? ' (simulated probe)' : ''}`,
      );
  }
  if (remainingMin !== null) parts.push(`${remainingMin} min left`);
  if (note) parts.push(note);
  return parts.join('; ');
}
