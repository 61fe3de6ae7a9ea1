import { shelfOf, standardShelf } from '../film';
import type { Surface } from '../surface';
import { auditPlan, type AuditPlan, type AuditStep, type Deed, type Finding } from '.';

/**
 * Plans written by hand, each right by the law it is about, and each broken by the least that can be: a minute, a coat, a
 * micrometre, a deed left out. Times are those of the standard shelf's sheets at the 20 °C they are stated for.
 */
const shelf = shelfOf(standardShelf);
const sheet = (code: string) => shelf.get(code)!.coating!;
const [epoxy, build, base, clear] = ['epoxy-primer', 'high-build-41', 'base-solid', 'clear-21'];
const hour = 60;
const day = 24 * hour;

const surface = (key: string, over: Partial<Surface> = {}): Surface => ({
  key,
  panel: key.split('.')[0]!,
  face: key.endsWith('inside') ? 'inside' : 'outside',
  section: 'shell',
  body: 'body',
  loose: false,
  areaM2: 2,
  shape: 'flat',
  lengthsM: { trim: 4, bead: 0, rivet: 0, seam: 0, field: 0 },
  fieldEdges: [],
  substrate: 'steel',
  depth: 'bare',
  level: 'Road',
  ...over,
});
const door = surface('D.outside');
const jamb = surface('D.inside');
const roof = surface('R.outside', { section: 'roof' });

let made = 0;
const step = (start: number, end: number, deeds: Deed[], over: Partial<AuditStep> = {}): AuditStep => ({
  key: `step-${(made += 1)}`,
  shares: [],
  pass: null,
  start,
  end,
  place: null,
  people: [],
  skills: [],
  on: [door.key],
  deeds,
  minutes: end - start,
  attended: true,
  isEmpty: false,
  dusty: false,
  held: false,
  insisted: false,
  ...over,
});
const lay = (product: string, by: number, um = sheet(product).dryUm): Deed => ({
  does: 'lay',
  product,
  um,
  edgeUm: um * 0.6,
  by,
});
/** A coat that takes ten minutes and is laid at its end. */
const coat = (product: string, start: number, over: Partial<AuditStep> = {}) =>
  step(start, start + 10, [lay(product, start + 10)], { pass: 'paint', ...over });
const take = (by: Extract<Deed, { does: 'take' }>['by'], um: number | 'all', edgeUm = 0): Deed => ({
  does: 'take',
  um,
  edgeUm,
  by,
  spots: false,
});
const wipe = (start: number, over: Partial<AuditStep> = {}) =>
  step(start, start + 5, [{ does: 'wipe' }], over);

const plan = (steps: AuditStep[], over: Partial<AuditPlan> = {}): AuditPlan => ({
  surfaces: [door],
  covers: [],
  steps,
  places: [],
  pots: [],
  people: [],
  shelf,
  airFrom: () => [{ untilMin: 1e9, airC: 20 }],
  bareLimitMin: () => 480,
  spotLimitMin: () => 480,
  promises: new Map(),
  stopLine: () => ({ flatUm: 45, edgeUm: 30 }),
  keptUm: () => null,
  keptStop: () => ({ flatUm: 85, edgeUm: 51, edgeShare: 0.6 }),
  awaitsSample: () => false,
  now: 0,
  ...over,
});
const breaches = (given: AuditPlan, law: number): Pick<Finding, 'breach' | 'figure' | 'limit'>[] =>
  auditPlan(given)
    .findings.filter((one) => one.law === law)
    .map(({ breach, figure, limit }) => ({ breach, figure, limit }));

test('the sheets are as the hand-written plans take them', () => {
  expect([epoxy, build, base, clear].map((code) => sheet(code).sheetC)).toEqual([20, 20, 20, 20]);
});

