import { usualFigures, type FigureKey, type FigurePlace, type Figures } from '../figures';

/** A grit by number, or a pad. */
export type Grit = number | 'cut' | 'polish';

/** The figure that says what a grit or pad takes of cured clear. */
const gritKeys: ReadonlyMap<Grit, FigureKey> = new Map<Grit, FigureKey>([
  [600, 'take.600'],
  [800, 'take.800'],
  [1000, 'take.1000'],
  [1200, 'take.1200'],
  [1500, 'take.1500'],
  [2000, 'take.2000'],
  [2500, 'take.2500'],
  [3000, 'take.3000'],
  [5000, 'take.5000'],
  ['cut', 'take.cut'],
  ['polish', 'take.polish'],
]);

export type GritTakes = (grit: Grit) => number;

/** What one grit or pad takes of cured clear at a place, µm; of a grit that has no figure nothing. */
export const gritTakesAt =
  (figures: Figures, at: FigurePlace = {}): GritTakes =>
  (grit) => {
    const key = gritKeys.get(grit);
    return key === undefined ? 0 : figures(key, at);
  };

/** What the trade reckons. */
export const gritTakesUm: GritTakes = gritTakesAt(usualFigures);
