import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { PlannedScheme } from '@/core/changes';
import { standardShelf } from '@/core/film';
import type { HidingRow } from '@/core/readings/hiding';
import type { Sample } from '@/core/record';
import { acceptedSample } from '@/core/record/sample.fixture';
import { answer, draw, job, plan, posted } from '../room.fixture';
import { AlternativesView, type AlternativesProps } from './alternatives-view';
import { ColoursView } from './colours-view';
import { coloursShown, groundChoices, systemChoices } from './scheme-props';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset().mockResolvedValue(answer(200, {}));
  globalThis.fetch = sent as never;
});

const versions = Object.fromEntries(job.colours.map((one) => [`P-014/${one.id}`, 5]));
const row: HidingRow = {
  colour: 'c.pale-barley',
  name: 'Pale Barley',
  hex: '#e6d9b4',
  areas: ['Roof'],
  face: 'outside',
  product: 'Basecoat',
  role: 'colour',
  coats: 3,
  ground: 'grey sealer',
  groundKey: 'sealer-grey',
  hidesAtUm: null,
  hides: { coats: 5, leftDeltaE: 2.34, isHidden: false },
  look: null,
  others: [{ name: 'Sluice Green', coats: null, look: null }],
  typedWith: { section: 'roof' },
  groundCoat: null,
};
const drawColours = (
  rows: HidingRow[],
  looseItems: (typeof job.looseItems)[number][] = [],
  samples: Sample[] = [],
) => {
  sent.mockResolvedValue(answer(200, { rows }));
  draw(
    <ColoursView
      job="P-014"
      planHash="h"
      sections={job.sections.map((one) => ({
        ...one,
        seen: 7,
        outsideM2: 3,
        insideM2: one.key === 'roof' ? 0 : 1,
      }))}
      colours={coloursShown(job, plan, versions)}
      systems={systemChoices(job, { systems: [] })}
      grounds={groundChoices(job, standardShelf)}
      looseItems={looseItems.map((one) => ({ ...one, seen: 2 }))}
      samples={samples.map((one) => ({ ...one, seen: 4 }))}
      today="2026-12-24"
    />,
  );
};