describe('law 1: windows', () => {
  const { sandAfterMin, recoatMaxMin } = sheet(epoxy);
  const flash = sheet(base).flashMin;

  test('a coat in the same session waits for the flash of the last, to the minute', () => {
    const coats = (gap: number) => plan([wipe(0), coat(base, 10), coat(base, 20 + gap)]);
    expect(breaches(coats(flash), 1)).toEqual([]);
    expect(breaches(coats(flash - 1), 1)).toEqual([
      { breach: 'coated-early', figure: flash - 1, limit: flash },
    ]);
  });

  test('a film is sanded when its sheet lets it, and a minute earlier is too soon', () => {
    const sanded = (at: number) =>
      plan([coat(epoxy, 0, { pass: 'epoxy' }), step(10 + at, 10 + at + 30, [take('scuff', 2)])]);
    expect(breaches(sanded(sandAfterMin), 1)).toEqual([]);
    expect(breaches(sanded(sandAfterMin - 1), 1)).toEqual([
      { breach: 'sanded-soft', figure: sandAfterMin - 1, limit: sandAfterMin },
    ]);
  });

  test('filler is sanded after 25 min, sealant coated after an hour, as their sheets say at 20 °C', () => {
    const blocked = (at: number) =>
      plan([step(0, 30, [{ does: 'spread', product: 'filler' }]), step(at, at + 30, [take('block', 0)])]);
    expect(breaches(blocked(55), 1)).toEqual([]);
    expect(breaches(blocked(54), 1)).toEqual([{ breach: 'sanded-soft', figure: 24, limit: 25 }]);
    const sealed = (at: number) =>
      plan([step(0, 30, [{ does: 'spread', product: 'seam-sealer' }]), coat(build, at, { pass: 'build' })]);
    expect(breaches(sealed(90), 1)).toEqual([]);
    expect(breaches(sealed(89), 1)).toEqual([{ breach: 'coated-early', figure: 59, limit: 60 }]);
  });

  test('past its window a film takes no coat, unless it was scuffed over the whole of it', () => {
    const next = (at: number, ...between: AuditStep[]) =>
      plan([coat(epoxy, 0, { pass: 'epoxy' }), ...between, coat(build, 10 + at, { pass: 'build' })]);
    const max = recoatMaxMin!;
    expect(breaches(next(max), 1)).toEqual([]);
    expect(breaches(next(max + 1), 1)).toEqual([{ breach: 'window-closed', figure: max + 1, limit: max }]);
    expect(breaches(next(max + 1, step(2 * day, 2 * day + 30, [take('scuff', 2)])), 1)).toEqual([]);
    const spots: Deed = { does: 'take', um: 2, edgeUm: 2, by: 'scuff', spots: true };
    expect(breaches(next(max + 1, step(2 * day, 2 * day + 30, [spots])), 1)).toHaveLength(1);
  });

  test('the window of base runs from its own first coat, through all of them, to the clear', () => {
    const max = sheet(base).recoatMaxMin!;
    const cleared = (at: number) =>
      plan([coat(base, 0), coat(base, 300), coat(clear, at, { pass: 'clear' })]);
    expect(breaches(cleared(10 + max), 1)).toEqual([]);
    expect(breaches(cleared(11 + max), 1)).toEqual([
      { breach: 'window-closed', figure: max + 1, limit: max },
    ]);
  });
});

describe('law 2: bare metal', () => {
  const bared = (wait: number) =>
    plan([step(0, 60, [{ does: 'treat' }]), coat(epoxy, 60 + wait, { pass: 'epoxy' })]);

  test('waits its eight hours for the first film and no minute longer', () => {
    expect(breaches(bared(480), 2)).toEqual([]);
    expect(breaches(bared(481), 2)).toEqual([{ breach: 'bare-too-long', figure: 481, limit: 480 }]);
  });

  test('is not left bare at the end', () => {
    expect(breaches(plan([step(0, 60, [take('strip', 'all')])]), 2)).toEqual([
      { breach: 'left-bare', figure: 0, limit: 1 },
    ]);
  });
});

describe('law 3: what must be sanded', () => {
  test('high-build goes under nothing before it was blocked', () => {
    const built = (...between: AuditStep[]) =>
      plan([coat(build, 0, { pass: 'build' }), ...between, coat(base, 2 * day)]);
    expect(breaches(built(step(day, day + 60, [take('block', 20)])), 3)).toEqual([]);
    expect(breaches(built(), 3)).toEqual([{ breach: 'never-sanded', figure: 0, limit: 1 }]);
  });

  test('filler and putty are blocked before they are primed; sealant is not', () => {
    const spread = (product: string, ...between: AuditStep[]) =>
      plan([step(0, 30, [{ does: 'spread', product }]), ...between, coat(build, day, { pass: 'build' })]);
    for (const product of ['filler', 'glaze']) {
      expect(breaches(spread(product, step(60, 90, [take('block', 0)])), 3)).toEqual([]);
      expect(breaches(spread(product), 3)).toEqual([{ breach: 'filler-unsanded', figure: 0, limit: 1 }]);
    }
    expect(breaches(spread('seam-sealer'), 3)).toEqual([]);
  });

  test('a session takes as many clears as the sheet says and not one more', () => {
    const most = sheet(clear).coatsPerSession!;
    const coats = (count: number) =>
      plan(Array.from({ length: count }, (_, i) => coat(clear, i * 60, { pass: 'clear' })));
    expect(breaches(coats(most), 3)).toEqual([]);
    expect(breaches(coats(most + 1), 3)).toEqual([
      { breach: 'session-too-thick', figure: most + 1, limit: most },
    ]);
  });

  test('effect colour that was sanded gets another coat of itself before it is buried', () => {
    const effect = (start: number) => coat('base-silver', start);
    expect(sheet('base-silver').family).toBe('effect-base');
    const nib = step(day, day + 10, [take('sand', 2)]);
    expect(breaches(plan([effect(0), nib, effect(day + 20), coat(clear, day + 60)]), 3)).toEqual([]);
    expect(breaches(plan([effect(0), nib, coat(clear, day + 60)]), 3)).toEqual([
      { breach: 'effect-sanded', figure: 0, limit: 1 },
    ]);
  });
});

