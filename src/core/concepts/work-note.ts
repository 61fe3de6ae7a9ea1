import { localDate, nullable, since, text, type TypeOf } from './field';

/**
 * What was learned at the work, with its cause and its cure. It comes back before the same operation, with the same product,
 * on the same kind of body or at the same place; what is left empty holds for all of them.
 */
export const workNoteFields = {
  /** Code of the operation; empty for any. */
  operation: text(60),
  /** Code of the product; empty for any. */
  product: text(60),
  bodyKind: text(40),
  /** Id of the place; empty for any. */
  place: text(60),
  cause: text(200, 1),
  cure: text(200, 1),
  /** Where it was learned: number of the job, panel and step; empty where nobody said. */
  job: text(20),
  part: text(20),
  step: text(160),
  by: text(80),
  onDate: localDate(),
  /** The day it was found wrong or over, and why; null while it holds. */
  retiredOn: since(null, nullable(localDate())),
  retiredWhy: since('', text(200)),
};
export type WorkNoteRecord = TypeOf<typeof workNoteFields>;