describe('the colours of a job', () => {
  test('a coat system of its own is chosen from those that go on this body', async () => {
    drawColours([]);
    const system = screen.getByLabelText('Coat system of Pale Barley');
    const names = within(system)
      .getAllByRole('option')
      .map((one) => one.textContent);
    expect(names).toContain('Pearl in three stages');
    expect(names.some((name) => /marine|underwater|Conversion/i.test(name ?? ''))).toBe(false);
    fireEvent.change(system, { target: { value: 'silver-clear' } });
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(posted(sent, 1)).toMatchObject({
      kind: 'set-item',
      list: 'colours',
      id: 'c.pale-barley',
      seen: 5,
      set: { system: 'silver-clear' },
    });
  });

  test('insides get a colour of their own where there are any', async () => {
    drawColours([]);
    const sections = screen.getByRole('table', { name: 'Colours by section' });
    expect(within(sections).getByRole('row', { name: /^Roof/ })).toHaveTextContent('has none');
    const [first] = job.sections.filter((one) => one.key !== 'roof');
    fireEvent.change(screen.getByLabelText(`Colour of the insides of ${first!.name}`), {
      target: { value: 'c.pale-barley' },
    });
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(posted(sent, 1)).toMatchObject({
      kind: 'section',
      section: first!.key,
      set: { insideColour: 'c.pale-barley' },
    });
  });

  test('a ground that shows is told with what helps, and as many coats are laid at a press', async () => {
    drawColours([row]);
    const table = await screen.findByRole('table', { name: 'What each colour hides' });
    const own = within(table).getByRole('row', { name: /Pale Barley/ });
    expect(own).toHaveTextContent('ΔE 2.3 to be seen; 5 coats hide it');
    expect(own).toHaveTextContent('Sluice Green: never');
    fireEvent.click(within(own).getByRole('button', { name: /Lay 5 coats/ }));
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    const roof = job.sections.find((one) => one.key === 'roof')!;
    expect(posted(sent, 1)).toMatchObject({
      kind: 'section',
      section: 'roof',
      seen: 7,
      set: { coats: { ...roof.coats, colour: 5 } },
    });
  });

  test('what stands of each sample is told, and one is written down with who said what in which light', async () => {
    const refused = acceptedSample('c.pale-barley', { verdict: 'refused' });
    const accepted = acceptedSample('c.sluice-green');
    drawColours([], [], [refused, accepted]);
    const stands = screen.getByRole('list', { name: 'What stands' });
    expect(stands).toHaveTextContent('Pale Barley refused: another card');
    expect(stands).toHaveTextContent('Sluice Green accepted');
    expect(stands).toHaveTextContent('Gravel Ochre nobody has seen a sample');
    const type = (label: string, value: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value } });
    type('Colour of the sample', 'c.gravel-ochre');
    type('Width, mm', '500');
    type('Said by', 'H. Lane');
    type('Seen in', 'sun');
    fireEvent.click(screen.getByRole('button', { name: 'Write down the sample' }));
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(posted(sent, 1)).toMatchObject({
      kind: 'add-item',
      list: 'samples',
      item: {
        colour: 'c.gravel-ochre',
        onDate: '2026-12-24',
        shown: 'card',
        widthMm: 500,
        heightMm: 400,
        verdict: 'accepted',
        by: 'H. Lane',
        light: 'sun',
      },
    });
  });

  test('the film at which a card was hidden is typed for the ground, beside what was found over others', async () => {
    drawColours([row]);
    const field = await screen.findByLabelText('Dry film at which Pale Barley hides grey sealer, µm');
    fireEvent.change(field, { target: { value: '75' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent.mock.calls.length).toBeGreaterThan(1));
    expect(posted(sent, 1)).toEqual({
      kind: 'set-item',
      job: 'P-014',
      list: 'colours',
      id: 'c.pale-barley',
      seen: 5,
      set: { hides: [{ over: 'sealer-grey', um: 75 }] },
    });
  });

  test('a ground coat that helps is laid at a press, and can be chosen or left out by hand', async () => {
    const groundCoat = { product: 'sealer-white', name: 'Sealer, white', coats: 2 };
    drawColours([{ ...row, groundCoat }]);
    const table = await screen.findByRole('table', { name: 'What each colour hides' });
    expect(table).toHaveTextContent('Sealer, white: then 2 coats hide it');
    fireEvent.click(within(table).getByRole('button', { name: 'Ground coat under Pale Barley' }));
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    const edit = { kind: 'set-item', list: 'colours', id: 'c.pale-barley', seen: 5 };
    expect(posted(sent, 1)).toMatchObject({ ...edit, set: { groundCoat: 'sealer-white' } });
    const choice = screen.getByLabelText('Ground coat of Pale Barley');
    const names = within(choice)
      .getAllByRole('option')
      .map((one) => one.getAttribute('value'));
    // Sealers and nothing else can be sprayed with the colour.
    expect(names).toEqual([
      '',
      ...standardShelf.flatMap((one) => (one.coating?.family === 'sealer' ? [one.code] : [])),
    ]);
    expect(names.length).toBeGreaterThan(2);
  });

  test('a colour that shines through tells its look, its coats and its evenness', async () => {
    const look = { hex: '#802010', deltaE: 0.2, mottleDeltaE: 3.1, coatDeltaE: 2.2 };
    const white = { name: 'white', coats: null, look: { hex: '#c04030', deltaE: 14.2 } };
    drawColours([{ ...row, hides: null, look, others: [white], typedWith: 'colour' }]);
    const table = await screen.findByRole('table', { name: 'What each colour hides' });
    expect(table).toHaveTextContent('the look that is wanted; one coat more ΔE 2.2');
    expect(table).toHaveTextContent('15 % more film beside 15 % less ΔE 3.1');
    expect(table).toHaveTextContent('white, ΔE 14.2');
    expect(within(table).queryByRole('button')).toBeNull();
  });

  test('items without a colour or a finish are named', () => {
    const item = { id: 'i', kind: 'wheels' as const, colour: null };
    drawColours(
      [],
      [
        { ...item, what: 'Wheels', finish: '' },
        { ...item, id: 'j', what: 'Bumpers', finish: 'polished' },
      ],
    );
    expect(screen.getByText(/No colour and no finish yet/)).toHaveTextContent(/Wheels\.$/);
  });
});

