import { entryFaults, type Fault } from '../exchange';
import { loggedFacts, silentFacts, tooEarly, withLoggedFacts, type TooEarly } from '../log';
import { standingEntries, withJobSchools, type Edit, type Job, type LogEntry } from '../record';
import { buildSteps, withShopWays, type StepNetwork } from '../steps';
import { lotsOf, partsOfJob } from '../survey';
import { localDateOf, minuteOfDay, type Minute } from '../units';
import type { Ground } from './ground';

/** An entry may be written some minutes ahead of the server's clock, because no two clocks agree. */
const aheadMin = 10;

/** What the plan, the log itself and the clock say against an entry; an empty list lets it be written. */
export function logFaults(edit: Extract<Edit, { kind: 'log' }>, job: Job, ground: Ground): Fault[] {
  const { now, shop } = ground;
  const entry = { ...edit.entry, at: edit.entry.at ?? now };
  const faults = entryFaults({ ...entry, corrects: null }, 'entry');
  if (faults.length > 0) return faults;
  if (entry.at > now + aheadMin) return [{ place: 'entry.at', reason: 'the time lies in the future' }];
  const known = new Set(shop.people.map((person) => person.id));
  const stranger = entry.people.find((id) => !known.has(id));
  if (stranger !== undefined) return [{ place: 'entry.people', reason: `nobody here is called ${stranger}` }];
  const ready = withLoggedFacts(withShopWays(withJobSchools(job), shop), now);
  const { sections, parts } = lotsOf(ready, partsOfJob(ready));
  const network = buildSteps({ job: { ...ready, sections }, parts, ...ground });
  const step = network.steps.find((one) => one.key === entry.step);
  if (!step) return [{ place: 'entry.step', reason: `there is no step ${entry.step}` }];
  const names = new Set(parts.map((part) => part.key));
  const part = entry.parts.find((key) => !names.has(key));
  if (part !== undefined) return [{ place: 'entry.parts', reason: `there is no panel ${part}` }];
  return [
    ...orderFaults(entry, job),
    ...(edit.insist ? [] : earlyFaults(entry, job, network, shop.timeZone)),
    ...(edit.insist && entry.note === ''
      ? [{ place: 'entry.note', reason: 'say why it is done although it should wait' }]
      : []),
  ];
}

/** Leaving and ending need a beginning, and nothing ends before it began. */
function orderFaults(entry: Omit<LogEntry, 'id' | 'corrects'>, job: Job): Fault[] {
  if (entry.kind !== 'left' && entry.kind !== 'ended') return [];
  const own = standingEntries(job.log).filter((one) => one.step === entry.step);
  const began = own.filter((one) => one.kind === 'began' || one.kind === 'coat');
  const fact = job.facts.find((one) => one.step === entry.step);
  if (began.length === 0 && !fact)
    return [{ place: 'entry.kind', reason: 'nobody has begun it; write the beginning first' }];
  const last = Math.max(fact?.start ?? -Infinity, ...began.map((one) => one.at));
  return entry.at < last ? [{ place: 'entry.at', reason: 'it lies before the beginning' }] : [];
}

/** Work begun before what it stands on has ended, or before its film is ready. Rework and later coats are not asked. */
function earlyFaults(
  entry: Omit<LogEntry, 'id' | 'corrects'>,
  job: Job,
  network: StepNetwork,
  timeZone: string,
): Fault[] {
  const begins = entry.kind === 'began' || (entry.kind === 'coat' && entry.coat!.nth === 1);
  if (!begins || entry.redo !== '') return [];
  const logged = loggedFacts(job.log, entry.at);
  const own = new Set(logged.map((fact) => fact.step));
  if (own.has(entry.step)) return [];
  const facts = [...job.facts.filter((fact) => !own.has(fact.step)), ...logged];
  const all = [...facts, ...silentFacts(network, facts, entry.at)];
  const name = (key: string) => network.steps.find((one) => one.key === key)?.name ?? key;
  return tooEarly(network, all, entry.step, entry.at).map((fault) => ({
    place: 'entry.at',
    reason: earlyReason(fault, name, timeZone),
  }));
}

function earlyReason(fault: TooEarly, name: (key: string) => string, timeZone: string): string {
  if (fault.code === 'not-ended') return `“${name(fault.step)}” before it has not ended`;
  return `after “${name(fault.step)}” it is ready on ${stamp(fault.readyAt, timeZone)}, not earlier`;
}

const two = (value: number): string => String(value).padStart(2, '0');
const stamp = (at: Minute, timeZone: string): string => {
  const minute = minuteOfDay(at, timeZone);
  return `${localDateOf(at, timeZone)} at ${two(Math.floor(minute / 60))}:${two(minute % 60)}`;
};
