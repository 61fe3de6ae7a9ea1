import { usualFigures } from '@/core/figures';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { ratioWords } from '@/core/exchange';
import { coatSystems, ladders, shelfOf } from '@/core/film';
import { coatsAhead, drawsAhead } from '@/core/plan/draws';
import { batchCards, checkCoats, committedMinor, shoppingList, stockLevels } from '@/core/stores';
import { demoMoves, demoTrials } from '@/demo/stores';
import { answer, draw, job, locale, now, plan, posted, shelf, shop } from './room.fixture';
import { ShelfRoom } from './shelf/shelf-room';
import { readMinutes } from './shelf/sheet-fields';
import { BatchCards } from './stores/batch-cards';
import { storesProps } from './stores/stores-props';
import { dryText } from './stores/dry-notices';
import { StoresRoom } from './stores/stores-room';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));
jest.mock('next/dynamic', () => () => () => null);

const sent = jest.fn();
const bodyOf = (call: number) => posted(sent, call);
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved', history: [] }));
  global.fetch = sent;
  window.location.hash = '';
});

const onShelf = shelfOf(shelf);
const moves = demoMoves('2026-11-23');
const levels = stockLevels(moves, '2026-12-24');
const propsWith = (over: Partial<Parameters<typeof storesProps>[0]> = {}) =>
  storesProps({
    figures: usualFigures,
    plan,
    caps: [],
    versions: {},
    sections: job.sections,
    shop,
    shelf: onShelf,
    moves,
    levels,
    now,
    shopping: shoppingList(drawsAhead(plan, onShelf, usualFigures), onShelf, shop, levels),
    checks: checkCoats(coatsAhead(plan), levels, shop.timeZone),
    dry: new Map(),
    committedMinor: committedMinor(moves, 'P-014'),
    ...over,
  });
