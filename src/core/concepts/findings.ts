import { gauges, markKinds, readingSources } from '../record/survey-words';
import * as atom from './atoms';
import { figure, flag, id, localDate, nullable, text, whole, word, type TypeOf } from './field';

const netMetres = () => figure(-200, 200);

/** A condition mark on a panel: where on the net (m), how large and how deep (mm). */
export const markFields = {
  part: id(atom.partKey()),
  kind: word(markKinds),
  /** Where on the net, m. */
  x: netMetres(),
  y: netMetres(),
  sizeMm: figure(0, 5000),
  depthMm: nullable(figure(0, 500)),
  note: text(200),
  mended: flag(),
  /** 0 for the walk round; 1 and up for the block round in which guide coat showed it. */
  round: whole(0, 20),
};
export type MarkRecord = TypeOf<typeof markFields>;

/** A film reading on a panel. */
export const readingFields = {
  part: id(atom.partKey()),
  /** Whole film over the substrate, µm. */
  um: figure(0, 20_000),
  /** Where on the panel, mm from its left and top edge on the net; null where nobody noted it. */
  fromLeftMm: nullable(figure(0, 60_000)),
  fromTopMm: nullable(figure(0, 60_000)),
  gauge: word(gauges),
  source: word(readingSources),
  onDate: localDate(),
};
export type ReadingRecord = TypeOf<typeof readingFields>;
