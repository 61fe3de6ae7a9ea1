import Joi from 'joi';
import {
  hazards,
  methods,
  productKinds,
  reopenings,
  repairs,
  units,
  type CoatingSheet,
  type Hazard,
  type Pack,
} from '../film/coating-sheet';
import { families } from '../film/family';
import { dayKinds } from '../shop/shop-words';
import * as atom from './atoms';
import { document, localDate, nullable, since, text, whole, word, type TypeOf } from './field';

const minutes = () => atom.whole(0, 1_000_000);
const orNot = (schema: Joi.Schema) => schema.optional();

const timeFields = {
  potLifeMin: minutes().allow(null),
  flashMin: minutes(),
  dustFreeMin: minutes(),
  recoatMaxMin: minutes().allow(null),
  sandAfterMin: minutes(),
};
const furtherTimes = {
  recoatMinMin: minutes(),
  tapeAfterMin: minutes().allow(null),
  handleAfterMin: minutes().allow(null),
  fullCureMin: minutes().allow(null),
};
const optional = (keys: Record<string, Joi.Schema>) =>
  Object.fromEntries(Object.entries(keys).map(([key, schema]) => [key, orNot(schema)]));

/** A sheet as a file or a form writes it; what it leaves out has the middle of its family. */
const coating = atom.exactly({
  family: orNot(atom.oneOf(families)),
  mix: Joi.array()
    .items(
      atom.exactly({
        label: atom.requiredLine(40),
        parts: atom.figure(0, 1000),
        volumeSolids: atom.figure(0, 1),
        densityKgL: orNot(atom.figure(0.3, 8).allow(null)),
      }),
    )
    .min(1)
    .max(8),
  mixBy: orNot(atom.oneOf(['volume', 'weight'])),
  method: atom.oneOf(methods),
  dryUm: atom.figure(0.1, 5000),
  coatsLeast: orNot(atom.whole(1, 20)),
  coatsMost: orNot(atom.whole(1, 20)),
  ...timeFields,
  ...optional(furtherTimes),
  sheetC: atom.figure(-10, 80),
  morePoints: orNot(
    Joi.array()
      .items(atom.exactly({ airC: atom.figure(-10, 80), ...timeFields, ...furtherTimes }))
      .max(6),
  ),
  bake: orNot(
    Joi.object({ metalC: atom.figure(20, 200).required(), minutes: minutes().required() }).allow(null),
  ),
  minAirC: atom.figure(-20, 60),
  maxAirC: atom.figure(-20, 80),
  minSurfaceC: orNot(atom.figure(-20, 60)),
  maxHumidity: orNot(atom.figure(1, 100)),
  dewMarginC: orNot(atom.figure(0, 20)),
  inductionMin: orNot(minutes()),
  coatsPerSession: atom.whole(1, 20).allow(null),
  wetEdgeMin: orNot(atom.figure(0.5, 600)),
  flowLPerMin: orNot(atom.figure(0.001, 20)),
  application: orNot(
    atom.exactly({
      nozzleMm: atom.figure(0.2, 10).allow(null),
      pressureBar: atom.figure(0.1, 300).allow(null),
      fanCm: atom.figure(1, 100).allow(null),
      passes: atom.whole(1, 20),
    }),
  ),
  afterMax: orNot(atom.oneOf(reopenings)),
  pairs: orNot(Joi.array().items(atom.key()).max(40)),
  repair: orNot(atom.oneOf(repairs)),
  dryDensityKgL: orNot(atom.figure(0.3, 10).allow(null)),
  vocGL: orNot(atom.figure(0, 1000).allow(null)),
  shadeL: orNot(atom.figure(0, 100).allow(null)),
});

const packs = Joi.array()
  .items(
    atom.exactly({
      size: atom.figure(0.001, 100_000),
      priceMinor: atom.moneyMinor(),
      part: orNot(atom.line(40).min(1).allow(null)),
    }),
  )
  .max(12);

/**
 * A product of the shelf; the id is its code. A sheet may be written without what the middle of its family says:
 * `completeProduct` fills it in before it is kept.
 */
export const productFields = {
  name: text(80, 1),
  kind: word(productKinds),
  unit: word(units),
  packs: document<Pack[]>(packs),
  /** Days from order to delivery. */
  leadDays: whole(0, 365),
  /** Whether they count every day or only those on which the shop is open. */
  leadIn: since('calendar', word(dayKinds)),
  /** Days an unopened pack keeps; null = no limit. */
  shelfLifeDays: since(null, nullable(whole(1, 10_000))),
  /** The date that its data sheet carries; null where nobody wrote it down. */
  sheetDated: since(null, nullable(localDate())),
  hazards: document<Hazard[]>(Joi.array().items(atom.oneOf(hazards)).unique()),
  coating: nullable(document<CoatingSheet>(coating)),
};
export type ProductRecord = TypeOf<typeof productFields>;
