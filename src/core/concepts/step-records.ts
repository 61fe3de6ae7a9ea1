import Joi from 'joi';
import * as atom from './atoms';
import {
  bigMoneyMinor,
  document,
  figure,
  flag,
  id,
  localDate,
  minute,
  moneyMinor,
  nullable,
  since,
  text,
  whole,
  word,
  wordBy,
  type TypeOf,
} from './field';

/** What was done of a step, where it was not written down as entries of the log. */
export const stepFactFields = {
  step: id(),
  status: word(['done', 'running']),
  start: minute(),
  /** Set when done. */
  end: nullable(minute()),
  /** Attended minutes left when running; the plan takes its own figure when null. */
  remainingMin: nullable(whole(0, 1_000_000)),
  personMinutes: whole(0, 1_000_000),
  /** What its materials cost, minor units. */
  materialsMinor: moneyMinor(),
  /** People and the place that were used. */
  uses: document<string[]>(Joi.array().items(atom.key()).max(20)),
};
export type StepFactRecord = TypeOf<typeof stepFactFields>;

/** What a manager changed of one step by hand; it outlives every rebuild of the plan by the step's stable key. */
export const stepEditFields = {
  step: id(),
  /** Person-minutes in place of the computed ones; null for the computed. */
  personMinutes: nullable(whole(0, 1_000_000)),
  /** Left out of the work; its place in the order stays. */
  skipped: flag(),
  /** Key of a step that it is to come after; null for the computed order alone. */
  after: since(null, nullable(id())),
  /** The manager insists on an order that the work speaks against; it stays visible. */
  override: since(false, flag()),
  /** Id of the person who is to do it; null for anybody with the skill. */
  person: since(null, nullable(id())),
  /** The minute its start is fixed to: it is not begun earlier, and then if the work allows; null for none. */
  startAt: since(null, nullable(minute())),
  /** Id of somebody who has to be there while it is done, and may do other work; null for nobody. */
  atHand: since(null, nullable(id())),
  note: text(200),
};
export type StepEditRecord = TypeOf<typeof stepEditFields>;

/** A step the manager put in, with the two steps it stands between. */
export const addedStepFields = {
  operation: wordBy(atom.operationCode()),
  /** In place of the operation's name; empty for that. */
  name: text(80),
  section: id(),
  personMinutes: whole(0, 1_000_000),
  after: id(),
  /** Key of the step that waits for it; null when nothing does. */
  before: nullable(id()),
  note: text(200),
};
export type AddedStepRecord = TypeOf<typeof addedStepFields>;

/** Growth or shrinking of the job's scope, with what it costs and who agreed. */
export const scopeChangeFields = {
  what: text(200, 1),
  hours: figure(-10_000, 10_000),
  moneyMinor: bigMoneyMinor(-100_000_000),
  days: whole(-365, 365),
  agreedBy: text(80, 1),
  onDate: localDate(),
};
export type ScopeChangeRecord = TypeOf<typeof scopeChangeFields>;

/** Surfaces as they stood when somebody signed: of each panel how many steps had ended by then. */
export interface BoundSurfaces {
  /** Minute of the signature. */
  atMin: number;
  parts: Record<string, number>;
}

const boundSurfaces = () =>
  Joi.object<BoundSurfaces>({
    atMin: atom.whole(0, 200_000_000).required(),
    parts: Joi.object()
      .pattern(/^[A-Za-z0-9][A-Za-z0-9 _./:~-]{0,119}$/, atom.whole(0, 100_000))
      .max(600)
      .required(),
  });

/** A release of a hold point, typed by the shop or signed by an engineer's own session: a record, not an authority. */
export const signOffFields = {
  step: id(),
  name: text(80, 1),
  licence: text(60),
  date: localDate(),
  /** Id of the account that signed by its own session; empty where the shop typed what stands on paper. */
  signedBy: since('', text(160)),
  /** What the signature binds; null in releases of an older Coatrel. */
  bound: since(null, nullable(document<BoundSurfaces>(boundSurfaces()))),
};
export type SignOffRecord = TypeOf<typeof signOffFields>;

/** A measured outside area in place of the computed one, m². */
export const measuredPartFields = { key: id(), outsideM2: figure(0.001, 1000) };
export type MeasuredPartRecord = TypeOf<typeof measuredPartFields>;
