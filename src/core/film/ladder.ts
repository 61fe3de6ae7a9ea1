/** One step of colour sanding or polishing. Removal of cured clear in µm: the middle of the trade's range. */
export interface LadderStep {
  grit: number | 'cut' | 'polish';
  removalUm: number;
}

/** Film removed from cured clear, µm: P600 15–20 … polish 0.3–0.7; the middle is for planning. */
const middleUm: ReadonlyMap<LadderStep['grit'], number> = new Map<LadderStep['grit'], number>([
  [600, 17.5],
  [800, 12.5],
  [1000, 8],
  [1200, 6.5],
  [1500, 5],
  [2000, 2.5],
  [2500, 2],
  [3000, 1.25],
  [5000, 0.65],
  ['cut', 2],
  ['polish', 0.5],
]);

export interface Ladder {
  key: string;
  name: string;
  hand: boolean;
  steps: LadderStep[];
}

const ladder = (key: string, name: string, hand: boolean, grits: LadderStep['grit'][]): Ladder => ({
  key,
  name,
  hand,
  steps: grits.map((grit) => ({ grit, removalUm: middleUm.get(grit)! })),
});

/** Ladders by name; structured discs for Road, hand blocks for Show and Mirror. */
export const ladders = {
  none: ladder('none', 'from the gun, nibs only', true, []),
  light: ladder('light', 'light cut', true, ['polish']),
  discs: ladder('discs', 'damp discs 1500, 3000, cut and polish', false, [1500, 3000, 'cut', 'polish']),
  hand: ladder('hand', 'blocks 800 to 5000, cut and two polishes', true, [
    800,
    1000,
    1500,
    2000,
    3000,
    5000,
    'cut',
    'polish',
    'polish',
  ]),
} as const;

export type LadderKey = keyof typeof ladders;
