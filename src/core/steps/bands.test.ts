import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import type { JobSection, NewJob } from '../record';
import { partsOfJob } from '../survey';
import { buildSteps } from './builder';
import type { Step, StepNetwork } from './step';

const shelf = shelfOf(standardShelf);
const built = (given: Partial<NewJob>, sections: Partial<JobSection> = {}): StepNetwork => {
  const job = jobFixture(given, sections);
  return buildSteps({ job, parts: partsOfJob(job), shop: demoShop, shelf });
};
const hours = ({ steps }: StepNetwork, of: (step: Step) => boolean = () => true): number =>
  steps.filter(of).reduce((sum, step) => sum + step.personMinutes, 0) / 60;

/** The trade's own bands for whole jobs; the rates were not fitted to them job by job. */
describe('the default rates land where the trade says whole jobs land', () => {
  const blocks = (step: Step) => step.operation.startsWith('block');

  test('at Mirror a full-size car carries 500–900 h of blocking alone', () => {
    for (const bodyKind of ['saloon', 'coupe', 'estate']) {
      const blocking = hours(built({ bodyKind, level: 'Mirror' }), blocks);
      expect([bodyKind, blocking > 500 && blocking < 900]).toEqual([bodyKind, true]);
    }
  });

  test('and a large one runs into four figures', () => {
    expect(hours(built({ bodyKind: 'estate', level: 'Mirror' }))).toBeGreaterThan(1000);
  });

  test('a large 4x4 with a failed lacquer takes two people 8–12 days of eight hours to strip', () => {
    const network = built({ bodyKind: 'pickup', level: 'Road' }, { oldFinish: 'lacquer' });
    const strip = hours(network, (step) => step.phase === 'strip');
    expect(strip).toBeGreaterThan(2 * 8 * 8);
    expect(strip).toBeLessThan(2 * 12 * 8);
  });

  test('masking a small separate-wing car for one colour takes one person 4–7 h', () => {
    const masking = hours(built({ bodyKind: 'vintage', level: 'Road' }), (step) => step.operation === 'mask');
    expect(masking).toBeGreaterThan(4);
    expect(masking).toBeLessThan(7);
  });

  test('sealer and two colour coats on a small car shell hold the booth for 2.5–4 h', () => {
    const network = built({ bodyKind: 'coupe', level: 'Work' }, { coats: { colour: 2, clear: 0 } });
    const session = network.steps.filter((step) => step.hold === 'shell/paint');
    expect(session.filter((step) => step.coat)).toHaveLength(3);
    const held = session.reduce((sum, step) => sum + step.minutes, 0) / 60;
    expect(held).toBeGreaterThan(2.5);
    expect(held).toBeLessThan(4);
  });

  test('two primer, two topcoats, stripe and bottom on a 5 m hull are 25–45 h in all', () => {
    const all = hours(built({ bodyKind: 'open-hull', level: 'Work', dimensions: { length: 5 } }));
    expect(all).toBeGreaterThan(25);
    expect(all).toBeLessThan(45);
  });
});
