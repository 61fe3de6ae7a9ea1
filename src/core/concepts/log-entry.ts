import Joi from 'joi';
import { layerRoles, type LayerRole } from '../film/coat-system';
import { coatFaces, logKinds, type CoatFaces } from '../record/log-words';
import * as atom from './atoms';
import { document, id, minute, nullable, since, text, whole, word, type TypeOf } from './field';

/** Air at the moment something was laid. */
export interface LoggedAir {
  airC: number;
  surfaceC: number;
  /** Relative humidity, %. */
  humidity: number;
  /** Read from a stand-in that measures nothing. */
  simulated: boolean;
}

/** One coat of one product on the panels of an entry. */
export interface LoggedCoat {
  product: string;
  role: LayerRole;
  /** 1 for the first coat of that layer. */
  nth: number;
  faces: CoatFaces;
  /** Batch it was sprayed from; empty where nobody wrote it down. */
  batch: string;
  /** Wet film by comb, µm; null where it was not measured. */
  wetUm: number | null;
  air: LoggedAir | null;
  /** Reducer and hardener as mixed; empty for the sheet's own. */
  reducer: string;
}

/** What was done, and on which surfaces, as the plan of that day had it: it is known again whatever keys steps have later. */
export interface LoggedWork {
  operation: string;
  pass: string;
  round: number;
  /** `panel.face` of each. */
  surfaces: string[];
}

const work = atom.exactly({
  operation: atom.key(),
  pass: atom.line(120).allow(''),
  round: atom.whole(0, 200),
  surfaces: Joi.array().items(atom.key()).max(1000).unique(),
});

const coat = atom.exactly({
  product: atom.key(),
  role: atom.oneOf(layerRoles),
  nth: atom.whole(1, 60),
  faces: atom.oneOf(coatFaces),
  batch: atom.line(60).allow(''),
  wetUm: atom.figure(1, 5000).allow(null),
  air: atom
    .exactly({
      airC: atom.figure(-30, 60),
      surfaceC: atom.figure(-30, 80),
      humidity: atom.figure(1, 100),
      simulated: atom.flag(),
    })
    .allow(null),
  reducer: atom.line(60).allow(''),
});

/** What was written down at the work. An entry is never changed: a mistake is corrected by a counter-entry. */
export const logEntryFields = {
  /** Key of the step it belongs to. */
  step: id(),
  kind: word(logKinds),
  /** True time, which may lie before the writing. */
  at: minute(),
  /** Ids of the people who did it. */
  people: document<string[]>(Joi.array().items(atom.key()).max(12).unique()),
  /** Panels it concerns; empty for the whole step. */
  parts: document<string[]>(Joi.array().items(atom.key()).max(500).unique()),
  /** `left`: attended minutes of the step that are still to do; null where nobody said. */
  remainingMin: nullable(whole(0, 100_000)),
  /** Cause of work that is done again; empty for first work. */
  redo: text(80),
  coat: nullable(document<LoggedCoat>(coat)),
  work: since(null, nullable(document<LoggedWork>(work))),
  note: text(200),
  /** The entry that this one takes back; null for an ordinary one. */
  corrects: nullable(id()),
};
export type LogEntryRecord = TypeOf<typeof logEntryFields>;
