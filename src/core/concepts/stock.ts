import Joi from 'joi';
import { moveKinds } from '../record/stock-words';
import * as atom from './atoms';
import { bigMoneyMinor, figure, id, localDate, nullable, text, word, wordBy, type TypeOf } from './field';

const amount = (): ReturnType<typeof figure> => {
  const any = figure(-1_000_000, 1_000_000);
  const joi = Joi.when('kind', {
    is: 'counted',
    then: any.joi,
    otherwise: atom.figure(0, 1_000_000),
  });
  return { joi, store: any.store, nullable: false, older: null };
};

/** What happened to stock. A row is never changed: a mistake is corrected by a counter-entry. */
export const stockMoveFields = {
  product: id(),
  kind: word(moveKinds),
  /** In the product's unit, ≥ 0; for `counted` the difference found, either sign. */
  amount: amount(),
  /** What was paid or agreed in all, minor units; 0 where no money moves. */
  costMinor: bigMoneyMinor(),
  onDate: localDate(),
  /** Ordered: the day it is due. Received: the last day it may be used; null = neither is known. */
  untilDate: nullable(localDate()),
  /** Job it belongs to, by number; empty for the shop's shelf. */
  job: wordBy(atom.jobNumber().allow('')),
  /** Phase of the work it was drawn for; empty for none. */
  phase: text(32, 0, 32),
  /** Batch on the tin. */
  batch: text(60, 0, 60),
  /** From whom or to whom, or why. */
  note: text(200),
  /** The move that this one takes back; null for an ordinary one. */
  corrects: nullable(id()),
};
export type StockMoveRecord = TypeOf<typeof stockMoveFields>;

/** One consumable tried on a measured area: what it cost and how long it took. */
export const trialFields = {
  /** What was tried for, so that two can be compared: "P1500 discs on clear". */
  purpose: text(80, 1),
  name: text(80, 1),
  /** Price of one, minor units. */
  priceMinorEach: bigMoneyMinor(),
  used: figure(0, 100_000),
  areaM2: figure(0.001, 1000),
  minutes: figure(0, 100_000),
  note: text(200),
};
export type TrialRecord = TypeOf<typeof trialFields>;