describe('schemes side by side', () => {
  const figures = {
    labourMin: 6000,
    materialsMinor: 100_00,
    boothMin: 600,
    passes: 3,
    finishDate: '2027-01-22',
    lateDays: 0,
  };
  const scheme = (over: Partial<PlannedScheme>): PlannedScheme => ({
    id: null,
    figures,
    colours: [{ name: 'Sluice Green', hex: '#2f5d43', areaM2: 32.1, mixL: 13.9 }],
    views: [],
    isNow: false,
    enters: [],
    leaves: [],
    stops: 0,
    ...over,
  });
  const props: AlternativesProps = {
    job: 'P-014',
    planHash: 'h',
    kept: [
      {
        id: 's.1',
        seen: 3,
        name: 'All of it',
        ifUnmatched: 'c.pale-barley',
        mostAttempts: 2,
        lastDay: '2026-12-03',
        chosenBy: '',
        chosenOn: null,
        note: '',
      },
    ],
    attempts: [],
    colours: job.colours.map(({ id, name }) => ({ id, name })),
    today: '2026-12-24',
    locale: { timeZone: 'Europe/London', currency: 'GBP' },
  };
  const drawSchemes = (own: AlternativesProps = props) => {
    const more = {
      ...figures,
      labourMin: 7920,
      materialsMinor: 150_00,
      lateDays: 5,
      finishDate: '2027-01-27',
    };
    sent.mockResolvedValue(
      answer(200, {
        schemes: [scheme({ isNow: true }), scheme({ id: 's.1', figures: more, enters: ['Roof', 'Insides'] })],
      }),
    );
    draw(<AlternativesView {...own} />);
  };

  test('a kept one tells what it costs more, what enters the scope, and what it hangs on', async () => {
    drawSchemes();
    const card = await screen.findByRole('article', { name: 'All of it' });
    // 7920 min are 132 h, 32 more than 100; £150 are £50 more.
    expect(card).toHaveTextContent('132 h (+32.0)');
    expect(card).toHaveTextContent('£150 (+£50)');
    expect(card).toHaveTextContent('Wed 27 Jan, 5 days late');
    expect(card).toHaveTextContent('Gets film besides: Roof, Insides.');
    expect(card).toHaveTextContent('If Pale Barley is not matched in 2 attempts or by Thu 3 Dec.');
  });

  test('it is taken with a name and a day, not without', async () => {
    drawSchemes();
    const card = await screen.findByRole('article', { name: 'All of it' });
    fireEvent.click(within(card).getByRole('button', { name: /Take this scheme/ }));
    fireEvent.click(within(card).getByRole('button', { name: 'Take it' }));
    expect(await within(card).findByRole('alert')).toHaveTextContent('Chosen by is missing.');
    expect(sent).toHaveBeenCalledTimes(1);
    fireEvent.change(within(card).getByLabelText('Chosen by'), { target: { value: 'A. Owner' } });
    fireEvent.click(within(card).getByRole('button', { name: 'Take it' }));
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(posted(sent, 1)).toEqual(
      expect.objectContaining({ kind: 'take-scheme', id: 's.1', seen: 3, by: 'A. Owner', on: '2026-12-24' }),
    );
  });

  test('name, attempts and last day of a kept one can be changed', async () => {
    drawSchemes();
    const card = await screen.findByRole('article', { name: 'All of it' });
    fireEvent.click(within(card).getByRole('button', { name: /Change details/ }));
    const type = (label: string, value: string) => {
      const field = within(card).getByLabelText(label);
      fireEvent.change(field, { target: { value } });
      fireEvent.blur(field);
    };
    type('Attempts', '4');
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(posted(sent, 1)).toMatchObject({ kind: 'set-item', id: 's.1', seen: 3, set: { mostAttempts: 4 } });
    type('Last day', '');
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(3));
    expect(posted(sent, 2)).toMatchObject({ set: { lastDay: null } });
  });

  test('the scheme that stands is kept for a choice, or for a match with its attempts and last day', async () => {
    drawSchemes({ ...props, kept: [] });
    fireEvent.change(screen.getByLabelText('Name of the kept scheme'), { target: { value: 'Plain' } });
    expect(screen.queryByLabelText('Attempts at the match')).toBeNull();
    fireEvent.change(screen.getByLabelText('What it is kept for'), { target: { value: 'c.pale-barley' } });
    fireEvent.change(await screen.findByLabelText('Attempts at the match'), { target: { value: '2' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep the scheme as it stands' }));
    await waitFor(() => expect(sent.mock.calls.length).toBeGreaterThan(1));
    expect(posted(sent, 1)).toMatchObject({
      kind: 'keep-scheme',
      name: 'Plain',
      ifUnmatched: 'c.pale-barley',
      mostAttempts: 2,
      lastDay: null,
    });
  });

  test('an attempt at a match is written down, and waits for its verdict', async () => {
    drawSchemes();
    fireEvent.change(screen.getByLabelText('What was changed in the mix'), {
      target: { value: 'less yellow' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Write down the attempt' }));
    await waitFor(() => expect(sent.mock.calls.length).toBeGreaterThan(1));
    expect(posted(sent, 1)).toMatchObject({
      kind: 'add-item',
      list: 'matchAttempts',
      item: { onDate: '2026-12-24', change: 'less yellow', verdict: 'waiting' },
    });
  });
});