test('law 4: polyester filler goes over epoxy and never over etch', () => {
  const over = (product: string) =>
    plan([coat(product, 0), step(day, day + 30, [{ does: 'spread', product: 'filler' }])]);
  expect(breaches(over(epoxy), 4)).toEqual([]);
  expect(breaches(over('etch-primer'), 4)).toEqual([{ breach: 'never-over', figure: 0, limit: 0 }]);
});

test('law 4: urethane lifts a one-part enamel, and polyester never goes over etch', () => {
  const one = 'marine-enamel-1k';
  const over = (upper: string) => plan([coat(one, 0, { pass: 'a' }), coat(upper, 3 * day, { pass: 'b' })]);
  expect(sheet(one).family).toBe('one-part');
  expect(breaches(over(clear), 4)).toEqual([{ breach: 'lifts', figure: 0, limit: 0 }]);
  expect(breaches(plan([coat(clear, 0, { pass: 'a' })]), 4)).toEqual([]);
});

describe('law 5: removal', () => {
  test('no work takes more than is there, on the flat or on the edge', () => {
    const taken = (um: number, edgeUm: number) =>
      plan([
        step(0, 10, [lay(clear, 10, 100)], { pass: 'p' }),
        step(day, day + 60, [take('cut', um, edgeUm)]),
      ]);
    expect(breaches(taken(100, 60), 5)).toEqual([]);
    expect(breaches(taken(101, 60), 5)).toEqual([{ breach: 'cut-through', figure: -1, limit: 0 }]);
    expect(breaches(taken(100, 61), 5)).toEqual([{ breach: 'cut-through', figure: -1, limit: 0 }]);
  });

  test('sanding and polishing leave 45 µm on flats and 30 on edges', () => {
    const polished = (um: number, edgeUm: number) =>
      plan([
        step(0, 10, [lay(clear, 10, 100)], { pass: 'p' }),
        step(day, day + 60, [take('sand', um, edgeUm)]),
        step(2 * day, 2 * day + 60, [take('polish', 1, 1)]),
      ]);
    expect(breaches(polished(54, 29), 5)).toEqual([]);
    expect(breaches(polished(55, 29), 5)).toEqual([{ breach: 'below-stop-line', figure: 30, limit: 45 }]);
    expect(breaches(polished(54, 30), 5)).toEqual([{ breach: 'below-stop-line', figure: 29, limit: 30 }]);
  });
});

test('law 6: nothing is hung or fitted before the film can be handled', () => {
  const { handleAfterMin } = sheet(clear);
  const hung = (at: number) => plan([coat(clear, 0), step(10 + at, 10 + at + 30, [{ does: 'hang' }])]);
  expect(breaches(hung(handleAfterMin!), 6)).toEqual([]);
  expect(breaches(hung(handleAfterMin! - 1), 6)).toEqual([
    { breach: 'handled-soft', figure: handleAfterMin! - 1, limit: handleAfterMin! },
  ]);
});

