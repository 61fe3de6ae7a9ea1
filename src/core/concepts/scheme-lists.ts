import Joi from 'joi';
import { levels } from '../film/coat-system';
import type { HidesOver } from '../film/ground';
import {
  finishClasses,
  itemKinds,
  matchVerdicts,
  repeatabilities,
  samplesShown,
  sampleVerdicts,
  type ColourCover,
  type Lab,
  type RecipeLine,
} from '../record/colour-words';
import type { ConstructionShape } from '../record/construction';
import { depths } from '../record/depth';
import * as atom from './atoms';
import { constructionShape } from './construction-shape';
import {
  document,
  id,
  localDate,
  nullable,
  recordKeys,
  since,
  text,
  whole,
  word,
  wordBy,
  type Fields,
  type TypeOf,
} from './field';

/** A colour of the job, wherever it is used: one batch, one sample, one name. */
export const colours = {
  name: text(60, 1),
  /** sRGB on the screen, `#rrggbb`. */
  hex: wordBy(atom.hexColour()),
  /** CIELAB as measured, D65 and 10°; null where nobody measured it. */
  lab: nullable(document<Lab>(atom.lab())),
  finish: word(finishClasses),
  /** Coat system that its fields get; null for that of the section they lie in. */
  system: nullable(wordBy(atom.coatSystem())),
  /** A maker's standard code, or where the recipe is kept. */
  code: text(80),
  repeatability: word(repeatabilities),
  /** Coats of the colour in its fields, in place of its system's; null for the system's. */
  coats: since(null, nullable(whole(1, 12))),
  /** Product of the ground coat that is sprayed under it in place of the sealer; null for what its system has. */
  groundCoat: since(null, nullable(id(atom.key()))),
  /** Dry film at which it hides a ground, as somebody found on a card: stands before what its spectrum says. */
  hides: since([], document<HidesOver[]>(atom.hidesOver())),
  /** The recipe as it was weighed; empty where a code or a place says it. */
  recipe: since([], document<RecipeLine[]>(atom.recipe())),
};

/** A line, field, band, set of stripes or box, laid out with measures. */
export const constructions = {
  name: text(60, 1),
  /** Key of its colour. */
  colour: id(),
  /** The strip of the panel layout it lies on; a loose piece by its panel. */
  strip: id(atom.partKey()),
  /** Those with a higher place lie over the others. */
  place: whole(0, 999),
  shape: document<ConstructionShape>(constructionShape()),
};

/** What is seen of the finished object and is no panel of it: wheels, top, interior, brightwork. */
export const looseItems = {
  what: text(60, 1),
  kind: word(itemKinds),
  /** Key of its colour; null where it has none of the scheme. */
  colour: nullable(id()),
  /** What it is where it has no colour of the scheme: polished, fawn canvas, as it is. */
  finish: text(80),
};

/** What a kept scheme says of a section. */
const sectionOfScheme = {
  key: wordBy(atom.key()),
  colour: id(),
  insideColour: nullable(id()),
  system: wordBy(atom.coatSystem()),
  level: word(levels),
  depth: word(depths),
};

type WithId<F extends Fields> = TypeOf<F> & { id: string };
/** A whole scheme as it was kept: what its sections get, its colours, its lines, the order of its colours. */
export interface KeptScheme {
  sections: TypeOf<typeof sectionOfScheme>[];
  colours: WithId<typeof colours>[];
  constructions: WithId<typeof constructions>[];
  colourOrder: string[];
  /** Left out where no later colour is covered. */
  colourCovers?: ColourCover[];
}

const listOf = (fields: Fields, most: number) =>
  Joi.array()
    .items(atom.exactly(recordKeys(fields)))
    .max(most);
const rowsOf = (fields: Fields, most: number) =>
  Joi.array()
    .items(atom.exactly({ id: atom.key(), ...recordKeys(fields) }))
    .max(most);

/** No job has more colours than can be told apart, and each kept scheme is planned where they are compared. */
export const mostColours = 24;
export const mostAlternatives = 6;

/** Another way to paint the whole, kept beside the scheme that is planned. */
export const alternatives = {
  name: text(60, 1),
  scheme: document<KeptScheme>(
    atom.exactly({
      sections: listOf(sectionOfScheme, 40),
      colours: rowsOf(colours, mostColours),
      constructions: rowsOf(constructions, 60),
      colourOrder: atom.colourOrder(),
      colourCovers: atom.colourCovers().optional(),
    }),
  ),
  /** Colour whose match to the old paint it hangs on: it is carried out where that fails. Null for a free choice. */
  ifUnmatched: nullable(id()),
  /** Attempts at the match before it is given up, and the last day of them. */
  mostAttempts: whole(1, 20),
  lastDay: nullable(localDate()),
  /** Who chose it, and when; empty and null while nobody did. */
  chosenBy: text(60),
  chosenOn: nullable(localDate()),
  note: text(200),
};

/** A try at matching a colour to the paint that stays. */
export const matchAttempts = {
  colour: id(),
  onDate: localDate(),
  /** What was changed in the mix since the one before. */
  change: text(120),
  verdict: word(matchVerdicts),
  /** In which light and beside what it was seen. */
  light: text(80),
  note: text(200),
};

/** A sample of a colour as it was shown, and what was said of it. */
export const samples = {
  colour: id(),
  onDate: localDate(),
  shown: word(samplesShown),
  widthMm: whole(1, 10_000),
  heightMm: whole(1, 10_000),
  verdict: word(sampleVerdicts),
  /** Who said it: the owner, or the manager who takes the risk. */
  by: text(80),
  /** In which light it was seen, and beside what. */
  light: text(80),
  beside: text(80),
  note: text(200),
};
