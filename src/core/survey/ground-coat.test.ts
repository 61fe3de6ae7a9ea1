import { demoShop } from '../../demo/shop';
import { colourFaults } from '../exchange';
import { bestGroundCoat, shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { unchosenColour, type Job, type JobColour } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { stackOf } from '../steps';
import { lotsOf, partsOfJob } from '.';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Road' });
const colour = (over: Partial<JobColour>): JobColour => ({ ...unchosenColour, ...over });
const banded = (band: Partial<JobColour>, over: Partial<Job> = {}): Job => ({
  ...base,
  colours: [...base.colours, colour({ id: 'band', name: 'Band', ...band })],
  constructions: [taperedBand({ colour: 'band' })],
  ...over,
});
const laid = (job: Job) => {
  const { sections } = lotsOf(job, partsOfJob(job));
  return (key: string) =>
    stackOf(
      sections.find((one) => one.key === key)!,
      shelf,
    ).layers.map((one) => `${one.product.code} ${one.coats}`);
};

describe('a ground coat under a colour', () => {
  test('takes the place of the sealer in its fields alone', () => {
    const of = laid(banded({ groundCoat: 'sealer-white' }));
    const [plain, own] = [of('sides'), of('sides~band')];
    expect(plain).toContain('sealer-grey 1');
    expect(own).toContain('sealer-white 1');
    expect(own).not.toContain('sealer-grey 1');
    // The rest is laid as on the panels: colour three coats over it.
    expect(own[own.indexOf('sealer-white 1') + 1]).toBe('base-solid 3');
    expect(plain.filter((one) => one !== 'sealer-grey 1')).toEqual(
      own.filter((one) => one !== 'sealer-white 1'),
    );
  });

  test('is laid where the method has no sealer, or epoxy in its place', () => {
    for (const sealer of ['none', 'epoxy-wet'] as const) {
      const sections = base.sections.map((one) => ({ ...one, schools: { ...one.schools, sealer } }));
      const of = laid(banded({ groundCoat: 'sealer-white' }, { sections }));
      expect(of('sides~band')).toContain('sealer-white 1');
      expect(of('sides').join()).not.toContain('sealer-white');
    }
  });

  test('goes under a whole section of that colour, and under insides of it but not under others', () => {
    const colours = [colour({ groundCoat: 'sealer-white' }), colour({ id: 'grey', name: 'Grey' })];
    const sections = base.sections.map((one) => ({ ...one, insideColour: 'grey' }));
    const job = { ...base, colours, sections };
    const area = lotsOf(job, partsOfJob(job)).sections.find((one) => one.key === 'sides')!;
    const of = (one: typeof area) => stackOf(one, shelf).layers.map(({ product }) => product.code);
    expect(of(area)).toContain('sealer-white');
    const inside = of({ ...area, ...area.insideLaid });
    expect(inside).toContain('sealer-grey');
    expect(inside).not.toContain('sealer-white');
  });

  test('is not laid on what keeps its paint', () => {
    const sections = base.sections.map((one) => ({ ...one, level: 'Keep' as const }));
    const colours = [colour({ groundCoat: 'sealer-white' })];
    const of = laid({ ...base, colours, sections });
    expect(of('sides').join()).not.toContain('sealer-white');
  });
});

describe('a ground coat is', () => {
  const faults = (groundCoat: string, bodyKind = base.bodyKind) =>
    colourFaults({ groundCoat }, 'set', { systems: demoShop.systems, shelf, bodyKind });

  test('a sealer of the shelf, on what is sprayed', () => {
    expect(faults('sealer-white')).toEqual([]);
    expect(faults('clear-21')).toEqual([
      expect.objectContaining({ place: 'set.groundCoat', reason: expect.stringContaining('no sealer') }),
    ]);
    expect(faults('nothing')[0]!.reason).toBe('there is no product nothing on the shelf');
    expect(faults('sealer-white', 'open-hull')[0]!.reason).toContain('laid by roller');
  });

  test('best white under white: what it hides there in fewer coats than over grey', () => {
    const asked = { family: 'base', product: 'base-solid', hex: '#eceae2', coatUm: 15, planned: 3 } as const;
    const best = bestGroundCoat(asked, shelf.values())!;
    expect(best.product.code).toBe('sealer-white');
    const others = [...shelf.values()].filter((one) => one.code !== 'sealer-white');
    const next = bestGroundCoat(asked, others);
    expect(next === null || next.coats >= best.coats).toBe(true);
  });
});
