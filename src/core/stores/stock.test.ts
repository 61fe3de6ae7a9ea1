import type { StockMove } from '../record';
import {
  batchesOnHand,
  checkCoats,
  committedMinor,
  ledgerBy,
  spendCurve,
  standingMoves,
  stockLevels,
} from './index';

let count = 0;
const move = (kind: StockMove['kind'], amount: number, over: Partial<StockMove> = {}): StockMove => ({
  id: `m${(count += 1)}`,
  product: 'clear',
  kind,
  amount,
  costMinor: 0,
  onDate: '2026-12-01',
  untilDate: null,
  job: '',
  phase: '',
  batch: '',
  note: '',
  corrects: null,
  ...over,
});
const level = (...moves: StockMove[]) => stockLevels(moves, '2026-12-24').get('clear')!;

describe('stock from its moves', () => {
  test('6 received, 2.5 drawn, 0.2 found missing: 3.3 on hand', () => {
    expect(level(move('received', 6), move('drawn', 2.5), move('counted', -0.2)).onHand).toBeCloseTo(3.3, 9);
  });

  test('ordered 10, received 4: 6 on order until the last due day; all received leaves none and no day', () => {
    const ordered = move('ordered', 10, { untilDate: '2027-01-08' });
    expect(level(ordered, move('received', 4))).toMatchObject({
      onHand: 4,
      onOrder: 6,
      dueBy: '2027-01-08',
    });
    expect(level(ordered, move('received', 10))).toMatchObject({ onOrder: 0, dueBy: null });
  });

  test('the oldest date goes first: 3 to October and 3 to next year, 2 drawn leave 1 expired and 3 good', () => {
    const old = move('received', 3, { untilDate: '2026-10-01' });
    const fresh = move('received', 3, { untilDate: '2027-06-01' });
    expect(level(fresh, old, move('drawn', 2))).toMatchObject({
      onHand: 4,
      expired: 1,
      firstExpiry: '2026-10-01',
    });
    expect(level(fresh, old, move('drawn', 3))).toMatchObject({ expired: 0, firstExpiry: '2027-06-01' });
  });

  test('borrowed paint is owed until it is given back; lent paint is out until it is got back', () => {
    expect(level(move('borrowed', 1), move('given-back', 0.4), move('lent', 0.5))).toMatchObject({
      onHand: expect.closeTo(0.1, 9) as number,
      owed: 0.6,
      lentOut: 0.5,
    });
  });

  test('lent paint that came back is out no more; what was borrowed has no date of its own', () => {
    expect(level(move('received', 3), move('lent', 2), move('got-back', 1.5))).toMatchObject({
      onHand: 2.5,
      lentOut: 0.5,
      owed: 0,
    });
    const guest = move('borrowed', 2, { untilDate: '2026-01-01' });
    const own = move('received', 1, { untilDate: '2027-03-01' });
    expect(level(guest, own)).toMatchObject({ onHand: 3, expired: 0, firstExpiry: '2027-03-01' });
  });

  test('what keeps to today is still good, and dated tins go before undated ones', () => {
    const today = move('received', 2, { untilDate: '2026-12-24' });
    expect(level(today)).toMatchObject({ expired: 0, firstExpiry: '2026-12-24' });
    expect(level(move('received', 2), today, move('drawn', 2))).toMatchObject({
      onHand: 2,
      firstExpiry: null,
    });
    expect(level(move('received', 2), today, move('drawn', 1))).toMatchObject({ firstExpiry: '2026-12-24' });
  });

  test('by batch: what is left of each tin, of this product, with a batch on it', () => {
    const moves = [
      move('received', 3, { batch: 'A' }),
      move('received', 2, { batch: 'B' }),
      move('drawn', 1, { batch: 'A' }),
      move('drawn', 2, { batch: 'B' }),
      move('received', 9),
      move('received', 5, { batch: 'C', product: 'base' }),
    ];
    expect(batchesOnHand(moves, 'clear')).toEqual([{ batch: 'A', amount: 2 }]);
    expect(batchesOnHand(moves, 'base')).toEqual([{ batch: 'C', amount: 5 }]);
  });

  test('a counter-entry takes its entry out of every sum and stays in the book', () => {
    const wrong = move('received', 60);
    const back = move('counted', 0, { corrects: wrong.id });
    expect(standingMoves([wrong, back])).toEqual([]);
    expect(level(move('received', 6), wrong, back).onHand).toBe(6);
  });
});

describe('never run out inside a coat', () => {
  const at = (day: number) => Date.UTC(2027, 0, day, 9) / 60000;
  const coat = (session: string, readyL: number, day: number) => ({
    job: 'P-1',
    session,
    product: 'clear',
    readyL,
    start: at(day),
  });

  test('5 L on the shelf: 3 L may start, the next 3 L lack 1 L and say so', () => {
    const checks = checkCoats(
      [coat('b', 3, 12), coat('a', 3, 11)],
      stockLevels([move('received', 5)], '2026-12-24'),
      'UTC',
    );
    expect(checks.map((one) => [one.session, one.availableL, one.shortL])).toEqual([
      ['a', 5, 0],
      ['b', 2, 1],
    ]);
  });

  test('an order due by the day covers it, one due later does not', () => {
    const levels = (due: string) =>
      stockLevels([move('received', 2), move('ordered', 9, { untilDate: due })], '2026-12-24');
    const of = (due: string) => checkCoats([coat('a', 4, 11)], levels(due), 'UTC')[0]!;
    // Ordered 9 of which the 2 received are taken: 7 on their way.
    expect(of('2027-01-11')).toMatchObject({ shortL: 2, onOrder: true });
    expect(of('2027-01-12')).toMatchObject({ shortL: 2, onOrder: false });
  });

  test('nothing known of a product is nothing on the shelf; expired paint does not count', () => {
    expect(checkCoats([coat('a', 1, 11)], new Map(), 'UTC')[0]).toMatchObject({ shortL: 1 });
    const stale = stockLevels([move('received', 4, { untilDate: '2026-11-01' })], '2026-12-24');
    expect(checkCoats([coat('a', 1, 11)], stale, 'UTC')[0]).toMatchObject({ shortL: 1, onOrder: false });
  });
});

