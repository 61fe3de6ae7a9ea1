import type { DryMass } from '../readings/dry-mass';
import type { PanelFilm } from './film-record';
import { measuredMass } from './measured-mass';

const film = (part: string, medianUm: number | null, over: Partial<PanelFilm> = {}): PanelFilm => ({
  part,
  name: part,
  section: 's',
  planned: { flatUm: 120, edgeUm: 70 },
  keptUm: 20,
  stop: null,
  points: [],
  lowestUm: null,
  medianUm,
  lowestEdgeUm: null,
  roomUm: null,
  isStale: false,
  ...over,
});
const panel = (part: string, laidKg: number | null, armM: number | null) => ({
  part,
  name: part,
  laidKg,
  removedKg: 0.5,
  armM,
  momentKgM: laidKg === null || armM === null ? null : (laidKg - 0.5) * armM,
});
const mass = (...panels: DryMass['panels']): DryMass => ({
  panels,
  laidKg: panels.reduce((sum, one) => sum + (one.laidKg ?? 0), 0),
  removedKg: 0.5 * panels.length,
  momentKgM: panels.reduce((sum, one) => sum + (one.momentKgM ?? 0), 0),
  unknownProducts: [],
});

test('120 planned and 130 read over 20 that were kept: 0.4 kg become 0.44, their moment at 2.5 m −0.15 kg·m', () => {
  const made = measuredMass(mass(panel('W1', 0.4, 2.5), panel('F1', 0.3, 4)), [
    film('W1', 130),
    film('F1', null),
  ]);
  expect(made.measured).toEqual(['W1']);
  expect(made.panels[0]!.laidKg).toBeCloseTo(0.44, 9);
  // (0.44 − 0.5) · 2.5 and, as planned, (0.3 − 0.5) · 4.
  expect(made.panels[0]!.momentKgM).toBeCloseTo(-0.15, 9);
  expect(made.panels[1]).toEqual(panel('F1', 0.3, 4));
  expect(made.laidKg).toBeCloseTo(0.74, 9);
  expect(made.momentKgM).toBeCloseTo(-0.95, 9);
});

test('what was polished since, what nobody knows the weight of, and what is all kept film stays as planned', () => {
  const given = mass(panel('A', 0.4, 1), panel('B', null, 1), panel('C', 0.2, null));
  const films = [
    film('A', 130, { isStale: true }),
    film('B', 130),
    film('C', 20, { planned: { flatUm: 20, edgeUm: 12 } }),
  ];
  expect(measuredMass(given, films)).toEqual({ ...given, measured: [] });
});
