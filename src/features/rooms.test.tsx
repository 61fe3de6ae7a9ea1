import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { handoverRecord } from '@/core/handover';
import { shelfOf } from '@/core/film';
import { filmProps } from './film/film-props';
import { FilmRoom } from './film/film-room';
import { Keys } from './frame/keys';
import { Rail } from './frame/rail';
import { DayScrubber } from './frame/scrubber';
import { JobStrip } from './frame/strip';
import { HandoverRoom } from './handover/handover-room';
import { formChoices } from './new-job/form-choices';
import { NewJobForm } from './new-job/new-job-form';
import { answer, draw, job, jobs, now, plan, posted, productName, shelf, shop, view } from './room.fixture';
import { layoutProps } from './scheme/layout-props';
import { masksProps } from './scheme/masks-props';
import {
  alternativesProps,
  boardPictures,
  coloursShown,
  passRows,
  systemChoices,
} from './scheme/scheme-props';
import { SchemeRoom } from './scheme/scheme-room';
import { shopProps } from './shop/shop-props';
import { ShopRoom } from './shop/shop-room';
import { PaperView } from './documents/paper-view';
import { statementPaper } from './documents/work-papers';
import { recordProps } from './handover/record-props';
import { StepsRoom } from './steps/steps-room';
import { stepsProps } from './steps/steps-props';
import { WalkaroundRoom } from './walkaround/walkaround-room';
import { walkaroundProps } from './walkaround/walkaround-props';
import { YardTable } from './yard/yard-table';
import { yardRow } from './yard/yard-row';

const push = jest.fn();
const refresh = jest.fn();
let path = '/jobs/P-014/steps';
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push, refresh }),
  usePathname: () => path,
}));

const withSeen = job.sections.map((section) => ({ ...section, seen: 7 }));

const sent = jest.fn();
const bodyOf = (call: number) => posted(sent, call);

beforeEach(() => {
  for (const mock of [push, refresh, sent]) mock.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
  window.location.hash = '';
  Element.prototype.scrollIntoView = jest.fn();
});

/** Panels, each once however many fields lie on it. */
const panels = new Set(plan.parts.map((part) => part.key));

describe('Steps', () => {
  const room = <StepsRoom {...stepsProps(job, plan, shop, shelf)} />;
  const rows = () => screen.getAllByRole('row').filter((row) => row.id.startsWith('row-'));

  test('lists every step that takes time, in order of time', () => {
    draw(room);
    expect(rows()).toHaveLength(plan.steps.filter((step) => step.minutes > 0).length);
  });

  test('shows one section alone, and its hours', () => {
    draw(room);
    fireEvent.click(screen.getByRole('button', { name: 'Roof' }));
    const own = plan.steps.filter((step) => step.minutes > 0 && step.sections.includes('roof'));
    expect(rows()).toHaveLength(own.length);
    expect(screen.getByText(new RegExp(`^${own.length} steps, `))).toBeInTheDocument();
  });

  test('a chosen step says why it is there, why not earlier and what to beware of', () => {
    draw(room);
    fireEvent.click(screen.getAllByRole('button', { name: 'Colour sand by hand, P800' }).at(-1)!);
    const inspector = screen.getByRole('complementary', { name: 'Colour sand by hand, P800' });
    expect(inspector).toHaveTextContent('Level Show asks for it.');
    expect(inspector).toHaveTextContent(/After “Tape edges.*it must be sanded level/);
    expect(inspector).toHaveTextContent('Partly cured film: keep the mask on while sanding.');
    expect(inspector).toHaveTextContent('data sheet, local rules and licensed practice come first');
  });

  test('arrow keys walk the rows', () => {
    draw(room);
    const [first, second] = rows();
    fireEvent.click(first!);
    fireEvent.keyDown(first!, { key: 'ArrowDown' });
    expect(second).toHaveAttribute('aria-selected', 'true');
    fireEvent.keyDown(second!, { key: 'ArrowUp' });
    expect(first).toHaveAttribute('aria-selected', 'true');
  });
});

