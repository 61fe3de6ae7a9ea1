import { completeSheet, shelfOf, standardShelf } from '../film';
import { minuteAt } from '../units';
import { batchesOnPanels, boxAdvice } from './batch-match';
import { cleanStates } from './clean-panels';
import { coatCounter, panelCoats } from './coats-on-panels';
import { airSince, cureClocks, nextStage } from './cure-clock';
import { coatOf, entry } from './log.fixture';

const coat = (step: string, parts: string[], at: number, given = {}) =>
  entry({ kind: 'coat', step, parts, at, coat: coatOf(given) });

describe('the coat counter', () => {
  test('gaps and doubles show, panels that wait for the coat going on are open', () => {
    const log = [
      coat('s/1', ['L1', 'L2', 'L3'], 100),
      coat('s/2', ['L1', 'L3'], 120),
      coat('s/2', ['L3'], 125),
      coat('s/3', ['L2'], 140),
    ];
    const states = coatCounter(['s/1', 's/2', 's/3'], ['L1', 'L2', 'L3', 'L4'], log).map((row) =>
      row.marks.map((mark) => mark.state),
    );
    expect(states).toEqual([
      ['laid', 'laid', 'open'],
      ['laid', 'missed', 'laid'],
      ['laid', 'doubled', 'open'],
      ['open', 'open', 'open'],
    ]);
  });

  test('a coat over both faces is one tap, and lies on both', () => {
    const log = [coat('s/1', ['L1'], 100, { faces: 'both' })];
    expect(coatCounter(['s/1'], ['L1'], log)[0]!.marks[0]!.state).toBe('laid');
    expect(panelCoats(log).map((one) => one.face)).toEqual(['outside', 'inside']);
  });

  test('a coat taken back is open again', () => {
    const wrong = coat('s/1', ['L1'], 100);
    const log = [wrong, entry({ kind: 'note', at: 100, corrects: wrong.id })];
    expect(coatCounter(['s/1'], ['L1'], log)[0]!.marks[0]!.state).toBe('open');
    expect(panelCoats(log)).toEqual([]);
  });
});

describe('the cure clock', () => {
  const sheet = completeSheet({
    family: 'clear',
    method: 'spray',
    dryUm: 30,
    sheetC: 20,
    minAirC: 12,
    maxAirC: 35,
    potLifeMin: 90,
    flashMin: 10,
    dustFreeMin: 60,
    recoatMinMin: 10,
    recoatMaxMin: 1440,
    sandAfterMin: 720,
    tapeAfterMin: 1440,
    handleAfterMin: 720,
    fullCureMin: 20_160,
    coatsPerSession: 3,
    mix: [{ label: 'clear', parts: 1, volumeSolids: 0.5 }],
  });
  const shelf = shelfOf([
    { ...standardShelf.find((one) => one.code === 'clear-21')!, code: 'clear-21', coating: sheet },
  ]);
  const at = (airC: number) => ({ airC, surfaceC: airC, humidity: 50, simulated: false });

  test('at the sheet’s temperature every time is the sheet’s', () => {
    const [clock] = cureClocks([coat('s/1', ['L1'], 1000, { air: at(20) })], shelf, 20);
    expect(clock!.due).toEqual({
      flash: 1010,
      dust: 1060,
      recoat: 1010,
      tape: 2440,
      sand: 1720,
      handle: 1720,
      cure: 21_160,
    });
    expect(clock!.closes).toBe(2440);
    expect(nextStage(clock!, 1005)).toEqual({ stage: 'flash', leftMin: 5 });
    expect(nextStage(clock!, 1100)).toEqual({ stage: 'sand', leftMin: 620 });
    expect(nextStage(clock!, 30_000)).toBeNull();
  });

  test('a warmer reading later shortens what is left, and the window closes sooner', () => {
    // 360 of 720 min at 20 °C are half the cure; at 30 °C times halve, so the other half takes 180 min.
    const log = [coat('s/1', ['L1'], 0, { air: at(20) }), coat('s/1', ['L9'], 360, { air: at(30) })];
    const [clock] = cureClocks(log, shelf, 20);
    expect(clock!.due.sand).toBe(540);
    // 360 of 1440 min are a quarter; the other three quarters take 540 of the 720 min that hold at 30 °C.
    expect(clock!.closes).toBe(900);
  });

  test('in air too cold nothing dries, but the window goes on closing as the sheet has it at its limit', () => {
    const [clock] = cureClocks([coat('s/1', ['L1'], 0, { air: at(8) })], shelf, 20);
    expect(clock!.stopped).toBe(true);
    expect(clock!.due.sand).toBeNull();
    expect(clock!.closes).toBe(1440);
  });

  test('only the last coat on a face counts; faces and panels have clocks of their own', () => {
    const log = [
      coat('s/1', ['L1'], 0),
      coat('s/2', ['L1'], 20, { nth: 2 }),
      coat('s/0', ['L1'], 5, { faces: 'inside' }),
    ];
    expect(cureClocks(log, shelf, 20).map((one) => [one.coat.face, one.coat.nth])).toEqual([
      ['outside', 2],
      ['inside', 1],
    ]);
  });

  test('the air of the place stands until the first reading; a reading before the coat holds', () => {
    expect(airSince(50, [], 18)).toEqual([{ untilMin: Infinity, airC: 18 }]);
    const log = [coat('s', ['L1'], 40, { air: at(21) }), coat('s', ['L1'], 90, { air: at(24) })];
    expect(airSince(50, log, 18)).toEqual([
      { untilMin: 90, airC: 21 },
      { untilMin: Infinity, airC: 24 },
    ]);
  });
});

