import Joi from 'joi';
import { mostKeptPoints, type Point } from '../geometry/polygon';
import { shapes, sides } from '../vehicle/part';
import * as atom from './atoms';
import { document, figure, id, text, word, type TypeOf } from './field';

const netMetres = () => atom.figure(-200, 200);
const ring = () =>
  Joi.array()
    .items(Joi.array().ordered(netMetres().required(), netMetres().required()))
    .min(3)
    .max(mostKeptPoints);
const metres = () => figure(0, 1000);

/** A panel that the body kind does not have: typed, split off, mirrored or read from a panel map. Kept as one document. */
export const ownPartFields = {
  name: text(80, 1),
  section: id(),
  side: word(sides),
  /** On the net, m. */
  outline: document<Point[]>(ring()),
  holes: document<Point[][]>(Joi.array().items(ring()).max(20)),
  shape: word(shapes),
  /** True area over polygon area, and why. */
  curveFactor: figure(0.5, 3),
  curveReason: text(120),
  insideM2: metres(),
  trimM: metres(),
  beadM: metres(),
  rivetM: metres(),
  seamM: metres(),
};
export type OwnPartRecord = TypeOf<typeof ownPartFields>;