const room = () => <StoresRoom {...propsWith()} />;
const show = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('Stores', () => {
  test('what stands on the shelf is taken off what is bought; a late line is marked', () => {
    draw(room());
    const sealer = screen.getByRole('row', { name: /^Sealer, non-sanding, grey/ });
    expect(sealer).toHaveTextContent('1.50 L');
    const short = propsWith().shopping.filter((line) => line.short > 0 && line.orderBy < '2026-12-24');
    expect(screen.queryAllByText('late')).toHaveLength(short.length);
    expect(screen.getByRole('row', { name: /^Wax and grease remover/ })).toHaveTextContent('enough');
  });

  test('a line is marked as ordered with its packs and what they cost', async () => {
    draw(room());
    fireEvent.click(screen.getByRole('button', { name: /Mark Sealer, non-sanding, grey.* as ordered/ }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    const line = propsWith().shopping.find((one) => one.product === 'sealer-grey')!;
    expect(bodyOf(0)).toMatchObject({
      kind: 'stock',
      move: { product: 'sealer-grey', kind: 'ordered', amount: line.buy!.amount, job: 'P-014' },
    });
  });

  test('the sealer of the demo runs dry, and the mix says how much is missing', () => {
    draw(room());
    show('To mix');
    const rows = screen.getAllByRole('row', { name: /Sealer, non-sanding, grey/ });
    expect(rows.some((row) => /no, .* L missing/.test(row.textContent ?? ''))).toBe(true);
    expect(within(rows[0]!).getByRole('link', { name: 'card' })).toHaveAttribute(
      'href',
      expect.stringContaining('product=sealer-grey'),
    );
  });

  test('the book shows what went off, what is owed, and takes an entry back by another', async () => {
    draw(room());
    show('On the shelf');
    expect(screen.getByRole('row', { name: /^Polyester spray primer 1.00 L/ })).toHaveTextContent(
      '1.00 L out of date',
    );
    expect(screen.getByRole('row', { name: /^Fine-line tape 6 mm 110 m/ })).toHaveTextContent('owed back');
    fireEvent.click(screen.getByRole('button', { name: 'Take back: lent Wax and grease remover' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toMatchObject({ kind: 'correct-stock', id: 'move-12' });
  });

  test('two quarts are written as 1.892706 L; a unit that is none is said, and nothing is sent', async () => {
    draw(room());
    show('On the shelf');
    const type = (label: RegExp | string, value: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value } });
    type('Product', 'Urethane clear 2:1');
    type(/^Amount/, '2 cups');
    fireEvent.click(screen.getByRole('button', { name: 'Write' }));
    expect(await screen.findByText(/“cups” is no unit known here/)).toBeInTheDocument();
    expect(sent).not.toHaveBeenCalled();
    type(/^Amount/, '2 qt');
    fireEvent.click(screen.getByRole('button', { name: 'Write' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).move.amount).toBeCloseTo(1.892706, 5);
    expect(bodyOf(0).move).toMatchObject({ product: 'clear-21', kind: 'received', costMinor: 0 });
  });

  test('wear: how far a sheet lasts, filler by the palette, hours on the tools', () => {
    draw(room());
    show('Wear');
    // 1.2 sheets a square metre for both grits of the second round: 2 ÷ 1.2.
    expect(screen.getByRole('row', { name: /^Block sheets.*block/ })).toHaveTextContent('1.67 m²');
    expect(screen.getByRole('row', { name: /^spray gun/ })).toHaveTextContent('needle and nozzle set');
    fireEvent.change(screen.getByLabelText(/^Filled/), { target: { value: '0.8' } });
    // 0.8 m² × 1.2 mm × 1.8 kg/L ÷ 0.9 = 1.92 kg; 1.92 ÷ 0.25 = 7.68.
    expect(screen.getByText(/1.92 kg mixed in 8 palettes of 240 g with 6.0 g hardener/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText(/^hardener/), { target: { value: '4' } });
    expect(screen.getByText(/4 % hardener, at most 3 %/)).toBeInTheDocument();
  });

  test('colours are pooled with what is held back, waste and VOC stand beside them', () => {
    draw(room());
    const inspector = screen.getByRole('complementary', { name: 'Materials of this job' });
    expect(inspector).toHaveTextContent('Sluice Green');
    expect(inspector).toHaveTextContent('Held back unmixed, touch-up');
    expect(inspector).toHaveTextContent('sanding dust and discs');
    expect(inspector).toHaveTextContent('640 g/L');
  });
});

test('a batch card: order of addition, what the scale reads, when it dies, what each person wears', () => {
  const sheet = onShelf.get('clear-21')!.coating!;
  draw(
    <BatchCards
      title="Urethane clear 2:1"
      subject="Roof"
      cards={batchCards('clear-21', sheet, { readyL: 3, batches: 1 }, now, 20)}
      kit={['air-fed hood, suit and gloves: skin covered']}
      gun="nozzle 1.3 mm"
      hazards={['isocyanate']}
      locale={locale}
    />,
  );
  // 2 L of clear at 0.99 and 1 L of activator at 1.05 kg/L; mixed at nine, 120 min of pot life.
  expect(screen.getByRole('row', { name: /1\. clear/ })).toHaveTextContent('20001980');
  expect(screen.getByRole('row', { name: /2\. activator/ })).toHaveTextContent('10003030');
  expect(screen.getByText('11:00')).toBeInTheDocument();
  expect(screen.getByText(/For each person: air-fed hood/)).toBeInTheDocument();
});

describe('Shelf', () => {
  const products = shelf.map((product) => ({ ...product, seen: 4, ratio: ratioWords(product) }));
  const shelfRoom = (
    <ShelfRoom
      products={products}
      trials={demoTrials.map((trial) => ({ ...trial, seen: 1 }))}
      systems={coatSystems.map((system) => ({ system, isStandard: true, seen: null }))}
      ladders={Object.values(ladders).map((ladder) => ({
        ladder,
        isStandard: true,
        minPerM2: 36,
        seen: null,
      }))}
      labourRateMinorPerHour={4800}
      locale={locale}
    />
  );

  test('gives mixed solids and the recoat time of the sheet', () => {
    draw(shelfRoom);
    const row = screen.getByRole('row', { name: /^Urethane clear 2:1/ });
    // (2 × 0.52 + 0.38) / 3 = 0.473
    expect(row).toHaveTextContent('47 %');
    expect(row).toHaveTextContent('24 h');
  });

  test('a film typed in mil is kept in µm, the rest of the sheet goes as it was seen', async () => {
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'Urethane clear 2:1' }));
    const field = screen.getByLabelText('Dry film a coat');
    fireEvent.change(field, { target: { value: '1.2 mil' } });
    fireEvent.blur(field);
    const edits = () => sent.mock.calls.filter((call) => call[0] === '/api/edit');
    await waitFor(() => expect(edits()).toHaveLength(1));
    const body = JSON.parse(edits()[0]![1].body);
    expect(body).toMatchObject({ kind: 'product', code: 'clear-21', seen: 4 });
    expect(body.product.coating.dryUm).toBeCloseTo(30.48, 9);
    expect(body.product.coating.mix).toEqual(onShelf.get('clear-21')!.coating!.mix);
  });

  test('a time is read as minutes, hours or days; anything else is said at the field', async () => {
    expect(['45', '45 min', '3 h', '1,5 h', '2 d', 'soon'].map(readMinutes)).toEqual([
      45,
      45,
      180,
      90,
      2880,
      null,
    ]);
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'Urethane clear 2:1' }));
    const field = screen.getByLabelText('Flash');
    fireEvent.change(field, { target: { value: 'soon' } });
    fireEvent.blur(field);
    expect(await screen.findByText('write 45 min, 3 h or 2 d')).toBeInTheDocument();
  });

  test('a second temperature begins with the times of the first; a copy begins a new product', async () => {
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'Urethane clear 2:1' }));
    fireEvent.change(screen.getByLabelText('Further temperature of the sheet, °C'), {
      target: { value: '12' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Add times' }));
    const edits = () =>
      sent.mock.calls.filter((call) => call[0] === '/api/edit').map((call) => JSON.parse(call[1].body));
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(edits()[0].product.coating.morePoints).toMatchObject([
      { airC: 12, flashMin: 12, potLifeMin: 120 },
    ]);
    fireEvent.change(screen.getByLabelText('Code of the new product'), { target: { value: 'clear-x' } });
    fireEvent.change(screen.getByLabelText('Name of the new product'), { target: { value: 'Clear X' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(edits()).toHaveLength(2));
    expect(edits()[1]).toMatchObject({
      kind: 'add-products',
      products: [{ code: 'clear-x', name: 'Clear X', kind: 'coating' }],
    });
  });

  const edits = () =>
    sent.mock.calls.filter((call) => call[0] === '/api/edit').map((call) => JSON.parse(call[1].body));

  test('a coat more in a system is sent with the whole system; another layer finds its place', async () => {
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'systems' }));
    fireEvent.click(screen.getByRole('button', { name: 'Base and clear' }));
    const field = screen.getByLabelText('Coats of colour');
    fireEvent.change(field, { target: { value: '4' } });
    fireEvent.blur(field);
    await waitFor(() => expect(edits()).toHaveLength(1));
    const { layers } = coatSystems.find((one) => one.key === 'base-clear')!;
    expect(edits()[0]).toMatchObject({ kind: 'coat-system', key: 'base-clear', seen: null });
    expect(edits()[0].entry.layers).toEqual(
      layers.map((layer) =>
        layer.role === 'colour' ? { ...layer, coats: { rule: 'fixed', count: 4 } } : layer,
      ),
    );
    fireEvent.click(screen.getByRole('button', { name: 'ground' }));
    await waitFor(() => expect(edits()).toHaveLength(2));
    expect(edits()[1].entry.layers.map((layer: { role: string }) => layer.role)).toEqual([
      'epoxy',
      'build',
      'sealer',
      'ground',
      'colour',
      'clear',
    ]);
  });

  test('a ladder: a grit that is none is said at the field, P1200 is sent; a copy begins a new one', async () => {
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'ladders' }));
    // By the shop's figures, not the trade's.
    expect(screen.getAllByRole('cell', { name: '36' }).length).toBeGreaterThan(1);
    fireEvent.click(screen.getByRole('button', { name: ladders.discs.name }));
    const field = screen.getByLabelText('Step 1');
    fireEvent.change(field, { target: { value: 'sand' } });
    fireEvent.blur(field);
    expect(await screen.findByText('a grit from 24 on, cut or polish')).toBeInTheDocument();
    fireEvent.change(field, { target: { value: 'P1200' } });
    fireEvent.blur(field);
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(edits()[0]).toMatchObject({ kind: 'ladder', key: 'discs', seen: null });
    expect(edits()[0].entry.steps[0]).toEqual({ grit: 1200, removalUm: 5 });
    fireEvent.change(screen.getByLabelText('Key of the new ladder'), { target: { value: 'ours' } });
    fireEvent.change(screen.getByLabelText('Name of the new ladder'), { target: { value: 'Ours' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(edits()).toHaveLength(2));
    expect(edits()[1]).toMatchObject({ kind: 'ladder', key: 'ours', seen: null, entry: { name: 'Ours' } });
  });

  test('trials say which consumable is the cheap one', () => {
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'trials' }));
    // Dear: 240/3.6 + 27/3.6 min at 0.80 a minute = 0.67 + 6.00; cheap: 0.89 + 8.25.
    expect(screen.getByRole('row', { name: /foam-backed, dear/ })).toHaveTextContent('£6.67');
    expect(screen.getByRole('row', { name: /film-backed, cheap/ })).toHaveTextContent('£9.14');
    expect(screen.getByText('foam-backed, dear').parentElement).toHaveTextContent('cheapest');
  });

  test('taking a product off asks first', async () => {
    draw(shelfRoom);
    fireEvent.click(screen.getByRole('button', { name: 'Antifouling' }));
    fireEvent.click(screen.getByRole('button', { name: 'Take off …' }));
    expect(sent.mock.calls.some((call) => call[0] === '/api/edit')).toBe(false);
    fireEvent.click(screen.getByRole('button', { name: 'Take it off' }));
    await waitFor(() => expect(sent.mock.calls.some((call) => call[0] === '/api/edit')).toBe(true));
  });
});

