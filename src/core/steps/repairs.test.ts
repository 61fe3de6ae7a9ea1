import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob, withWork } from '../log';
import { entry } from '../log/log.fixture';
import { planJob } from '../plan';
import { blankSurvey, type Job, type Repair } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';

const around = { shop: demoShop, shelf: shelfOf(standardShelf) };
const now = minuteAt('2026-11-25', 600, demoShop.timeZone);
const colour = jobFixture().colours[0]!.id;
const base: Job = {
  ...jobFixture({ bodyKind: 'saloon', level: 'Road' }),
  samples: [acceptedSample(colour)],
};
const { parts } = readyJob(base, around, now);
const panel =
  parts.find((part) => part.section === 'closures' && part.shape === 'flat') ??
  parts.find((part) => part.section === 'closures')!;
const repair = (kind: Repair['kind'], over: Partial<Repair> = {}): Repair => ({
  id: 'r1',
  part: panel.key,
  kind,
  spot: 'lower edge',
  sizeMm: 40,
  onDate: '2026-11-24',
  note: '',
  ...over,
});
const build = (...repairs: Repair[]) => readyJob({ ...base, repairs }, around, now).build();
const own = (network: ReturnType<typeof build>) =>
  network.steps.filter((step) => step.key.startsWith('repair/'));

test('a run is puttied, cut level, worked up and polished before its section is sanded', () => {
  const network = build(repair('run'));
  expect(own(network).map((step) => [step.key, step.personMinutes])).toEqual([
    ['repair/r1/putty', 10],
    ['repair/r1/stick', 15],
    ['repair/r1/p1000', 8],
    ['repair/r1/p1500', 6],
    ['repair/r1/pad', 8],
  ]);
  const link = (from: string, to: string) => network.links.find((one) => one.from === from && one.to === to);
  // Glaze putty sands after 20 minutes at 20 °C; no sooner in a bay that is no warmer.
  expect(link('repair/r1/putty', 'repair/r1/stick')!.min).toBeGreaterThanOrEqual(20);
  expect(link('repair/r1/pad', 'closures/colour-sand-p1500')).toBeDefined();
  // A run twice as wide as a stick takes everything at the spot three times over: 130 mm is two widths and a bit.
  expect(own(build(repair('run', { sizeMm: 130 })))[0]!.personMinutes).toBe(30);
});

test('a burn-through goes by the panel: feathered by the layer, sanded, masked, coated, and stands until it sands', () => {
  const network = build(repair('burn-through'));
  const steps = own(network);
  expect(steps.map((step) => step.key.split('/')[2])).toEqual(['feather', 'p800', 'mask', 'coat']);
  const coat = steps.at(-1)!;
  expect(coat.place).toBe('booth');
  const clear = coat.needs.find((need) => need.product === 'clear-21')!;
  // m² × 30 µm × coats over 1000 × solids × transfer, as the section's own coats are reckoned.
  const session = network.steps.filter(
    (step) => step.coat?.role === 'clear' && step.sections.includes('closures'),
  );
  const outside = session.filter((step) => step.coat!.faces !== 'inside');
  expect(clear.amount).toBeGreaterThan(0);
  expect(clear.amount).toBeLessThan(outside.reduce((sum, step) => sum + step.coat!.litres, 0));
  const link = network.links.find((one) => one.from === coat.key)!;
  expect([link.to, link.why.code]).toEqual(['closures/colour-sand-p1500', 'sand-after']);
  expect(link.min).toBeGreaterThanOrEqual(12 * 60);
});

test('what was begun is behind it: a nib found at the pads is mended before the next pad', () => {
  const log = [
    entry({ kind: 'began', at: now - 600, step: 'closures/polish-cut' }),
    entry({ kind: 'ended', at: now - 500, step: 'closures/polish-cut', people: [] }),
  ];
  const written: Job = { ...base, log, repairs: [repair('nib')] };
  const network = readyJob({ ...written, log: withWork(written, around, now) }, around, now).build();
  const ends = network.links.filter((one) => one.from === 'repair/r1/pad').map((one) => one.to);
  expect(ends).toEqual(['closures/polish-fine']);
  expect(
    network.links.some((one) => one.from === 'closures/polish-cut' && one.to === 'repair/r1/p1500'),
  ).toBe(true);
});

