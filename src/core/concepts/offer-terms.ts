import Joi from 'joi';
import { levels, type Level } from '../film/coat-system';
import * as atom from './atoms';

/** What a line of a quote is for. */
export const lineKinds = ['labour', 'found', 'materials', 'booth', 'bought-in', 'disposal'] as const;
export type LineKind = (typeof lineKinds)[number];

/** States of the object that anybody can see, to which payments are tied. */
export const stageStates = ['ordered', 'stripped', 'primed', 'coloured', 'delivered'] as const;
export type StageState = (typeof stageStates)[number];

export interface StageShare {
  state: StageState;
  /** Basis points of the gross sum. */
  shareBp: number;
}

/** A tax of the shop: on everything, or on some kinds of lines. */
export interface TaxRule {
  name: string;
  bp: number;
  /** Empty for all of them. */
  on: readonly LineKind[];
}

/** What the shop stands for at a level, and what not. */
export interface WarrantyLine {
  level: Level;
  months: number;
  covers: string;
  excludes: string;
}

/** What a shop writes once for all of its quotes. */
export interface OfferTerms {
  validDays: number;
  stages: readonly StageShare[];
  /** Besides the tax on everything; null for none. */
  secondTax: TaxRule | null;
  warranty: readonly WarrantyLine[];
  /** Paragraphs. */
  terms: readonly string[];
}

/** What a shop has that wrote nothing of its own: working defaults, to be read by whoever knows the local law. */
export const usualTerms: OfferTerms = {
  validDays: 30,
  stages: [
    { state: 'ordered', shareBp: 2500 },
    { state: 'stripped', shareBp: 2000 },
    { state: 'primed', shareBp: 2000 },
    { state: 'coloured', shareBp: 2000 },
    { state: 'delivered', shareBp: 1500 },
  ],
  secondTax: null,
  warranty: [
    {
      level: 'Work',
      months: 12,
      covers: 'new paint that peels or blisters',
      excludes: 'stone chips, rust from within, layers that were kept',
    },
    {
      level: 'Road',
      months: 24,
      covers: 'new paint that peels, blisters or loses its gloss',
      excludes: 'stone chips, rust from within, layers that were kept, automatic washes',
    },
    {
      level: 'Show',
      months: 36,
      covers: 'new paint that peels, blisters, cracks or loses its gloss',
      excludes: 'stone chips, rust from within, layers that were kept, polishing by others',
    },
    {
      level: 'Mirror',
      months: 36,
      covers: 'new paint that peels, blisters, cracks or loses its gloss',
      excludes: 'stone chips, rust from within, layers that were kept, polishing by others',
    },
  ],
  terms: [
    'Hidden damage is shown to you before it is mended; without your word nothing is spent on it.',
    'A colour is approved on a card in your hand, in the light you choose, never on a screen.',
    'What is changed after signing is priced and agreed first; the day of delivery moves with it.',
  ],
};

/** The first stage is the order, the last the delivery, each state once and in its order; the shares come to the whole. */
const stages = Joi.array()
  .items(atom.exactly({ state: atom.oneOf(stageStates), shareBp: atom.whole(0, 10_000) }))
  .min(1)
  .max(stageStates.length)
  .unique('state')
  .custom((list: StageShare[], helper) => {
    const sum = list.reduce((total, one) => total + one.shareBp, 0);
    if (sum !== 10_000)
      return helper.message({ custom: `{{#label}} must come to 100 %, they come to ${sum / 100} %` });
    const order = list.map((one) => stageStates.indexOf(one.state));
    return order.every((at, i) => i === 0 || at > order[i - 1]!)
      ? list
      : helper.message({ custom: '{{#label}} must stand in the order of the work' });
  });

/** The terms as a form or a file writes them. */
export const offerTermsSchema = () =>
  atom.exactly({
    validDays: atom.whole(1, 365),
    stages,
    secondTax: atom
      .exactly({
        name: atom.line(40).min(1),
        bp: atom.whole(0, 10_000),
        on: Joi.array().items(atom.oneOf(lineKinds)).unique(),
      })
      .allow(null),
    warranty: Joi.array()
      .items(
        atom.exactly({
          level: atom.oneOf(levels),
          months: atom.whole(0, 240),
          covers: atom.line(200).allow(''),
          excludes: atom.line(300).allow(''),
        }),
      )
      .max(levels.length)
      .unique('level'),
    terms: Joi.array().items(atom.line(600).min(1)).max(30),
  });
