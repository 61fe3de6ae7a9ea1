import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ColourOrders, ComparedOrder } from '@/core/changes';
import type { Construction } from '@/core/record';
import { shelfOf } from '@/core/film';
import { planJob } from '@/core/plan';
import { answer, draw, job, now, plan, posted, shelf, shop } from '../room.fixture';
import { ElevationsView } from './elevations-view';
import { layoutProps } from './layout-props';
import { LayoutView } from './layout-view';
import { listOf, stationsOf, stationsText } from './measures-text';
import { OrderBoard } from './order-board';
import { boardPictures, passRows } from './scheme-props';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const waist: Construction = {
  id: 'n1',
  name: 'Waist band',
  colour: 'c.pale-barley',
  strip: 'both',
  place: 1,
  shape: {
    kind: 'band',
    line: { datum: 'base', panel: '', fairing: 'straight', stations: [{ atMm: 0, mm: 1000 }] },
    widths: [{ atMm: 0, mm: 150 }],
    lies: 'centred',
    fromMm: null,
    toMm: null,
    ends: 'square',
    outline: null,
  },
};

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset().mockResolvedValue(answer(200, {}));
  globalThis.fetch = sent as never;
});

const drawLayout = (constructions: Construction[]) =>
  draw(<LayoutView {...layoutProps({ ...job, constructions }, { 'P-014/n1': 3 })} />);