describe('law 7: covers', () => {
  const cover = { key: 'mask', over: [roof.key], edgesOn: [roof.key], ratedDays: 14 };
  const mask = (start: number) =>
    step(start, start + 30, [{ does: 'cover', cover: 'mask' }], { key: 'mask' });
  const pull = (start: number) => step(start, start + 10, [{ does: 'uncover', cover: 'mask' }]);
  const both = { surfaces: [door, roof], covers: [cover] };
  const roofPaint = (start: number) => [
    wipe(start - 10, { on: [roof.key] }),
    coat(clear, start, { on: [roof.key], pass: 'roof' }),
  ];
  const doorPaint = (start: number) => [wipe(start - 10), coat(base, start)];

  test('what is finished beside a spray is covered; what is painted later need not be', () => {
    const [a, b] = [roofPaint(100), doorPaint(5 * day)];
    expect(breaches(plan([...a, mask(4 * day), ...b, pull(6 * day)], both), 7)).toEqual([]);
    expect(breaches(plan([...a, ...b], { ...both, covers: [] }), 7)).toEqual([
      { breach: 'sprayed-uncovered', figure: 0, limit: 1 },
    ]);
    expect(breaches(plan([...doorPaint(100), ...roofPaint(4 * day)], { ...both, covers: [] }), 7)).toEqual([
      { breach: 'sprayed-uncovered', figure: 0, limit: 1 },
    ]);
  });

  test('tape stands on film that bears it, to the minute', () => {
    const { tapeAfterMin } = sheet(clear);
    const taped = (wait: number) =>
      plan([...roofPaint(100), mask(110 + wait), ...doorPaint(5 * day), pull(6 * day)], both);
    expect(breaches(taped(tapeAfterMin!), 7)).toEqual([]);
    expect(breaches(taped(tapeAfterMin! - 1), 7)).toEqual([
      { breach: 'taped-soft', figure: tapeAfterMin! - 1, limit: tapeAfterMin! },
    ]);
  });

  test('a cover is pulled, before what it covers is worked, and within its fourteen days', () => {
    const painted = [...roofPaint(100), mask(4 * day), ...doorPaint(5 * day)];
    expect(breaches(plan(painted, both), 7)).toEqual([{ breach: 'cover-left-on', figure: 0, limit: 1 }]);
    const sanded = step(5 * day + 60, 5 * day + 90, [take('sand', 5)], { on: [roof.key] });
    expect(breaches(plan([...painted, sanded, pull(6 * day)], both), 7)).toEqual([
      { breach: 'worked-under-cover', figure: 1, limit: 0 },
    ]);
    // From the fourth day at noon of its own clock: fourteen days to the minute, and the minute after.
    expect(breaches(plan([...painted, pull(18 * day - 10)], both), 7)).toEqual([]);
    expect(breaches(plan([...painted, pull(18 * day - 9)], both), 7)).toEqual([
      { breach: 'cover-too-old', figure: 15, limit: 14 },
    ]);
  });

  test('what was touched since the wipe is wiped again', () => {
    const rub = step(50, 60, [take('scuff', 1)]);
    expect(breaches(plan([coat(epoxy, 0, { pass: 'e' }), wipe(day), coat(base, day + 30)]), 7)).toEqual([
      { breach: 'not-wiped', figure: 0, limit: 1 },
    ]);
    expect(breaches(plan([wipe(0), rub, coat(base, 100)]), 7)).toEqual([
      { breach: 'not-wiped', figure: 0, limit: 1 },
    ]);
    expect(breaches(plan([rub, wipe(70), coat(base, 100)]), 7)).toEqual([]);
  });
});

test('law 8: the insides of a body have their last film before its outside', () => {
  const painted = (inside: number, outside: number, pass: string) =>
    plan([coat(base, inside, { on: [jamb.key], pass: 'insides' }), coat(base, outside, { pass })], {
      surfaces: [door, jamb],
    });
  expect(breaches(painted(0, day, 'paint'), 8)).toEqual([]);
  expect(breaches(painted(day, 0, 'paint'), 8)).toEqual([
    { breach: 'inside-after-outside', figure: day - 10, limit: 0 },
  ]);
  // In one go with its own outside is a method of its own.
  expect(breaches(painted(day, 0, 'insides'), 8)).toEqual([]);
});

test('law 9: no dust at the body or in its air from the wipe until the film is dust-free', () => {
  const places = ['booth', 'bay', 'yard'].map((id) => ({
    id,
    airWith: id === 'booth' ? ['bay'] : [],
    limits: () => ({ airC: 20, humidity: 50 }),
  }));
  const session = [
    wipe(0, { pass: 'paint', place: 'booth' }),
    coat(base, 20, { place: 'booth' }),
    step(30, 90, [], { pass: 'paint', place: 'booth', attended: false, on: [] }),
  ];
  const dusty = (start: number, place: string, on: string[] = []) =>
    plan([...session, step(start, start + 30, [], { place, on, dusty: true })], { places });
  expect(breaches(dusty(90, 'bay'), 9)).toEqual([]);
  expect(breaches(dusty(89, 'bay'), 9)).toEqual([{ breach: 'dust-in-the-air', figure: 1, limit: 0 }]);
  expect(breaches(dusty(50, 'yard'), 9)).toEqual([]);
  expect(breaches(dusty(50, 'yard', [door.key]), 9)).toEqual([
    { breach: 'dust-at-the-body', figure: 1, limit: 0 },
  ]);
});

