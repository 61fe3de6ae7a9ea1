import { entryFaults, type Fault } from '../exchange';
import {
  factsOn,
  matchedLog,
  readyJob,
  silentFacts,
  stepLogs,
  tooEarly,
  type MatchedEntry,
  type ReadyJob,
  type TooEarly,
} from '../log';
import {
  colourOfKey,
  sampleState,
  type Edit,
  type Job,
  type LogEntry,
  type LoggedWork,
  type NewLogEntry,
  type StepFact,
} from '../record';
import {
  catalogueWith,
  isLook,
  remedyKey,
  remedyOperation,
  surfacesBySection,
  surfacesOfStep,
  workOf,
  type Step,
  type StepNetwork,
} from '../steps';
import { localDateOf, minuteOfDay, wallTime, type Minute } from '../units';
import type { Ground } from './ground';

/** An entry may be written some minutes ahead of the server's clock, because no two clocks agree. */
const aheadMin = 10;

/** What speaks against an entry; where nothing does, what was done on which surfaces. */
export interface CheckedEntry {
  faults: Fault[];
  work: LoggedWork | null;
}

const refused = (place: string, reason: string): CheckedEntry => ({
  faults: [{ place, reason }],
  work: null,
});

/** What the plan, the log itself and the clock say against an entry; without faults it may be written. */
export function checkEntry(edit: Extract<Edit, { kind: 'log' }>, given: Job, ground: Ground): CheckedEntry {
  const { now, shop } = ground;
  const entry = { ...edit.entry, at: edit.entry.at ?? now };
  const faults = entryFaults({ ...entry, corrects: null }, 'entry');
  if (faults.length > 0) return { faults, work: null };
  if (entry.at > now + aheadMin) return refused('entry.at', 'the time lies in the future');
  const known = new Set(shop.people.map((person) => person.id));
  const stranger = entry.people.find((id) => !known.has(id));
  if (stranger !== undefined) return refused('entry.people', `nobody here is called ${stranger}`);
  const { job, parts, sections, build } = readyJob(given, ground, now);
  const network = build();
  const step = network.steps.find((one) => one.key === entry.step) ?? scuffing(network, entry.step);
  if (!step) return refused('entry.step', `there is no step ${entry.step}`);
  const names = new Set(parts.map((part) => part.key));
  const part = entry.parts.find((key) => !names.has(key));
  if (part !== undefined) return refused('entry.parts', `there is no panel ${part}`);
  const surfaces = surfacesBySection(parts, sections);
  const logged = matchedLog(job.log, network.steps, surfaces);
  const found = [
    ...orderFaults(entry, job, logged),
    ...verdictFaults(entry, step, { job, sections }),
    ...lookFaults(entry, step, logged, ground),
  ];
  if (!edit.insist) {
    const factsAt = factsOn(network.steps, { job, parts, sections }, entry.at);
    const unsigned = unsignedBefore(entry, step, logged, surfaces);
    found.push(...earlyFaults(entry, factsAt, network, shop.timeZone, unsigned), ...heldFaults(entry, step));
  } else if (entry.note === '')
    found.push({ place: 'entry.note', reason: 'say why it is done although it should wait' });
  const work = { ...workOf(step), surfaces: surfacesOfStep(step, surfaces).map((one) => one.key) };
  return { faults: found, work: found.length > 0 ? null : work };
}

/** The scuffing that the calendar puts in where a window has closed: it stands in no network before it is placed. */
function scuffing(network: StepNetwork, key: string): Step | undefined {
  const { softWindows, steps } = network;
  const window = softWindows.find((one) => remedyKey(one) === key);
  const coat = window && steps.find((one) => one.key === window.to);
  return (
    coat && {
      ...coat,
      key,
      operation: remedyOperation(network, coat),
      sections: window.sections,
      faces: window.face,
      coat: null,
    }
  );
}

type Timed = NewLogEntry & { at: Minute };

/** Leaving and ending need a beginning, and nothing ends before it began. */
function orderFaults(entry: Timed, job: Job, logged: readonly LogEntry[]): Fault[] {
  if (entry.kind !== 'left' && entry.kind !== 'ended') return [];
  const own = logged.filter((one) => one.step === entry.step);
  const began = own.filter((one) => one.kind === 'began' || one.kind === 'coat');
  const fact = job.facts.find((one) => one.step === entry.step);
  if (began.length === 0 && !fact)
    return [{ place: 'entry.kind', reason: 'nobody has begun it; write the beginning first' }];
  const last = Math.max(fact?.start ?? -Infinity, ...began.map((one) => one.at));
  return entry.at < last ? [{ place: 'entry.at', reason: 'it lies before the beginning' }] : [];
}

