import Joi from 'joi';
import { levels } from '../film/coat-system';
import { depths } from '../record/depth';
import {
  fits,
  leadTests,
  patchResults,
  seamStates,
  solventTests,
  stripMethods,
  underKinds,
  visibilities,
  type UnderKind,
} from '../record/survey-words';
import { substrates } from '../vehicle/body-kind';
import * as atom from './atoms';
import {
  document,
  figure,
  flag,
  localDate,
  moneyMinor,
  nullable,
  since,
  text,
  word,
  wordBy,
  type TypeOf,
} from './field';

export interface UnderLayer {
  kind: UnderKind;
  um: number | null;
  year: number | null;
  sound: boolean;
}

/** Colour of a protected spot as an instrument read it, CIE L*a*b* (D65, 10°). */
export interface ReferenceColour {
  l: number;
  a: number;
  b: number;
  source: 'typed' | 'simulated';
}

const under = Joi.array()
  .items(
    atom.exactly({
      kind: atom.oneOf(underKinds),
      um: atom.figure(0, 20_000).allow(null),
      year: atom.whole(1850, 2200).allow(null),
      sound: atom.flag(),
    }),
  )
  .max(20);
const referenceColour = atom.exactly({
  l: atom.figure(0, 100),
  a: atom.figure(-128, 128),
  b: atom.figure(-128, 128),
  source: atom.oneOf(['typed', 'simulated']),
});
const metres = () => nullable(figure(0, 1000));

/** What the survey says of one panel beyond the net; null stands for what net or section say. Kept as one document. */
export const panelSurveyFields = {
  /** The vehicle has no such panel, or it is left out of the job. */
  absent: flag(),
  substrate: nullable(word(substrates)),
  /** From the metal up, without the top layer. */
  under: document<UnderLayer[]>(under),
  replaced: flag(),
  solventTest: word(solventTests),
  leadTest: word(leadTests),
  testedOn: nullable(localDate()),
  /** The test patch, with what it was laid. */
  patch: word(patchResults),
  patchOver: text(80),
  /** Thickness of the sheet or laminate, mm. */
  sheetMm: nullable(figure(0.1, 100)),
  visibility: word(visibilities),
  level: nullable(word(levels)),
  /** What will cover it (carpet, lining, another panel) and on which day: it must be painted before. */
  coveredBy: text(80),
  coveredOn: nullable(localDate()),
  /** Why a spot of this panel must not be stripped (unfaded colour, a mark); empty for none. */
  reference: text(200),
  referenceColour: nullable(document<ReferenceColour>(referenceColour)),
  /** The manager's choice where it differs from the section's. */
  depth: nullable(word(depths)),
  method: nullable(word(stripMethods)),
  /** The section it is worked with in place of the net's. */
  section: since(null, nullable(wordBy(atom.key()))),
  /** Name of a part of the section that goes its own way, with its own steps and dates; empty for none. */
  lot: wordBy(atom.lotName()),
  /** What an outside stripper asks for this panel, in minor units; null for the Shelf's price per m². */
  outsideQuoteMinor: nullable(moneyMinor()),
  insideM2: metres(),
  trimM: metres(),
  seamM: metres(),
  beadM: metres(),
  rivetM: metres(),
  /** Seams sealed on the inside too, m. */
  seamInsideM: metres(),
  seams: word(seamStates),
  sealedOn: nullable(localDate()),
  sealant: text(80),
  fit: since('fixed', word(fits)),
  /** What comes through where it sits, or comes off again afterwards: a move that can chip it. */
  fitNote: since('', text(120)),
  /** Station of its middle from the datum of the weight and balance sheet, m, aft and right positive; null where nobody said. */
  armM: since(null, nullable(figure(-60, 60))),
  note: text(400),
};
export type PanelSurveyRecord = TypeOf<typeof panelSurveyFields>;