describe('the layout of a scheme', () => {
  test('a band is laid out by its name', async () => {
    drawLayout([]);
    expect(screen.getByText(/Nothing is laid out yet/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Name of what is laid out'), { target: { value: 'Coach line' } });
    fireEvent.click(screen.getByRole('button', { name: 'Lay out' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(posted(sent, 0)).toMatchObject({
      kind: 'add-item',
      list: 'constructions',
      item: { name: 'Coach line', strip: 'both', place: 1, shape: { kind: 'band' } },
    });
  });

  test('arrow keys move what is selected; it is saved once the hand rests', async () => {
    drawLayout([waist]);
    fireEvent.click(screen.getByRole('button', { name: /Waist band/ }));
    const picture = screen.getByRole('application');
    fireEvent.keyDown(picture, { key: 'ArrowUp', shiftKey: true });
    fireEvent.keyDown(picture, { key: 'ArrowUp', shiftKey: true });
    fireEvent.keyDown(picture, { key: 'ArrowDown' });
    // The station table follows at once: 1000 + 20 − 1 mm on either side.
    const table = screen.getByRole('table', { name: 'Stations' });
    expect(within(table).getAllByText('1019.0').length).toBeGreaterThan(2);
    await waitFor(() => expect(sent).toHaveBeenCalled(), { timeout: 3000 });
    expect(sent).toHaveBeenCalledTimes(1);
    expect(posted(sent, 0)).toMatchObject({
      kind: 'set-item',
      id: 'n1',
      seen: 3,
      set: { shape: { line: { stations: [{ atMm: 0, mm: 1019 }] } } },
    });
  });

  test('measures that are none are refused where they were typed, and nothing is sent', () => {
    drawLayout([waist]);
    fireEvent.click(screen.getByRole('button', { name: /Waist band/ }));
    const field = screen.getByLabelText(/^Width, mm/);
    fireEvent.change(field, { target: { value: 'wide' } });
    fireEvent.blur(field);
    expect(screen.getByRole('alert')).toHaveTextContent('Type one measure in mm');
    expect(sent).not.toHaveBeenCalled();
  });

  test('what lies over no panel says so', () => {
    const high = { ...waist.shape.line, stations: [{ atMm: 0, mm: 9000 }] };
    drawLayout([{ ...waist, shape: { ...waist.shape, line: high } as Construction['shape'] }]);
    fireEvent.click(screen.getByRole('button', { name: /Waist band/ }));
    expect(screen.getAllByRole('alert')[0]).toHaveTextContent('It lies over no panel of the left side.');
  });
});

describe('measures as they are typed', () => {
  test.each([
    ['900', [{ atMm: 0, mm: 900 }]],
    [
      '0: 900; 7600: 850,5',
      [
        { atMm: 0, mm: 900 },
        { atMm: 7600, mm: 850.5 },
      ],
    ],
    ['0: 900; 7600', null],
    ['', null],
  ])('%s', (text, stations) => {
    expect(stationsOf(text)).toEqual(stations);
    if (stations) expect(stationsOf(stationsText(stations))).toEqual(stations);
  });

  test('lists have commas between', () => {
    expect(listOf('40, 12; 40')).toEqual([40, 12, 40]);
    expect(listOf('40, wide')).toBeNull();
    expect(listOf('')).toEqual([]);
  });
});

test('a field that goes on by itself is called by its colour, so that every pass has a name of its own', () => {
  const banded = planJob({
    job: { ...job, constructions: [waist] },
    shop,
    shelf: shelfOf(shelf),
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  const names = passRows({ ...job, constructions: [waist] }, banded, shelf).map((row) => row.name);
  expect(names).toContain('Colour, Pale Barley on Body sides and ends');
  expect(names).toContain('Colour, Body sides and ends');
  expect(new Set(names).size).toBe(names.length);
});

test('orders are asked for, shown frame by frame, and one is taken', async () => {
  const scopes = plan.programme.passes
    .filter((pass) => pass.role === 'colour' && pass.body === 'body')
    .map((pass) => pass.scope) as [string, string];
  const pass = (colour: string, masked: string): ComparedOrder['passes'][number] => ({
    colour,
    over: [],
    masked: [{ colour: masked, way: 'edges' }],
    keptFree: [],
    coats: 3,
    ground: false,
    locked: false,
    waitMin: 120,
    tapeM: 12,
    coverM2: 20,
    maskMin: 90,
    gunMin: 60,
    costMinor: 10_000,
    on: '',
  });
  const figures = {
    labourMin: 6000,
    materialsMinor: 100,
    boothMin: 600,
    passes: 3,
    finishDate: '2027-01-22',
    lateDays: 0,
  };
  const order = (own: [string, string], costMinor: number, isNow: boolean): ComparedOrder => ({
    passes: [pass(own[0], own[1]), pass(own[1], own[0])],
    grounds: [],
    costMinor,
    kind: own.join(),
    ridgeUm: 0,
    order: own,
    covers: [{ sprayed: own[0], covered: own[1] }],
    schools: { 'clear-over': 'all' },
    clear: 'all',
    planMinor: costMinor,
    figures,
    isNow,
  });
  const [a, b] = scopes;
  const orders: ColourOrders = {
    now: { ...figures, finishDate: '2027-01-25', lateDays: 3 },
    bodies: [
      {
        body: 'body',
        orders: [order([a, b], 20_000, true), order([b, a], 23_000, false)],
        boundMinor: 0,
        exact: true,
      },
    ],
    tooMany: [],
  };
  sent.mockResolvedValue(answer(200, orders));
  draw(
    <OrderBoard
      job="P-014"
      seen={4}
      pictures={boardPictures(job, plan, 'h')}
      locale={{ timeZone: 'Europe/London', currency: 'GBP' }}
    />,
  );
  fireEvent.click(screen.getByRole('button', { name: /Search the order/ }));
  const second = await screen.findByRole('article', { name: 'Order 2' });
  expect(within(second).getAllByRole('listitem')).toHaveLength(2);
  // Two passes of 12 m and 20 m², £30 more than the first.
  expect(second).toHaveTextContent('24.0 m of tape, 40.00 m² covered, 3.0 h of masking');
  expect(second).toHaveTextContent('£30 more than the cheapest');
  expect(screen.getByText(/^As the order stands now/)).toHaveTextContent('ends Mon 25 Jan, 3 days late');
  fireEvent.click(within(second).getByRole('button', { name: 'Take this order' }));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
  expect(posted(sent, 1)).toMatchObject({
    kind: 'take-order',
    seen: 4,
    colourOrder: [b, a],
    colourCovers: [{ sprayed: b, covered: a }],
    schools: { 'clear-over': 'all' },
    grounds: [],
  });
});

test('elevations are drawn in the finished colours, and on a day with the look of each area', async () => {
  const views = [
    {
      view: 'left',
      widthCm: 800,
      heightCm: 300,
      shapes: [
        { kind: 'wheel', area: null, hex: '#3a3a3a', d: 'M0 0L1 0L1 1Z' },
        { kind: 'panel', area: 'sides', hex: '#2f5d43', d: 'M0 0L9 0L9 9Z' },
      ],
    },
  ];
  sent.mockResolvedValue(answer(200, { views }));
  const locale = { timeZone: 'Europe/London', currency: 'GBP' };
  const steps = [{ sections: ['sides'], end: 0, leaves: 'high-build' }];
  draw(
    <ElevationsView job="P-014" planHash="h" areas={['sides']} steps={steps} covers={[]} locale={locale} />,
  );
  const picture = await screen.findByRole('img', { name: 'Left side, to scale' });
  const fills = () => [...picture.querySelectorAll('path')].map((path) => path.getAttribute('fill'));
  expect(fills()).toEqual(['#3a3a3a', '#2f5d43']);
  fireEvent.click(screen.getByRole('button', { name: 'On the day' }));
  await waitFor(() => expect(fills()).toEqual(['#3a3a3a', 'url(#texture-high-build)']));
  expect(screen.getByRole('link', { name: 'PNG' })).toHaveAttribute(
    'href',
    '/api/jobs/P-014/elevations?as=png',
  );
});
