import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { schemeOf, unchosenColour, type Alternative, type Job } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { minuteAt } from '../units';
import { plannedSchemes } from './schemes';

const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const around = {
  shop: demoShop,
  shelf: shelfOf(standardShelf),
  now,
  commitments: [],
  agreedStarts: new Map(),
};
const alternative = (id: string, scheme: Alternative['scheme']): Alternative => ({
  id,
  name: id,
  scheme,
  ifUnmatched: null,
  mostAttempts: 3,
  lastDay: null,
  chosenBy: '',
  chosenOn: null,
  note: '',
});
const plain: Job = {
  ...jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } }),
  colours: [unchosenColour, { ...unchosenColour, id: 'ochre', name: 'Ochre', hex: '#b08a4a' }],
};
const banded = { ...plain, constructions: [taperedBand({ colour: 'ochre' })] };

describe('schemes side by side', () => {
  const kept = { ...schemeOf(plain), sections: schemeOf(plain).sections.map((one) => ({ ...one })) };
  const roofKept = {
    ...kept,
    sections: kept.sections.map((one) => (one.key === 'roof' ? { ...one, level: 'Keep' as const } : one)),
  };
  const job = {
    ...banded,
    alternatives: [
      alternative('banded', schemeOf(banded)),
      alternative('plain', kept),
      alternative('roof kept', roofKept),
    ],
  };
  const [today, same, without, part] = plannedSchemes({ job, ...around });

  test('each is what a plan of the job by it alone comes to', () => {
    const alone = planJob({ job: plain, ...around });
    expect(without!.figures.labourMin).toBe(alone.budgets.labourMin.planned);
    expect(without!.figures.materialsMinor).toBe(alone.budgets.materialsMinor.planned);
    expect(same!.figures).toEqual(today!.figures);
    expect([today!.isNow, same!.isNow, without!.isNow]).toEqual([true, true, false]);
  });

  test('a band costs hours, tape and paint; its colour has the area of the trapezium on both sides', () => {
    expect(today!.figures.labourMin).toBeGreaterThan(without!.figures.labourMin);
    expect(today!.figures.materialsMinor).toBeGreaterThan(without!.figures.materialsMinor);
    // 4.4 m long, 200 mm at the front, 100 mm at the rear, on sides 1.05 times as large as they lie flat.
    const ochre = today!.colours.find((one) => one.name === 'Ochre')!;
    expect(ochre.areaM2).toBeCloseTo(2 * 4.4 * 0.15 * 1.05, 6);
    expect(ochre.mixL).toBeGreaterThan(0);
    expect(without!.colours.map((one) => one.name)).not.toContain('Ochre');
  });

  test('a colour has the area of all that it covers, insides too: together what gets film', () => {
    const alone = planJob({ job: plain, ...around });
    const filmM2 = alone.sections.reduce((sum, one) => sum + one.outsideM2 + one.insideM2, 0);
    const sum = (one: typeof today) => one!.colours.reduce((total, { areaM2 }) => total + areaM2, 0);
    expect(alone.sections.some((one) => one.insideM2 > 0)).toBe(true);
    expect(sum(without)).toBeCloseTo(filmM2, 6);
    expect(sum(today)).toBeCloseTo(filmM2, 6);
  });

  test('what keeps its paint in one of them is named, and costs less', () => {
    expect(part!.leaves).toEqual(['Roof']);
    expect(part!.enters).toEqual([]);
    expect(part!.figures.labourMin).toBeLessThan(without!.figures.labourMin);
    const other = plannedSchemes({
      job: { ...job, sections: roofKept.sections.map((one, i) => ({ ...job.sections[i]!, ...one })) },
      ...around,
    });
    expect(other.find((one) => one.id === 'plain')!.enters).toEqual(['Roof']);
  });

  test('they are drawn from the side, the rear and above', () => {
    for (const one of [today!, without!])
      expect(one.views.map(({ view }) => view)).toEqual(['left', 'rear', 'top']);
    const fields = (one: typeof today) =>
      one!.views.flatMap(({ shapes }) => shapes.filter(({ kind }) => kind === 'field'));
    expect(fields(today).length).toBeGreaterThan(0);
    expect(fields(without)).toEqual([]);
  });
});