describe('what runs dry', () => {
  const row = {
    product: 'sealer-grey',
    step: 'roof/paint/sealer-1',
    start: now,
    left: 1.2,
    needed: 2.4,
    panel: 'R3',
    breakAfter: 'R2',
    name: 'Sealer',
    unit: 'L',
    stepName: 'Sealer, coat 1 of 1, Roof',
    orderBy: '2026-12-22',
  };

  test('the step and panel where it ends, where to stop, and the day to order', () => {
    expect(dryText(row, 'Thu 24 Dec 09:00')).toBe(
      'Sealer runs dry on R3 of “Sealer, coat 1 of 1, Roof” (Thu 24 Dec 09:00): 1.20 L left of 2.40 L needed. Stop at the edge of R2. Order by Tue 22 Dec.',
    );
    expect(dryText({ ...row, breakAfter: null, orderBy: null }, 'now')).toMatch(
      /Do not begin it before there is more\.$/,
    );
  });

  test('stands above what is to be bought', () => {
    const { panel, breakAfter, step, start, left, needed, product } = row;
    const dry = new Map([['P-014', [{ product, step, start, left, needed, panel, breakAfter }]]]);
    draw(<StoresRoom {...propsWith({ dry })} />);
    expect(screen.getByText(/runs dry on R3 of/)).toBeInTheDocument();
  });
});