describe('money', () => {
  const book = [
    move('ordered', 6, { costMinor: 24000, job: 'P-1' }),
    move('received', 6, { costMinor: 24500, job: 'P-1', onDate: '2026-12-09' }),
    move('received', 1, { costMinor: 900, job: 'P-1', product: 'tape' }),
    move('drawn', 2, { costMinor: 8000, job: 'P-1', phase: 'clear', onDate: '2027-01-03' }),
  ];

  test('by month, by phase and by item', () => {
    expect(ledgerBy(book, 'month')).toEqual([
      { key: '2026-12', orderedMinor: 24000, receivedMinor: 25400, drawnMinor: 0 },
      { key: '2027-01', orderedMinor: 0, receivedMinor: 0, drawnMinor: 8000 },
    ]);
    expect(ledgerBy(book, 'phase').find((line) => line.key === 'clear')?.drawnMinor).toBe(8000);
    expect(ledgerBy(book, 'product').map((line) => line.key)).toEqual(['clear', 'tape']);
  });

  test('committed is the order or the dearer receipt: 245.00 for the clear and 9.00 for the tape', () => {
    expect(committedMinor(book, 'P-1')).toBe(25400);
    expect(committedMinor(book, 'P-2')).toBe(0);
  });

  test('the spend curve adds up day by day, and nothing is used after today', () => {
    const step = (date: string, materialsMinor: number, done: boolean) => ({ date, materialsMinor, done });
    expect(
      spendCurve(
        [step('2026-12-20', 100, true), step('2026-12-28', 50, false), step('2026-12-20', 20, false)],
        '2026-12-24',
      ),
    ).toEqual([
      { date: '2026-12-20', plannedMinor: 120, usedMinor: 100 },
      { date: '2026-12-24', plannedMinor: 120, usedMinor: 100 },
      { date: '2026-12-28', plannedMinor: 170, usedMinor: null },
    ]);
  });
});

describe('what comes in against what was ordered', () => {
  test('bought over the counter before there was an order: all of the order is still to come', () => {
    const counter = move('received', 5, { onDate: '2026-12-01' });
    const ordered = move('ordered', 9, { onDate: '2026-12-02', untilDate: '2026-12-20' });
    expect(level(counter, ordered)).toMatchObject({ onHand: 5, onOrder: 9, dueBy: '2026-12-20' });
  });

  test('what is ordered and delivered on one day counts as ordered first, however it was written down', () => {
    const came = move('received', 6, { onDate: '2026-12-01' });
    const ordered = move('ordered', 9, { onDate: '2026-12-01', untilDate: '2026-12-20' });
    expect(level(came, ordered)).toMatchObject({ onOrder: 3, dueBy: '2026-12-20' });
    expect(level(ordered, came)).toMatchObject({ onOrder: 3, dueBy: '2026-12-20' });
  });

  test('entries count in the order of their days; of several orders the last day is told', () => {
    const late = move('ordered', 2, { onDate: '2026-12-06', untilDate: '2026-12-12' });
    const early = move('ordered', 4, { onDate: '2026-12-01', untilDate: '2026-12-28' });
    const came = move('received', 3, { onDate: '2026-12-03' });
    expect(level(late, came, early)).toMatchObject({ onOrder: 3, dueBy: '2026-12-28' });
    // Drawn paint is no delivery.
    expect(level(early, move('drawn', 1))).toMatchObject({ onOrder: 4 });
    expect(level(move('ordered', 2, { untilDate: null }))).toMatchObject({ onOrder: 2, dueBy: null });
  });

  test('a delivery fills the order for its own job first', () => {
    const shelf = move('ordered', 4, { onDate: '2026-12-01', untilDate: '2026-12-10' });
    const job = move('ordered', 6, { onDate: '2026-12-02', untilDate: '2026-12-18', job: 'P-1' });
    const came = move('received', 6, { onDate: '2026-12-05', job: 'P-1' });
    expect(level(shelf, job, came)).toMatchObject({ onOrder: 4, dueBy: '2026-12-10' });
  });

  test('more than was ordered came: the surplus fills nothing that is ordered later', () => {
    const first = move('ordered', 4, { onDate: '2026-12-01' });
    const came = move('received', 6, { onDate: '2026-12-03' });
    const second = move('ordered', 3, { onDate: '2026-12-04', untilDate: '2026-12-30' });
    expect(level(first, came, second)).toMatchObject({ onOrder: 3, dueBy: '2026-12-30' });
  });
});
