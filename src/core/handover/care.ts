import { waitingAt, type Family, type Shelf } from '../film';
import type { Plan } from '../plan/model';
import { leafColours, type Job, type KeptPlace } from '../record';
import { addDays, localDateOf, type LocalDate } from '../units';
import { bodyKindOf } from '../vehicle';

/**
 * What keeps the new film: what may be done from or until when, and what never. Days are working figures of the trade; the
 * product's sheet comes first.
 */
export type CareItem =
  | { code: 'cures-until'; day: LocalDate }
  | { code: 'no-wash-until'; day: LocalDate }
  | { code: 'hand-wash-until'; day: LocalDate }
  | { code: 'no-wax-until'; day: LocalDate }
  | { code: 'no-cover-until'; day: LocalDate }
  | { code: 'launch-from'; day: LocalDate }
  | { code: 'launch-by'; day: LocalDate }
  | { code: CarePlain };

export type CarePlain =
  | 'wipe-at-once'
  | 'never-brushes'
  | 'never-household'
  | 'never-dry-wipe'
  | 'read-before-polish'
  | 'kept-paint'
  | 'leaf'
  | 'garage-air'
  | 'roof-sun'
  | 'open-wash'
  | 'coast-rinse'
  | 'hangar'
  | 'afloat'
  | 'antifouling'
  | 'transparencies';

/** Days after the last coat, by what lies on top. */
const usual = {
  /** Paint that a hardener cures. */
  cured: { washDays: 7, handDays: 90, waxDays: 60 },
  /** Paint that air or the loss of solvent hardens. */
  dried: { washDays: 14, handDays: 180, waxDays: 90 },
  /** Antifouling is sound for so long in the air. */
  launchDays: 90,
} as const;

/** Air in which the object stands afterwards, °C. */
const afterC = 20;

const drying: ReadonlySet<Family> = new Set<Family>(['one-part', 'gelcoat']);

const byPlace: Record<KeptPlace, readonly CarePlain[]> = {
  garage: ['garage-air'],
  roof: ['roof-sun'],
  open: ['roof-sun', 'open-wash'],
  coast: ['open-wash', 'coast-rinse'],
  hangar: ['hangar'],
  afloat: ['afloat'],
};

/** The care sheet of a job, by what lies on top, when it was laid, and where the object stands. */
export function careOf(
  job: Pick<Job, 'bodyKind' | 'keptWhere' | 'colours' | 'sections'>,
  plan: Pick<Plan, 'steps' | 'sections'>,
  { shelf, timeZone }: { shelf: Shelf; timeZone: string },
): CareItem[] {
  const coats = plan.steps.filter((step) => step.coat !== null && !step.skipped);
  // What is washed and waxed is the paint above the water.
  const last = coats
    .filter((step) => !isAntifouling(step, shelf))
    .reduce<(typeof coats)[number] | null>((late, one) => (late && late.end >= one.end ? late : one), null);
  const route = bodyKindOf(job.bodyKind)?.route ?? 'panel';
  const plain: CarePlain[] = [
    'wipe-at-once',
    'never-brushes',
    'never-household',
    'never-dry-wipe',
    ...byPlace[job.keptWhere],
    ...(last ? ['read-before-polish' as const] : []),
    ...(job.sections.some((one) => one.level === 'Keep') ? ['kept-paint' as const] : []),
    ...(leafColours(job).size > 0 ? ['leaf' as const] : []),
    ...(route === 'aircraft' ? ['transparencies' as const] : []),
  ];
  const days = [...(last ? daysAfter(last, shelf, timeZone) : []), ...launchDays(coats, shelf, timeZone)];
  return [...days, ...plain.map((code): CareItem => ({ code }))];
}

type CoatStep = Plan['steps'][number];

const isAntifouling = ({ coat }: CoatStep, shelf: Shelf): boolean =>
  shelf.get(coat!.product)?.coating?.family === 'antifouling';

function daysAfter({ end, coat }: CoatStep, shelf: Shelf, timeZone: string): CareItem[] {
  const sheet = shelf.get(coat!.product)?.coating ?? null;
  const laidOn = localDateOf(end, timeZone);
  const cureMin = sheet && waitingAt(sheet, 'fullCureMin', afterC);
  const cured = cureMin ? localDateOf(end + cureMin, timeZone) : null;
  const own = sheet && drying.has(sheet.family) ? usual.dried : usual.cured;
  const later = (day: LocalDate) => (cured !== null && cured > day ? cured : day);
  return [
    ...(cured === null ? [] : [{ code: 'cures-until' as const, day: cured }]),
    { code: 'no-wash-until', day: addDays(laidOn, own.washDays) },
    { code: 'hand-wash-until', day: addDays(laidOn, own.handDays) },
    { code: 'no-wax-until', day: later(addDays(laidOn, own.waxDays)) },
    { code: 'no-cover-until', day: later(addDays(laidOn, own.washDays)) },
  ];
}

/** When a hull with antifouling may go into the water, and by when it must. */
function launchDays(coats: readonly CoatStep[], shelf: Shelf, timeZone: string): CareItem[] {
  const under = coats.filter((step) => isAntifouling(step, shelf));
  if (under.length === 0) return [];
  const last = under.reduce((late, one) => (one.end > late.end ? one : late));
  const sheet = shelf.get(last.coat!.product)?.coating ?? null;
  const readyMin = sheet ? waitingAt(sheet, 'handleAfterMin', afterC) : null;
  return [
    // The day after it is dry: nobody launches a hull on the minute.
    { code: 'launch-from', day: addDays(localDateOf(last.end + (readyMin ?? 1440), timeZone), 1) },
    { code: 'launch-by', day: addDays(localDateOf(last.end, timeZone), usual.launchDays) },
    { code: 'antifouling' },
  ];
}