test('law 10: a body is in one place at a time', () => {
  const moved = (start: number) =>
    plan([step(0, 60, [], { place: 'bay' }), step(start, start + 30, [], { place: 'wash' })]);
  expect(breaches(moved(60), 10)).toEqual([]);
  expect(breaches(moved(59), 10)).toEqual([{ breach: 'in-two-places', figure: 1, limit: 0 }]);
});

test('law 11: everybody on a step is there, once, and able', () => {
  const people = [{ id: 'ann', skills: ['paint'] }];
  const given = (over: Partial<AuditStep>, start = 60) =>
    plan(
      [
        step(0, 60, [], { people: ['ann'], skills: ['paint'] }),
        step(start, start + 30, [], { people: ['ann'], skills: ['paint'], ...over }),
      ],
      { people },
    );
  expect(breaches(given({}), 11)).toEqual([]);
  expect(breaches(given({}, 59), 11)).toEqual([{ breach: 'at-two-steps', figure: 2, limit: 1 }]);
  expect(breaches(given({ skills: ['prep'] }), 11)).toEqual([{ breach: 'unable', figure: 1, limit: 0 }]);
  expect(breaches(given({ skills: ['paint', 'paint'] }), 11)).toEqual([
    { breach: 'too-few-hands', figure: 1, limit: 2 },
  ]);
});

test('law 9: a room in which dust was made is cleaned before a film is laid in it', () => {
  const sanded = step(0, 60, [take('scuff', 2)], { dusty: true, place: 'bay' });
  const rolled = coat('marine-topcoat-2k', day, { pass: null, place: 'bay' });
  const cleaned = step(100, 130, [{ does: 'clean-room' }], { place: 'bay', on: [] });
  expect(breaches(plan([sanded, cleaned, rolled]), 9)).toEqual([]);
  expect(breaches(plan([sanded, rolled]), 9)).toEqual([{ breach: 'room-not-cleaned', figure: 0, limit: 1 }]);
  const elsewhere = { ...cleaned, key: 'elsewhere', place: 'booth' };
  expect(breaches(plan([sanded, elsewhere, rolled]), 9)).toHaveLength(1);
});

test('law 12: a film is laid in air that its sheet allows, three degrees over the dew point', () => {
  const { minAirC, maxAirC } = sheet(clear);
  const laid = (airC: number, humidity: number) =>
    auditPlan(
      plan([coat(clear, 0, { place: 'booth' })], {
        places: [{ id: 'booth', airWith: [], limits: () => ({ airC, humidity }) }],
      }),
    ).findings.flatMap((one) => (one.law === 12 ? [one.breach] : []));
  expect(laid(20, 50)).toEqual([]);
  expect(laid(minAirC - 1, 40)).toEqual(['air-cold']);
  expect(laid(maxAirC + 1, 40)).toEqual(['air-hot']);
  expect(laid(20, sheet(clear).maxHumidity + 1)).toEqual(['humid']);
});

test('law 12: no pot is used past its life, which runs from its mixing', () => {
  const { potLifeMin, inductionMin } = sheet(clear);
  const used = (minutes: number) =>
    plan([coat(clear, 0, { place: 'booth' })], {
      places: [{ id: 'booth', airWith: [], limits: () => ({ airC: 20, humidity: 50 }) }],
      pots: [{ pass: 'paint', product: clear, from: 0, to: minutes }],
    });
  const most = potLifeMin! - inductionMin;
  expect(breaches(used(most), 12)).toEqual([]);
  expect(breaches(used(most + 1), 12)).toEqual([
    { breach: 'pot-dead', figure: potLifeMin! + 1, limit: potLifeMin! },
  ]);
});

test('law 13: no colour goes on before what was asked for is approved', () => {
  const approved = (end: number) => plan([step(0, end, [{ does: 'approve' }]), coat(base, 60)]);
  expect(breaches(approved(60), 13)).toEqual([]);
  expect(breaches(approved(61), 13)).toEqual([{ breach: 'coloured-before-approval', figure: 60, limit: 61 }]);
});

