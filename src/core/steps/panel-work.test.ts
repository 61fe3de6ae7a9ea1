import { coatRoundMin, edgeAdvice, motionOf, reachAdvice } from '../booth';
import { usualFigures } from '../figures';
import { completeSheet, ladders, pullBy, tackAdvice } from '../film';
import { panelRounds } from './panel-rounds';
import { panelTools } from './panel-tools';
import { polishCard } from './polish-card';
import type { RoundOfWork } from './rounds';
import { partFromOutline } from '../vehicle/part';

const box = (w: number, h: number): [number, number][] => [
  [0, 0],
  [w, 0],
  [w, h],
  [0, h],
];
const part = (key: string, w: number, h: number, given = {}) =>
  partFromOutline({
    key,
    name: key,
    section: 's',
    side: 'left',
    outline: box(w, h),
    shape: 'flat',
    ...given,
  });

describe('tools of a panel', () => {
  test('a flat of 1.2 × 0.6 m takes a stiff block of 0.6 × 600 = 360 mm, a big one the longest of 450', () => {
    expect(panelTools(part('a', 1.2, 0.6))).toMatchObject({ blockMm: 360, backing: 'stiff block' });
    expect(panelTools(part('b', 3, 2)).blockMm).toBe(450);
    expect(panelTools(part('c', 0.1, 0.1)).blockMm).toBe(120);
  });

  test('a crown is followed, beads and rivets are worked by hand, a tube has no block at all', () => {
    expect(panelTools(part('a', 2, 1, { shape: 'curved' }))).toMatchObject({
      blockMm: 280,
      fineBacking: 'soft pad',
    });
    for (const shape of ['beaded', 'riveted', 'tube'])
      expect(panelTools(part('a', 2, 1, { shape })).machine).toBe('no machine');
    expect(panelTools(part('a', 2, 1, { shape: 'tube' })).blockMm).toBeNull();
    expect(panelTools(part('a', 2, 1, { beadM: 3 })).machine).toBe('soft interface, flats only');
  });
});

describe('rounds panel by panel', () => {
  const round = (
    kind: RoundOfWork['kind'],
    n: number,
    state: RoundOfWork['state'],
    personMinutes: number,
  ) => ({
    kind,
    round: n,
    state,
    personMinutes,
    start: n * 1000,
    steps: [],
  });
  const rounds = [
    round('block', 1, 'done', 300),
    round('block', 2, 'planned', 600),
    round('prime', 2, 'planned', 90),
  ];

  test('three quarters of the area take three quarters of the minutes; the next round has its day', () => {
    const [large, small] = panelRounds(rounds, [part('a', 3, 1), part('b', 1, 1)], []);
    expect(large!.kinds.block).toEqual({ done: 1, planned: 2, minutes: 675 });
    expect(small!.kinds.block.minutes).toBe(225);
    expect(small!.next).toEqual({ kind: 'block', round: 2, start: 2000 });
  });

  test('a panel with a low spot left after the last round asks for one more, a mended one does not', () => {
    const done = rounds.map((one) => ({ ...one, state: 'done' as const }));
    const marks = [
      { part: 'a', kind: 'low' as const, mended: false },
      { part: 'b', kind: 'low' as const, mended: true },
    ];
    const [a, b] = panelRounds(done, [part('a', 1, 1), part('b', 1, 1)], marks);
    expect([a!.asksForMore, b!.asksForMore]).toEqual([true, false]);
    expect(panelRounds(rounds, [part('a', 1, 1)], marks)[0]!.asksForMore).toBe(false);
    expect(a!.next).toBeNull();
  });
});

describe('tape on fresh paint', () => {
  const sheet = completeSheet({
    family: 'clear',
    method: 'spray',
    dryUm: 30,
    sheetC: 20,
    minAirC: 10,
    maxAirC: 35,
    potLifeMin: 90,
    flashMin: 10,
    dustFreeMin: 60,
    recoatMaxMin: 1440,
    sandAfterMin: 720,
    tapeAfterMin: 1440,
    fullCureMin: 20_160,
    coatsPerSession: 3,
    mix: [{ label: 'clear', parts: 1, volumeSolids: 0.5 }],
  });

  test('not before a day, twice knocked back up to three days, once until cured, then as it comes', () => {
    expect(tackAdvice(sheet, 1000, 20)).toEqual({ code: 'too-fresh', leftMin: 440 });
    expect(tackAdvice(sheet, 1440, 20)).toEqual({ code: 'knock-back', times: 2 });
    expect(tackAdvice(sheet, 4320, 20)).toEqual({ code: 'knock-back', times: 1 });
    expect(tackAdvice(sheet, 20_160, 20)).toEqual({ code: 'as-it-comes' });
  });

  test('at 10 °C the day is two; tape comes off after fourteen days, after seven in the sun', () => {
    expect(tackAdvice(sheet, 1440, 10)).toEqual({ code: 'too-fresh', leftMin: 1440 });
    expect(pullBy(100, 14)).toBe(100 + 14 * 1440);
  });
});

describe('polisher and gun', () => {
  test('cut and two polishes over 20 m²: four pads each; lacquer never faster than a thousand', () => {
    const card = polishCard(ladders.hand, 20, false);
    expect(card.map((stage) => stage.name)).toEqual(['cut', 'polish', 'finish']);
    expect(card.map((stage) => stage.pads)).toEqual([4, 4, 4]);
    expect(polishCard(ladders.hand, 20, true).every((stage) => stage.rpm.flats <= 1000)).toBe(true);
    expect(polishCard(ladders.none, 20, false)).toEqual([]);
  });

  test('20 m² with a fan of 25 cm at half overlap: 20 / (0.25 × 0.5 × 24 × 0.6) = 11.1 min; 1.5 L are two refills', () => {
    const motion = motionOf({ role: 'clear', isEffect: false, fanCm: 25 }, usualFigures);
    expect(coatRoundMin(20, 0.5, motion)).toBeCloseTo(11.11, 2);
    expect(coatRoundMin(20, 1.5, motion)).toBeCloseTo(11.11 + 3, 2);
    expect(motion.overlap).toBe(0.5);
    expect(motionOf({ role: 'colour', isEffect: true, fanCm: 25 }, usualFigures).overlap).toBe(0.7);
  });

  test('a round of 11 min against an edge open for 8 needs two painters; of 40 min a break at a line', () => {
    expect(edgeAdvice(11, 8)).toEqual({ roundMin: 11, painters: 2, breakAtLine: false });
    expect(edgeAdvice(8, 8).painters).toBe(1);
    expect(edgeAdvice(40, 8)).toMatchObject({ painters: 3, breakAtLine: true });
  });

  test('a coach 2.3 m wide and 2.8 high is painted from both sides and from a platform, a saloon is not', () => {
    expect(reachAdvice({ widthM: 2.3, heightM: 2.8 })).toEqual({ platform: true, fromBothSides: true });
    expect(reachAdvice({ widthM: 0.8, heightM: 1.4 })).toEqual({ platform: false, fromBothSides: false });
  });
});