describe('Steps by hand, board, totals and scope', () => {
  const seen = { 'P-014/edit/roof/mask': 3, 'P-014/scope-1': 2 };
  const room = <StepsRoom {...stepsProps(job, plan, shop, shelf, seen)} />;
  const show = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
  const choose = (key: string) => fireEvent.click(document.getElementById(`row-${key}`)!);

  test('typed hours go out as person-minutes under the version seen; an emptied figure returns to computed', async () => {
    draw(room);
    choose('roof/mask');
    const field = screen.getByLabelText('Person-hours of this step');
    fireEvent.change(field, { target: { value: '6.5' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({
      kind: 'step',
      job: 'P-014',
      step: 'roof/mask',
      seen: 3,
      set: { personMinutes: 390 },
    });
    fireEvent.change(field, { target: { value: '' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(bodyOf(1).set).toEqual({ personMinutes: null });
  });

  test('leaving out says what is lost; a coat cannot be left out here', async () => {
    draw(room);
    choose('roof/mask');
    expect(screen.getByText(/If it is left out: what lies beside it is coated too/)).toBeInTheDocument();
    show('Leave it out');
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).set).toEqual({ skipped: true });
    choose(plan.steps.find((step) => step.coat && step.state === 'planned')!.key);
    expect(screen.getByText(/Cannot be left out: Take the coat off in the Film room/)).toBeInTheDocument();
  });

  test('the board has a line a panel with its state on the day, and can be narrowed to one state', () => {
    draw(room);
    show('State board');
    const table = screen.getByRole('table', { name: 'State of every panel' });
    expect(within(table).getAllByRole('row')).toHaveLength(1 + panels.size);
    fireEvent.change(screen.getByLabelText(/^Only what is/), { target: { value: 'polished' } });
    const wings = plan.parts.filter((part) => part.section === 'wings');
    expect(within(table).getAllByRole('row')).toHaveLength(1 + wings.length);
  });

  test('totals name the range, the share of spraying and the cap', () => {
    draw(room);
    show('Totals');
    expect(screen.getByText(/h likely, .* h in eight cases of ten/).parentElement).toHaveTextContent(
      'the cap is 900 h',
    );
    expect(screen.getByText(/^Spraying and rolling are/)).toBeInTheDocument();
    const phases = within(screen.getByRole('table', { name: 'By phase' }));
    expect(phases.getByRole('row', { name: /^Build and block/ })).toBeInTheDocument();
  });

  test('scope: the demo’s change with who agreed; a new one needs a name', async () => {
    draw(room);
    show('Scope');
    expect(screen.getByRole('row', { name: /luggage flaps/ })).toHaveTextContent('the owner, by telephone');
    const type = (label: string | RegExp, value: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value } });
    type('What is added or dropped', 'roof rack');
    type('Hours more', '3,5');
    type(/^Money more/, '120');
    type('Who agreed', 'the owner');
    fireEvent.submit(screen.getByRole('form', { name: 'Change of scope' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).change).toEqual({
      what: 'roof rack',
      hours: 3.5,
      moneyMinor: 12000,
      days: 0,
      agreedBy: 'the owner',
    });
  });

  test('the method statement lists each section’s work in order with its note and cautions', () => {
    draw(<PaperView paper={statementPaper({ job, plan, shop, shelf: shelfOf(shelf), notes: [] })} />);
    expect(screen.getByRole('heading', { name: 'Roof' })).toBeInTheDocument();
    expect(screen.getByText(/Note: back-tape the waist band/)).toBeInTheDocument();
    expect(screen.getAllByText(/Isocyanate|isocyanate/).length).toBeGreaterThan(0);
  });
});

describe('Film', () => {
  const versions = Object.fromEntries(job.sections.map((section) => [`P-014/${section.key}`, 7]));
  const props = filmProps(job, versions, plan, { shop, shelf: shelfOf(shelf) });
  const room = <FilmRoom {...props} />;

  test('draws a column for every section and opens the one whose clear is too thin', () => {
    draw(room);
    const columns = screen.getAllByRole('button', { name: /µm on flats/ });
    expect(columns).toHaveLength(plan.sections.length);
    expect(screen.getByRole('complementary', { name: 'Front wings' })).toBeInTheDocument();
    expect(screen.getByText(/4 coats are needed for level Show/)).toBeInTheDocument();
  });

  test('another column opens its budget: laid, taken, left, with the floors', () => {
    draw(room);
    fireEvent.click(screen.getByRole('button', { name: /^Roof:/ }));
    const inspector = screen.getByRole('complementary', { name: 'Roof' });
    expect(inspector).toHaveTextContent('Left on flats');
    expect(inspector).toHaveTextContent('floor 45');
  });

  test('the ladder page names grits, minutes and the ratio of grains; another school is saved', async () => {
    draw(room);
    fireEvent.mouseDown(screen.getByRole('tab', { name: 'Ladder' }), { button: 0 });
    expect(screen.getByRole('row', { name: /^P1000 8 µm 12/ })).toHaveTextContent('0.84');
    fireEvent.change(screen.getByLabelText('School of colour sanding for Front wings'), {
      target: { value: 'discs' },
    });
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toMatchObject({ kind: 'section', section: 'wings', seen: 7, set: { ladder: 'discs' } });
  });

  test('at 12 °C waits lengthen and cold steel stops; the simulated probe says what it is', () => {
    draw(room);
    fireEvent.mouseDown(screen.getByRole('tab', { name: 'Windows' }), { button: 0 });
    fireEvent.click(screen.getByRole('button', { name: 'What if 12 °C' }));
    // Clear: flash 12 min × 2^0.8 = 20.9, so 21 min.
    expect(screen.getByRole('complementary')).toHaveTextContent('21 min');
    expect(screen.getByRole('complementary')).toHaveTextContent('surface 11.0 °C, at least 12 °C');
    fireEvent.click(screen.getByRole('button', { name: 'Read probe' }));
    expect(screen.getByText(/Simulated probe: it measures nothing/)).toBeInTheDocument();
  });

  test('an emptied figure of coats goes back to the computed one, the others stay typed', async () => {
    draw(room);
    fireEvent.click(screen.getByRole('button', { name: 'Coats' }));
    const field = screen.getByLabelText('clear coats of Front wings');
    fireEvent.change(field, { target: { value: '' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({
      kind: 'section',
      job: 'P-014',
      section: 'wings',
      seen: 7,
      set: { coats: {} },
    });
  });
});

describe('Booth, Log, Handover and Scheme', () => {
  test('the handover lists section, colour and layers', () => {
    const quotes = {
      job: 'P-014',
      today: '2026-12-24',
      locale: { timeZone: 'Europe/London', currency: 'GBP' },
      inputHash: '',
      ways: [],
      last: null,
      stops: 0,
      quotes: [],
      accepted: null,
    };
    const moves: never[] = [];
    const record = handoverRecord({ job, plan, shop, shelf: shelfOf(shelf), moves, accepted: null });
    const locale = quotes.locale;
    draw(
      <HandoverRoom
        money={{
          quotes,
          owner: {
            ...quotes,
            links: [],
            words: [],
            asked: {
              job: 'P-014',
              today: '2026-12-24',
              locale,
              decisions: [],
              finds: [],
              sections: [],
              labourRateMinorPerHour: 4800,
            },
          },
        }}
        photos={{ job: 'P-014', panels: [], prompts: [] }}
        record={recordProps(
          job,
          plan.sections,
          record,
          {},
          {
            today: '2026-12-24',
            locale,
            inputHash: '',
            signatures: [],
            mass: null,
          },
        )}
        documents={{ job: 'P-014', today: '2026-12-24', quotes: [], stages: [] }}
      />,
    );
    expect(screen.getByText(/No quote has been made/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Record' }));
    const row = screen.getByRole('row', { name: /^Roof/ });
    expect(row).toHaveTextContent('Pale Barley');
    expect(row).toHaveTextContent('3 × Basecoat, solid, 1:1');
  });

  const drawScheme = (view: 'Colours' | 'Order' | 'Masks') => {
    const rows = passRows(job, plan, shelf);
    const passes = {
      seen: 4,
      rows,
      cost: plan.programme.cost,
      covers: [],
      byHand: false,
      locale: { timeZone: 'Europe/London', currency: 'GBP' },
    };
    const sections = withSeen.map((section) => ({ ...section, outsideM2: 1, insideM2: 0 }));
    const versions = Object.fromEntries(job.colours.map((one) => [`P-014/${one.id}`, 5]));
    const colours = coloursShown(job, plan, versions);
    draw(
      <SchemeRoom
        job="P-014"
        colours={{
          job: 'P-014',
          planHash: 'h',
          sections,
          colours,
          grounds: [],
          systems: systemChoices(job, { systems: [] }),
          looseItems: [],
          samples: [],
          today: '2026-12-24',
        }}
        alternatives={alternativesProps(job, {}, { planHash: 'h', locale: passes.locale, now })}
        layout={layoutProps(job, {})}
        pictures={boardPictures(job, plan, '')}
        passes={passes}
        elevations={{ job: 'P-014', planHash: 'h', areas: [], steps: [], covers: [], locale: passes.locale }}
        masks={masksProps(plan, shelfOf(shelf), {
          locale: passes.locale,
          rated: () => 14,
          taken: [{ operation: 'mask', name: 'Mask the sides', plannedMin: 120, takenMin: 150 }],
        })}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: view }));
    return rows;
  };

  test('masks stand with tab, tape and what lies beneath; the last laid is pulled first, rolls are counted', () => {
    drawScheme('Masks');
    const masks = screen.getByRole('table', { name: 'Masks' });
    const row = within(masks).getByRole('row', { name: /^B3/ });
    expect(row).toHaveTextContent(/Gravel Ochre on Body sides and ends; Pale Barley on Body sides and ends/);
    expect(row).toHaveTextContent(/33\.4\d? m Fine-line tape 6 mm/);
    const pulls = screen.getByRole('table', { name: 'Order of pulling' });
    expect(within(pulls).getByRole('row', { name: /B4, B1/ })).toBeInTheDocument();
    const rolls = screen.getByRole('table', { name: 'Rolls for the masks ahead' });
    expect(within(rolls).getByRole('row', { name: /Fine-line tape 6 mm/ })).toHaveTextContent(
      /\d of 55.* m$/,
    );
    expect(screen.getAllByText(/makes dust on it/).length).toBeGreaterThan(0);
    const taken = screen.getByRole('table', { name: 'Masking done, against the rates' });
    expect(within(taken).getByRole('row', { name: 'Mask the sides 2.0 h 2.5 h 1.25' })).toBeInTheDocument();
  });

  test('passes stand in their order, and a colour is put before its neighbour on the body', async () => {
    const rows = drawScheme('Order');
    const table = screen.getByRole('table', { name: 'Passes' });
    expect(
      within(table)
        .getAllByRole('rowheader')
        .map((one) => one.textContent),
    ).toEqual(rows.map((row) => row.name));
    const colours = plan.programme.passes.filter((pass) => pass.role === 'colour' && pass.body === 'body');
    expect(colours.length).toBeGreaterThan(1);
    const [first, second] = colours.map((pass) => pass.scope) as [string, string];
    const name = rows.find((row) => row.key === colours[1]!.key)!.name;
    fireEvent.click(screen.getByRole('button', { name: `${name}: paint earlier` }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    const { colourOrder } = bodyOf(0).set as { colourOrder: string[] };
    expect(colourOrder.indexOf(second)).toBe(colourOrder.indexOf(first) - 1);
  });

  test('the field of a later colour is covered meanwhile at a tick', async () => {
    const rows = drawScheme('Order');
    const row = rows.find((one) => one.beside.length > 0)!;
    const [later] = row.beside;
    fireEvent.click(screen.getByRole('checkbox', { name: `${row.name}: cover ${later!.name} meanwhile` }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0).set).toEqual({ colourCovers: [{ sprayed: row.scope, covered: later!.scope }] });
  });

  test('a colour is sent in small letters', async () => {
    drawScheme('Colours');
    const field = screen.getByLabelText('Pale Barley on the screen');
    fireEvent.change(field, { target: { value: '#aabbcc' } });
    fireEvent.blur(field);
    // The first question is what the colours hide.
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(bodyOf(1)).toMatchObject({ list: 'colours', id: 'c.pale-barley', set: { hex: '#aabbcc' } });
  });
});

describe('Walkaround', () => {
  const versions = Object.fromEntries([
    ['P-014', 3],
    ...job.sections.map((section) => [`P-014/${section.key}`, 2]),
    ...job.measured.map((one) => [`P-014/${one.key}`, 5]),
  ]);
  const room = <WalkaroundRoom {...walkaroundProps(job, versions, plan, shop, productName)} />;

  test('draws every panel and names it for those who do not see it', () => {
    draw(room);
    expect(screen.getAllByRole('option').filter((one) => one.id.startsWith('part-'))).toHaveLength(
      panels.size,
    );
    expect(screen.getByRole('option', { name: 'B4L left body panel 4' })).toBeInTheDocument();
  });

  test('a measured area is sent with the version of its row, an emptied one is taken back', async () => {
    draw(room);
    fireEvent.click(screen.getByRole('option', { name: 'B4L left body panel 4' }));
    const field = screen.getByLabelText('Outside area of this panel');
    fireEvent.change(field, { target: { value: '' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({ kind: 'measure', job: 'P-014', part: 'B4L', seen: 5, outsideM2: null });
  });

  test('a section’s level is saved as it is chosen', async () => {
    draw(room);
    fireEvent.click(screen.getByRole('option', { name: 'R1 roof 1' }));
    fireEvent.change(screen.getByLabelText('Level of Roof'), { target: { value: 'Show' } });
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toMatchObject({ kind: 'section', section: 'roof', seen: 2, set: { level: 'Show' } });
  });
});

describe('Shop', () => {
  const versions = { shop: 4 };
  const {
    shop: shown,
    seen,
    figures,
  } = shopProps(
    shop,
    versions,
    Object.fromEntries(shop.people.map((person) => [person.id, []])),
    'shop',
    now,
  );

  test('money is typed in whole units and sent in minor ones', async () => {
    draw(
      <ShopRoom
        keeping={null}
        accounts={null}
        notes={{ notes: [], names: {} }}
        shop={shown}
        seen={seen}
        figures={figures}
      />,
    );
    const field = screen.getByLabelText('Labour');
    fireEvent.change(field, { target: { value: '49.5' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({ kind: 'shop', seen: 4, set: { labourRateMinorPerHour: 4950 } });
  });

  test('what an agreed start is worth is typed in hours and sent in minutes', async () => {
    draw(
      <ShopRoom
        keeping={null}
        accounts={null}
        notes={{ notes: [], names: {} }}
        shop={shown}
        seen={seen}
        figures={figures}
      />,
    );
    const field = screen.getByLabelText('Opening hours an agreed start must gain before it moves');
    expect(field).toHaveValue(4);
    fireEvent.change(field, { target: { value: '1.5' } });
    fireEvent.blur(field);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({ kind: 'shop', seen: 4, set: { keepForMin: 90 } });
  });

  test('one day off needs one date, and nothing is sent without any', async () => {
    draw(
      <ShopRoom
        keeping={null}
        accounts={null}
        notes={{ notes: [], names: {} }}
        shop={shown}
        seen={seen}
        figures={figures}
      />,
    );
    const row = screen.getByRole('row', { name: /^Ines/ });
    const add = within(row).getByRole('button', { name: 'Add' });
    expect(add).toBeDisabled();
    fireEvent.change(within(row).getByLabelText('First day off of Ines'), {
      target: { value: '2027-01-04' },
    });
    fireEvent.click(add);
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(bodyOf(0)).toEqual({
      kind: 'add-day-off',
      person: 'ines',
      from: '2027-01-04',
      to: '2027-01-04',
      reason: '',
    });
  });
});

describe('New job', () => {
  const room = <NewJobForm choices={formChoices([{ ...job, number: 'P-016' }], '2026-12-24', 'GBP')} />;

  test('sends the figures of the chosen body kind only, caps in minor units, and goes to the plan', async () => {
    draw(room);
    fireEvent.change(screen.getByLabelText('Name of the object'), { target: { value: 'Dinghy' } });
    fireEvent.change(screen.getByLabelText('Body kind'), { target: { value: 'open-hull' } });
    fireEvent.change(await screen.findByLabelText(/^Beam/), { target: { value: '1.8' } });
    fireEvent.change(screen.getByLabelText(/^Cap of materials/), { target: { value: '1200' } });
    fireEvent.click(screen.getByRole('button', { name: 'Take in and plan' }));
    await waitFor(() => expect(push).toHaveBeenCalledWith('/jobs/P-017/steps'));
    expect(bodyOf(0)).toMatchObject({
      number: 'P-017',
      name: 'Dinghy',
      bodyKind: 'open-hull',
      dimensions: { length: 7, beam: 1.8, depth: 1.1 },
      capMaterialsMinor: 120000,
      capLabourHours: 0,
    });
  });

  test('faults stand at their fields, also those of a dimension and of money', async () => {
    sent.mockResolvedValue(
      answer(422, {
        faults: [
          { place: 'dimensions.length', reason: 'Length must lie between 2.5 and 15 m' },
          { place: 'capMaterialsMinor', reason: 'must be at least 0' },
        ],
      }),
    );
    draw(room);
    fireEvent.click(screen.getByRole('button', { name: 'Take in and plan' }));
    expect(await screen.findAllByRole('alert')).toHaveLength(2);
    expect(screen.getByLabelText(/^Length/)).toHaveAttribute('aria-invalid', 'true');
    expect(push).not.toHaveBeenCalled();
  });
});

describe('the frame', () => {
  test('the strip shows three meters, the promise and the end, and accepts with the hash it shows', async () => {
    draw(<JobStrip job={view} />);
    expect(screen.getAllByRole('img', { name: /used, .* expected in all/ })).toHaveLength(3);
    fireEvent.click(screen.getByRole('button', { name: 'Accept plan' }));
    await waitFor(() => expect(sent).toHaveBeenCalled());
    expect(sent.mock.calls[0]![0]).toBe('/api/accept');
    expect(bodyOf(0)).toEqual({ job: 'P-014', inputHash: 'a'.repeat(64) });
  });

  test('the rail marks where one is and what needs attention; outside a job stations are not links', () => {
    const { unmount } = draw(<Rail job={view} />);
    expect(screen.getByRole('link', { name: /Steps/ })).toHaveAttribute('aria-current', 'page');
    expect(
      within(screen.getByRole('link', { name: /Film/ })).getByRole('img', { name: 'needs attention' }),
    ).toBeInTheDocument();
    unmount();
    path = '/';
    draw(<Rail job={null} />);
    expect(screen.queryByRole('link', { name: /Steps/ })).toBeNull();
    expect(screen.getByRole('link', { name: /Yard/ })).toHaveAttribute('aria-current', 'page');
    path = '/jobs/P-014/steps';
  });

  test('the scrubber goes by days and weeks and back to now', () => {
    draw(<DayScrubber job={view} />);
    const slider = screen.getByRole('slider');
    const text = () => slider.getAttribute('aria-valuetext');
    expect(text()).toBe('Thu 24 Dec, day 32');
    fireEvent.keyDown(slider, { key: 'ArrowLeft' });
    expect(text()).toBe('Wed 23 Dec, day 31');
    fireEvent.keyDown(slider, { key: 'PageDown' });
    expect(text()).toBe('Wed 30 Dec, day 38');
    fireEvent.keyDown(slider, { key: 'Home' });
    expect(text()).toBe('Thu 24 Dec, day 32');
  });

  test('single keys act only while no field has focus', () => {
    draw(
      <>
        <input aria-label="a field" />
        <Keys job="P-014" findables={[]} />
      </>,
    );
    fireEvent.keyDown(screen.getByLabelText('a field'), { key: 'g' });
    fireEvent.keyDown(screen.getByLabelText('a field'), { key: '5' });
    expect(push).not.toHaveBeenCalled();
    fireEvent.keyDown(document.body, { key: 'g' });
    fireEvent.keyDown(document.body, { key: '5' });
    expect(push).toHaveBeenCalledWith('/jobs/P-014/bays');
    fireEvent.keyDown(document.body, { key: 'g' });
    fireEvent.keyDown(document.body, { key: 'y' });
    expect(push).toHaveBeenLastCalledWith('/');
  });

  test('u and Ctrl+Z undo in the job one is in', async () => {
    draw(<Keys job="P-014" findables={[]} />);
    fireEvent.keyDown(document.body, { key: 'u' });
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(sent.mock.calls.map((call) => call[0])).toEqual(['/api/undo', '/api/undo']);
    expect(bodyOf(1)).toEqual({ room: 'P-014' });
  });

  test('the yard names each job, its next step and its gravest risk', () => {
    draw(
      <YardTable
        rows={jobs.map((one) =>
          yardRow(one.job, one.job.number === 'P-014' ? plan : (one.agreed ?? plan), shop, productName, now),
        )}
      />,
    );
    const row = screen.getByRole('row', { name: /P-014 Ullabrook 24/ });
    expect(row).toHaveTextContent('High-build urethane primer 4:1, coat 1 of 2');
    expect(row).toHaveTextContent('Stop: Front wings: 2 clear coats typed, the finish needs 4');
    expect(screen.getByRole('row', { name: /P-011/ })).toHaveTextContent('finished');
  });
});
