import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { blankSurvey, type Fitting, type Job } from '../record';
import { fittingOf } from '../record/fitting.fixture';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';

const around = { shop: demoShop, shelf: shelfOf(standardShelf) };
const now = minuteAt('2026-11-25', 600, demoShop.timeZone);
const job = (level: Job['level'], over: Partial<Job> = {}): Job => ({
  ...jobFixture({ bodyKind: 'saloon', level }),
  samples: [acceptedSample(jobFixture().colours[0]!.id)],
  ...over,
});
const part = readyJob(job('Road'), around, now).parts.find((one) => one.section === 'shell')!.key;
const piece = (id: string, over: Partial<Fitting> = {}): Fitting =>
  fittingOf({ id, name: id, part, refitMin: 40, maskMin: 60, choice: 'remove', state: 'off', ...over });
const build = (level: Job['level'], ...fittings: Fitting[]) =>
  readyJob(job(level, { fittings }), around, now).build();
type Network = ReturnType<typeof build>;
const link = ({ links }: Network, from: string, to: string) =>
  links.find((one) => one.from === from && one.to === to);
const at = ({ steps }: Network, key: string) => steps.find((step) => step.key === key);

test('a piece as it is proposed goes back with all the others', () => {
  const network = build('Road', piece('handle'));
  expect(at(network, 'refit/handle')).toBeUndefined();
  const without = at(build('Road'), 'body/refit')!.personMinutes;
  expect(at(network, 'body/refit')!.personMinutes - without).toBe(40);
});

test('body onto chassis first, then the rest, then the rail: each at its place, with its people and their care', () => {
  const body = piece('body onto chassis', {
    id: 'body',
    refitOrder: 10,
    hands: 4,
    refitMin: 240,
    waitsFor: 'handle',
  });
  const rail = piece('rail', { refitOrder: 200 });
  const network = build('Road', rail, body);
  expect(link(network, 'refit/body', 'body/refit')).toBeDefined();
  // The body gives its bay free before the rail goes on.
  expect(link(network, 'body/refit/out', 'refit/rail')).toBeDefined();
  expect(link(network, 'refit/body', 'refit/rail')).toBeDefined();
  expect(at(network, 'refit/body')).toMatchObject({ crew: 4, personMinutes: 240 });
  expect(at(network, 'refit/body')!.cautions).toContain('lifting');
  expect(at(network, 'body/refit')!.personMinutes).toBe(at(build('Road'), 'body/refit')!.personMinutes);
  // It holds up what waits for the bay to be free.
  const behind = (key: string) => network.links.flatMap((one) => (one.from === key ? [one.to] : []));
  expect(behind('refit/rail')).toEqual(behind('body/refit/out').filter((key) => key !== 'refit/rail'));
});

test.each([
  ['full-cure', 1],
  ['bond', 0.3],
  ['clamp', 0.15],
] as const)('%s waits for that share of the full cure of the last coat, %d', (waitsFor, share) => {
  const network = build('Road', piece('glass', { waitsFor }));
  const waits = network.links.filter((one) => one.to === 'refit/glass' && one.why.code === 'refit-after');
  expect(waits.length).toBeGreaterThan(0);
  const clear = around.shelf.get('clear-21')!.coating!;
  for (const { min } of waits) expect(min).toBeGreaterThanOrEqual(Math.floor(clear.fullCureMin! * share));
});

test('what waits for the second look comes back after it, and holds no handover; the look counts from the last polish', () => {
  const network = build('Show', piece('seats', { waitsFor: 'second-look' }));
  const seats = at(network, 'refit/seats')!;
  expect(seats.phase).toBe('return');
  expect(network.links.some((one) => one.to === 'refit/seats' && one.from.includes('second-look'))).toBe(
    true,
  );
  expect(network.links.filter((one) => one.from === 'refit/seats')).toEqual([]);
  const before = (key: string) => network.links.flatMap((one) => (one.to === key ? [one.from] : []));
  // The film settles while trim goes back on.
  expect(before('settle').every((key) => !key.includes('refit') && key !== 'handover')).toBe(true);
  expect(before('body/look/in')).toEqual(expect.arrayContaining(['settle', 'handover']));
});

test('seams are sealed by the metre, at the cartridge of the shop; what is sealed already is left out', () => {
  const base = job('Road');
  const { parts } = readyJob(base, around, now);
  const own = parts.filter((one) => one.section === 'shell');
  const metres = (list: typeof own) => list.reduce((sum, one) => sum + one.seamM, 0);
  const seal = (over: Partial<Job>) =>
    readyJob({ ...base, ...over }, around, now)
      .build()
      .steps.find((step) => step.key === 'shell/seal-seams')!;
  const all = seal({});
  expect(all.figure.quantity).toBeCloseTo(metres(own), 6);
  expect(all.personMinutes).toBe(Math.round(3 * metres(own)));
  // A round 6 mm bead is 28.27 mL a metre, and nine tenths of 310 mL come out of the cartridge: 0.1013 of one.
  const used = (step: typeof all) => step.needs.find((need) => need.product === 'seam-sealer')!.amount;
  expect(used(all)).toBeCloseTo((metres(own) * 28.274) / 279, 3);
  const [first] = own;
  const sealed = seal({ surveyed: [{ ...blankSurvey(first!.key), seams: 'sealed' }] });
  expect(sealed.figure.quantity).toBeCloseTo(metres(own) - first!.seamM, 6);
  const figures = [{ key: 'seam.cartridge', scope: 'job', of: '', value: 600 }] as const;
  expect(used(seal({ figures: [...figures] }))).toBeCloseTo((metres(own) * 28.274) / 540, 3);
});