test('attempts at one spot are counted against its film; a new coat begins the count anew', () => {
  const told = (...repairs: Repair[]) =>
    build(...repairs).warnings.flatMap((one) => (one.code === 'spot-thin' ? [one] : []));
  const times = (n: number, kind: Repair['kind'] = 'run') =>
    Array.from({ length: n }, (_, i) =>
      repair(kind, { id: `r${i}`, spot: i % 2 ? 'Lower edge ' : 'lower edge' }),
    );
  // Two clears of 30 µm, less 8.75 of the discs and pads and 4 for the second look: 47.25 µm. A run takes
  // 8 + 5 + 2 + 0.5 = 15.5 µm: 31.75 are left after one, 16.25 after two. A spot may be as thin as an edge, 30 µm.
  expect(told(...times(1))).toEqual([]);
  const [second] = told(...times(2));
  expect([second!.attempts, second!.stopUm]).toEqual([2, 30]);
  expect(second!.leftUm).toBeCloseTo(16.25, 6);
  const coated = repair('burn-through', { id: 'r9', onDate: '2026-11-25' });
  expect(told(...times(3), coated)).toEqual([]);
  expect(told(...times(3).map((one, i) => ({ ...one, spot: `spot ${i}` })))).toEqual([]);
});

test('a repair on a panel that is left out, or of film that is not laid, is said and not planned', () => {
  const idle = (job: Partial<Job>, kind: Repair['kind']) => {
    const network = readyJob({ ...base, ...job, repairs: [repair(kind)] }, around, now).build();
    return [
      own(network).length,
      network.warnings.flatMap((one) => (one.code === 'repair-idle' ? [one.why] : [])),
    ];
  };
  const absent = [{ ...blankSurvey(panel.key), absent: true }];
  expect(idle({ surveyed: absent }, 'run')).toEqual([0, ['panel']]);
  const kept = base.sections.map((one) => ({ ...one, level: 'Keep' as const, depth: 'scuff' as const }));
  expect(idle({ sections: kept }, 'burn-through')).toEqual([0, ['film']]);
  // A nib in a kept film is taken out all the same.
  expect(idle({ sections: kept }, 'nib')).toEqual([3, []]);
});

test('the plan places them, and the body is not polished before they are done', () => {
  const plan = planJob({
    job: { ...base, repairs: [repair('sag'), repair('fish-eye', { id: 'r2', spot: 'middle' })] },
    shop: demoShop,
    shelf: around.shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  expect(plan.steps.filter((step) => step.heldBy.length > 0)).toEqual([]);
  const at = (key: string) => plan.steps.find((step) => step.key === key)!;
  for (const last of ['repair/r1/pad', 'repair/r2/coat'])
    expect(at(last).end).toBeLessThanOrEqual(at('closures/colour-sand-p1500').start);
});

test('a flaw found late on one panel and a coat again on another of the body go round in no ring', () => {
  const network = build();
  const done = network.steps.filter(
    ({ key, phase }) => key.startsWith('closures/') && phase !== 'refit' && phase !== 'return',
  );
  const facts = done.map(({ key }, i) => ({
    step: key,
    status: 'done' as const,
    start: now - 5000 + i,
    end: now - 4999 + i,
    remainingMin: null,
    personMinutes: 1,
    materialsMinor: null,
    uses: [],
  }));
  const shell = parts.find((part) => part.section === 'shell')!.key;
  const plan = planJob({
    job: {
      ...base,
      schools: { alignment: 'after', assembly: 'loosely-hung' },
      facts,
      repairs: [repair('insect'), repair('fish-eye', { id: 'r2', part: shell })],
    },
    shop: demoShop,
    shelf: around.shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  const at = (key: string) => plan.steps.find((step) => step.key === key)!;
  // The coat comes before the shell is sanded; the insect of the door that is finished waits for no more than that.
  expect(at('repair/r2/coat').end).toBeLessThanOrEqual(at('shell/colour-sand-p1500').start);
  expect(at('repair/r1/pad').end).toBeLessThanOrEqual(at('handover').start);
});
