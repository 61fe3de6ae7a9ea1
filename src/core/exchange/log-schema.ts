import Joi from 'joi';
import { layerRoles } from '../film';
import { coatFaces, logKinds, type LogEntry } from '../record';
import type { Fault } from './faults';
import * as field from './fields';

const required = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });

const coat = required({
  product: field.key(),
  role: field.oneOf(layerRoles),
  nth: field.whole(1, 60),
  faces: field.oneOf(coatFaces),
  batch: field.line(60).allow(''),
  wetUm: field.figure(1, 5000).allow(null),
  air: required({
    airC: field.figure(-30, 60),
    surfaceC: field.figure(-30, 80),
    humidity: field.figure(1, 100),
    simulated: field.flag(),
  }).allow(null),
  reducer: field.line(60).allow(''),
});

/** Fields of an entry of the log; its time stands apart, because a file writes it otherwise. */
export const logEntryFields = {
  step: field.key(),
  kind: field.oneOf(logKinds),
  people: Joi.array().items(field.key()).max(12).unique(),
  parts: Joi.array().items(field.key()).max(500).unique(),
  remainingMin: field.whole(0, 100_000).allow(null),
  redo: field.line(80).allow(''),
  coat: coat.allow(null),
  note: field.line(200).allow(''),
};

export const logEditSchemas = {
  log: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    entry: required({ ...logEntryFields, at: field.whole(0, 120_000_000).allow(null) }),
    insist: field.flag(),
  }),
  'correct-log': required({
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