test('law 13: nothing of a colour is booked before a sample of it was accepted', () => {
  const booked = (held: boolean, isAwaited: boolean, now = 0) =>
    plan([{ ...coat(base, 60), held }], { awaitsSample: () => isAwaited, now });
  const breach = { breach: 'booked-before-approval', figure: 1, limit: 0 };
  expect(breaches(booked(false, true), 13)).toEqual([breach]);
  expect(breaches(booked(true, true), 13)).toEqual([]);
  expect(breaches(booked(false, false), 13)).toEqual([]);
  // What was sprayed is the shop's own past.
  expect(breaches(booked(false, true, 61), 13)).toEqual([]);
});

test('law 14: gaps are set before filler, seams sealed before the colour, and nothing is painted after the wax', () => {
  const gaps = (end: number) =>
    plan([step(0, end, [{ does: 'set-gaps' }]), step(60, 90, [{ does: 'spread', product: 'filler' }])]);
  expect(breaches(gaps(60), 14)).toEqual([]);
  expect(breaches(gaps(61), 14)).toEqual([{ breach: 'filled-before-gaps', figure: 60, limit: 61 }]);
  const sealed = (end: number) => plan([step(0, end, [{ does: 'seal-seams' }]), coat(base, 60)]);
  expect(breaches(sealed(60), 14)).toEqual([]);
  expect(breaches(sealed(61), 14)).toEqual([{ breach: 'seams-unsealed', figure: 60, limit: 61 }]);
  const waxed = (start: number) => plan([coat(clear, 0), step(start, start + 30, [{ does: 'wax' }])]);
  expect(breaches(waxed(10), 14)).toEqual([]);
  expect(breaches(waxed(9), 14)).toEqual([{ breach: 'painted-after-wax', figure: 0, limit: 9 }]);
});

test('law 15: behind a hold nothing is booked on the same surface', () => {
  const after = (held: boolean) =>
    plan([step(0, 60, [{ does: 'wipe' }], { held: true }), step(60, 90, [{ does: 'wipe' }], { held })]);
  expect(breaches(after(true), 15)).toEqual([]);
  expect(breaches(after(false), 15)).toEqual([{ breach: 'booked-behind-a-hold', figure: 1, limit: 0 }]);
});

test('law 16: no machine touches what is fitted, and the return look waits fourteen days', () => {
  const polish = (start: number) => step(start, start + 60, [take('polish', 1)]);
  const fit = (start: number) => step(start, start + 30, [{ does: 'fit' }]);
  const look = (start: number) => step(start, start + 30, [{ does: 'look-again' }]);
  expect(breaches(plan([polish(0), fit(60), look(60 + 14 * day)]), 16)).toEqual([]);
  expect(breaches(plan([polish(0), fit(59)]), 16)).toEqual([
    { breach: 'fitted-before-polish', figure: 59, limit: 60 },
  ]);
  expect(breaches(plan([polish(0), look(59 + 14 * day)]), 16)).toEqual([
    { breach: 'looked-too-soon', figure: 14 * day - 1, limit: 14 * day },
  ]);
});

test('law 17: a surface ends with what it was promised, in order and in number', () => {
  const promises = new Map([
    [
      door.key,
      [
        { product: base, least: 2, optional: false },
        { product: clear, least: 1, optional: false },
      ],
    ],
  ]);
  const ends = (...products: string[]) =>
    breaches(
      plan(
        products.map((one, i) => coat(one, i * 60)),
        { promises },
      ),
      17,
    );
  expect(ends(base, base, clear)).toEqual([]);
  expect(ends(base, clear)).toEqual([{ breach: 'not-as-promised', figure: 1, limit: 2 }]);
  expect(ends(clear, base, base)).toEqual([{ breach: 'not-as-promised', figure: 0, limit: 1 }]);
});

test('law 18: no step stands for nothing', () => {
  const given = (over: Partial<AuditStep>) => breaches(plan([step(0, 30, [], over)]), 18);
  expect(given({})).toEqual([]);
  expect(given({ isEmpty: true })).toEqual([{ breach: 'work-on-nothing', figure: 30, limit: 0 }]);
  expect(given({ isEmpty: true, minutes: 0 })).toEqual([]);
});

test('what somebody insists on stays a finding, with that said', () => {
  const early = coat(base, 20 + sheet(base).flashMin - 1, { insisted: true });
  const [found] = auditPlan(plan([wipe(0), coat(base, 10), early])).findings.filter((one) => one.law === 1);
  expect(found).toMatchObject({ breach: 'coated-early', insisted: true, station: 'bays' });
});
