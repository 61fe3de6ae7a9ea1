import type { Family } from './family';
import type { Application, CoatingSheet, Reopening, Repair } from './product';

type FamilySheet = Pick<
  CoatingSheet,
  | 'coatsLeast'
  | 'coatsMost'
  | 'tapeAfterMin'
  | 'handleAfterMin'
  | 'fullCureMin'
  | 'wetEdgeMin'
  | 'flowLPerMin'
  | 'afterMax'
  | 'repair'
  | 'dryDensityKgL'
  | 'vocGL'
  | 'application'
> & { densityKgL: number };

const h = 60;
const day = 1440;
const gun = (nozzleMm: number, pressureBar: number, passes: number): Application => ({
  nozzleMm,
  pressureBar,
  fanCm: 25,
  passes,
});
const byHand = (passes: number): Application => ({ nozzleMm: null, pressureBar: null, fanCm: null, passes });

const family = (
  coats: [least: number, most: number],
  hours: { tape: number | null; handle: number | null; cureDays: number | null },
  edge: [wetEdgeMin: number, flowLPerMin: number],
  mend: [afterMax: Reopening, repair: Repair],
  weights: [densityKgL: number, dryDensityKgL: number | null, vocGL: number | null],
  application: Application,
): FamilySheet => ({
  coatsLeast: coats[0],
  coatsMost: coats[1],
  tapeAfterMin: hours.tape === null ? null : hours.tape * h,
  handleAfterMin: hours.handle === null ? null : hours.handle * h,
  fullCureMin: hours.cureDays === null ? null : hours.cureDays * day,
  wetEdgeMin: edge[0],
  flowLPerMin: edge[1],
  afterMax: mend[0],
  repair: mend[1],
  densityKgL: weights[0],
  dryDensityKgL: weights[1],
  vocGL: weights[2],
  application,
});

/**
 * The middle of what sheets of each family say, at 20 °C, for what a sheet leaves out: coats, tape, handle and cure,
 * open wet edge, flow, what reopens it, how it is mended, densities, VOC of the ready mix, gun or roller.
 */