describe('clean panels', () => {
  const noon = minuteAt('2026-12-01', 720, 'Europe/London');
  const around = {
    partsOfStep: () => ['L1', 'L2'],
    dirties: (step: string) => step === 'sand',
    now: noon + 60,
    timeZone: 'Europe/London',
  };
  const stateOf = (log: Parameters<typeof cleanStates>[1], given = {}) =>
    cleanStates(['L1', 'L2'], log, { ...around, ...given });

  test('a wipe holds until somebody handles the panel', () => {
    const log = [
      entry({ kind: 'wiped', at: noon, parts: ['L1', 'L2'] }),
      entry({ kind: 'touched', at: noon + 5, parts: ['L2'] }),
    ];
    expect(stateOf(log).get('L1')).toEqual({ state: 'clean', since: noon });
    expect(stateOf(log).get('L2')).toEqual({ state: 'touched', since: noon + 5, why: 'handled' });
  });

  test('sanding on it, or a night, undoes the wipe; a panel nobody wiped was never clean', () => {
    const wiped = entry({ kind: 'wiped', at: noon, parts: ['L1'] });
    const sanded = entry({ kind: 'began', at: noon + 10, step: 'sand' });
    expect(stateOf([wiped, sanded]).get('L1')).toMatchObject({ state: 'touched', why: 'worked-on' });
    expect(stateOf([wiped]).get('L2')).toEqual({ state: 'not-wiped' });
    expect(stateOf([wiped], { now: noon + 1440 }).get('L1')).toMatchObject({ why: 'overnight' });
    const again = entry({ kind: 'wiped', at: noon + 20, parts: ['L1'] });
    expect(stateOf([wiped, sanded, again]).get('L1')).toEqual({ state: 'clean', since: noon + 20 });
  });
});

describe('batch against panel', () => {
  const isColour = (role: string) => role === 'colour';
  const colourOf = ({ part }: { part: string }) => (part === 'R1' ? 'Gravel Ochre' : 'Sluice Green');
  const green = (part: string, batch: string, nth = 1) =>
    coat('c', [part], nth, { role: 'colour', product: 'base-solid', batch, nth });

  test('the batch of the last coat counts; one colour from two batches is seen, another colour is another lot', () => {
    const log = [
      green('L1', 'SG-1'),
      green('L2', 'SG-1'),
      green('L2', 'SG-2', 2),
      green('R1', 'GO-1'),
      coat('k', ['L1'], 9),
    ];
    const lots = batchesOnPanels(log, colourOf, isColour);
    expect(lots.map(({ colour, batches }) => [colour, batches])).toEqual([
      ['Sluice Green', ['SG-1', 'SG-2']],
      ['Gravel Ochre', ['GO-1']],
    ]);
    expect(batchesOnPanels([...log, green('L1', 'SG-2', 3)], colourOf, isColour)[0]!.batches).toEqual([
      'SG-2',
    ]);
  });

  test('the smallest batch that holds the rest is taken alone; else all are boxed, and what lacks is said', () => {
    const onHand = [
      { batch: 'A', litres: 3 },
      { batch: 'B', litres: 1.2 },
    ];
    expect(boxAdvice(onHand, 1)).toEqual({ together: [], missingL: 0 });
    expect(boxAdvice(onHand, 3.5)).toEqual({ together: ['B', 'A'], missingL: 0 });
    const short = boxAdvice(onHand, 5);
    expect(short.together).toEqual(['B', 'A']);
    expect(short.missingL).toBeCloseTo(0.8, 9);
    expect(boxAdvice(onHand, 0)).toEqual({ together: [], missingL: 0 });
  });
});
