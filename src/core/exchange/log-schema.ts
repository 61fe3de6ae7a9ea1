import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly } from '../concepts/atoms';
import { recordKeys, without } from '../concepts/field';
import { logEntryFields } from '../concepts/log-entry';
import type { LogEntry } from '../record';
import type { Fault } from './faults';

/** `at` null: now, by the server's clock. */
const writtenEntry = exactly({
  ...recordKeys(without(logEntryFields, 'at', 'corrects', 'work')),
  at: logEntryFields.at.joi.allow(null),
});

export const logEditSchemas = {
  log: exactly({
    kind: Joi.any(),
    job: field.jobNumber(),
    entry: writtenEntry,
    insist: field.flag(),
  }),
  'correct-log': exactly({
    kind: Joi.any(),
    job: field.jobNumber(),
    id: field.key(),
    note: field.line(200).allow(''),
  }),
};

/** Kinds that concern panels, and are nothing without them. */
const ofPanels: ReadonlySet<string> = new Set(['coat', 'wiped', 'touched', 'sealed']);

/** What no single field of an entry shows. */
export function entryFaults(
  entry: Pick<LogEntry, 'kind' | 'parts' | 'coat' | 'people' | 'note' | 'corrects'>,
  place: string,
): Fault[] {
  const faults: Fault[] = [];
  if (entry.corrects !== null) return faults;
  if (ofPanels.has(entry.kind) && entry.parts.length === 0)
    faults.push({ place: `${place}.parts`, reason: 'it concerns panels, and none is named' });
  if ((entry.kind === 'coat') !== (entry.coat !== null))
    faults.push({ place: `${place}.coat`, reason: 'a coat is told with its product, anything else without' });
  if (entry.kind === 'began' && entry.people.length === 0)
    faults.push({ place: `${place}.people`, reason: 'somebody must be named who begins' });
  if (entry.kind === 'note' && entry.note === '')
    faults.push({ place: `${place}.note`, reason: 'a note needs its words' });
  return faults;
}