export const familySheets: Record<Family, FamilySheet> = {
  etch: family(
    [1, 1],
    { tape: 4, handle: 2, cureDays: 2 },
    [8, 0.18],
    ['abrade', 'spot'],
    [0.95, 1.6, 720],
    gun(1.3, 2, 1),
  ),
  epoxy: family(
    [1, 2],
    { tape: 12, handle: 12, cureDays: 7 },
    [10, 0.18],
    ['scuff', 'spot'],
    [1.4, 1.9, 480],
    gun(1.6, 2, 2),
  ),
  polyester: family(
    [2, 3],
    { tape: 4, handle: 3, cureDays: 2 },
    [6, 0.25],
    ['abrade', 'spot'],
    [1.6, 1.8, 200],
    gun(2.2, 2.2, 2),
  ),
  build: family(
    [2, 4],
    { tape: 12, handle: 4, cureDays: 5 },
    [8, 0.22],
    ['scuff', 'spot'],
    [1.45, 1.9, 500],
    gun(1.8, 2, 2),
  ),
  sealer: family(
    [1, 1],
    { tape: 12, handle: 4, cureDays: 5 },
    [8, 0.18],
    ['scuff', 'panel'],
    [1.25, 1.8, 540],
    gun(1.4, 2, 1),
  ),
  base: family(
    [2, 3],
    { tape: 2, handle: 1, cureDays: null },
    [5, 0.15],
    ['scuff', 'panel'],
    [1, 1.5, 620],
    gun(1.3, 2, 2),
  ),
  'effect-base': family(
    [3, 4],
    { tape: 12, handle: 1, cureDays: null },
    [5, 0.15],
    ['scuff', 'panel'],
    [0.95, 1.4, 650],
    gun(1.3, 2, 3),
  ),
  'waterborne-base': family(
    [2, 3],
    { tape: 6, handle: 2, cureDays: null },
    [5, 0.15],
    ['scuff', 'panel'],
    [1.05, 1.4, 380],
    gun(1.25, 1.8, 3),
  ),
  candy: family(
    [2, 6],
    { tape: 12, handle: 1, cureDays: null },
    [5, 0.15],
    ['none', 'whole'],
    [0.95, 1.2, 660],
    gun(1.3, 2, 3),
  ),
  'inter-clear': family(
    [1, 2],
    { tape: 4, handle: 1, cureDays: null },
    [5, 0.15],
    ['scuff', 'panel'],
    [0.93, 1.15, 640],
    gun(1.3, 2, 1),
  ),
  flake: family(
    [2, 4],
    { tape: 24, handle: 12, cureDays: 21 },
    [8, 0.2],
    ['scuff', 'whole'],
    [1, 1.3, 600],
    gun(2, 2, 3),
  ),
  'single-stage': family(
    [2, 3],
    { tape: 24, handle: 12, cureDays: 18 },
    [8, 0.18],
    ['scuff', 'panel'],
    [1.1, 1.5, 420],
    gun(1.4, 2, 2),
  ),
  clear: family(
    [2, 6],
    { tape: 24, handle: 12, cureDays: 21 },
    [8, 0.18],
    ['scuff', 'panel'],
    [0.99, 1.15, 420],
    gun(1.3, 2, 2),
  ),
  'one-part': family(
    [2, 3],
    { tape: 60, handle: 24, cureDays: 21 },
    [6, 0.1],
    ['scuff', 'spot'],
    [1.05, 1.5, 420],
    byHand(2),
  ),
  'two-part-marine': family(
    [2, 3],
    { tape: 24, handle: 24, cureDays: 14 },
    [7, 0.1],
    ['scuff', 'panel'],
    [1.15, 1.5, 420],
    byHand(2),
  ),
  barrier: family(
    [3, 5],
    { tape: 24, handle: 24, cureDays: 7 },
    [15, 0.12],
    ['abrade', 'spot'],
    [1.4, 1.7, 300],
    byHand(1),
  ),
  antifouling: family(
    [2, 2],
    { tape: 12, handle: 12, cureDays: null },
    [15, 0.12],
    ['abrade', 'spot'],
    [1.75, 2.6, 440],
    byHand(1),
  ),
  gelcoat: family(
    [1, 2],
    { tape: 24, handle: 12, cureDays: 7 },
    [10, 0.2],
    ['abrade', 'spot'],
    [1.15, 1.25, 60],
    byHand(2),
  ),
  promoter: family(
    [1, 2],
    { tape: null, handle: 1, cureDays: null },
    [5, 0.12],
    ['none', 'panel'],
    [0.86, null, 820],
    gun(1.2, 1.8, 1),
  ),
  liner: family(
    [1, 2],
    { tape: 24, handle: 12, cureDays: 7 },
    [10, 0.6],
    ['abrade', 'spot'],
    [1.05, 1.2, 320],
    gun(4, 3, 2),
  ),
  filler: family(
    [1, 1],
    { tape: 2, handle: 1, cureDays: 1 },
    [5, 0.1],
    ['abrade', 'spot'],
    [1.8, 1.8, null],
    byHand(1),
  ),
  putty: family(
    [1, 1],
    { tape: 2, handle: 1, cureDays: 1 },
    [4, 0.1],
    ['abrade', 'spot'],
    [1.7, 1.7, null],
    byHand(1),
  ),
  sealant: family(
    [1, 1],
    { tape: 24, handle: 12, cureDays: 3 },
    [15, 0.1],
    ['none', 'spot'],
    [1.4, 1.4, null],
    byHand(1),
  ),
  texture: family(
    [1, 2],
    { tape: 12, handle: 6, cureDays: 3 },
    [8, 0.4],
    ['scuff', 'spot'],
    [1.1, 1.3, 450],
    gun(3, 3, 1),
  ),
  'leaf-size': family(
    [1, 1],
    { tape: 48, handle: 24, cureDays: 3 },
    [8, 0.1],
    ['none', 'whole'],
    [0.95, 0.95, 400],
    byHand(1),
  ),
};