/** A look ends with what was seen, by those who began it or who wrote it down. */
function lookFaults(
  { kind, note }: Timed,
  step: Step,
  logged: readonly LogEntry[],
  { operations }: Ground,
): Fault[] {
  if (kind !== 'ended' || note.trim() !== '' || !isLook(step, catalogueWith(operations))) return [];
  const isSaid = logged.some((one) => one.step === step.key && one.kind === 'inspected' && one.note !== '');
  return isSaid
    ? []
    : [{ place: 'entry.note', reason: `say what was seen at “${step.name}”, or that nothing was found` }];
}

/** A look at a sample ends with what was said of it. */
function verdictFaults(
  { kind }: Timed,
  { key, operation, sections: own }: Step,
  { job, sections }: Pick<ReadyJob, 'job' | 'sections'>,
): Fault[] {
  if (kind !== 'ended' || operation !== 'approve-sample') return [];
  if (job.signOffs.some((one) => one.step === key)) return [];
  const colours = new Set(sections.flatMap((one) => (own.includes(one.key) ? [one.colour] : [])));
  const unsaid = [...colours].find((colour) => {
    const { state } = sampleState(job.samples, colour);
    return state === 'none' || state === 'waiting';
  });
  return unsaid === undefined
    ? []
    : [
        {
          place: 'entry.kind',
          reason: `nobody has said yet whether ${colourOfKey(job, unsaid).name} is accepted: enter the verdict in Scheme, Colours`,
        },
      ];
}

/** What is planned and not booked is not begun. */
const heldFaults = ({ kind, redo }: Timed, { heldBy }: Step): Fault[] =>
  (kind === 'began' || kind === 'coat') && redo === '' && heldBy.length > 0
    ? [{ place: 'entry.step', reason: `it waits for ${heldBy.join(', ')}` }]
    : [];

/** Work that goes through grits, and all that finishes, goes panel by panel. */
const goesByPanel = ({ phase, coat, grit, figure }: Step): boolean =>
  (phase === 'finish' || grit !== null) && coat === null && figure.unit !== 'fixed';

/** Of finishing on some panels: on which of them what comes before was not ended. */
function unsignedBefore(
  { parts }: Timed,
  step: Step,
  logged: readonly MatchedEntry[],
  surfaces: ReturnType<typeof surfacesBySection>,
): (before: Step) => string[] | undefined {
  const logs = stepLogs(logged);
  return (before) => {
    if (parts.length === 0 || !goesByPanel(step) || !goesByPanel(before)) return undefined;
    const own = logs.get(before.key);
    if (own?.endedWhole) return [];
    const open = surfacesOfStep(before, surfaces).filter(({ key }) => !own?.endedOn.has(key));
    const panels = new Set(open.map(({ panel }) => panel));
    return parts.filter((part) => panels.has(part));
  };
}

/** Work begun before what it stands on has ended, or before its film is ready. Rework and later coats are not asked. */
function earlyFaults(
  entry: Timed,
  facts: readonly StepFact[],
  network: StepNetwork,
  timeZone: string,
  unsigned: (before: Step) => string[] | undefined,
): Fault[] {
  const begins = entry.kind === 'began' || (entry.kind === 'coat' && entry.coat!.nth === 1);
  if (!begins || entry.redo !== '') return [];
  if (facts.some((fact) => fact.step === entry.step)) return [];
  const all = [...facts, ...silentFacts(network, facts, entry.at)];
  const name = (key: string) => network.steps.find((one) => one.key === key)?.name ?? key;
  return tooEarly(network, all, entry.step, entry.at, unsigned).map((fault) => ({
    place: 'entry.at',
    reason: earlyReason(fault, name, timeZone),
  }));
}

function earlyReason(fault: TooEarly, name: (key: string) => string, timeZone: string): string {
  if (fault.code === 'not-signed')
    return `“${name(fault.step)}” is not signed off on ${fault.panels.join(', ')}: what it leaves stays under the next`;
  if (fault.code === 'not-ended') return `“${name(fault.step)}” before it has not ended`;
  return `after “${name(fault.step)}” it is ready on ${stamp(fault.readyAt, timeZone)}, not earlier`;
}

const stamp = (at: Minute, timeZone: string): string =>
  `${localDateOf(at, timeZone)} at ${wallTime(minuteOfDay(at, timeZone))}`;
