import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { demoScenario } from '@/demo/load-demo';
import { shelfOf } from '@/core/film';
import { planJob } from '@/core/plan';
import { markKinds } from '@/core/record';
import { answer, draw, now, posted, productName, shop } from '../room.fixture';
import { figuresOf } from './panel-condition';
import { markSign } from '../words/survey-words';
import { markOfDigit } from './survey-actions';
import { PaperView } from '../documents/paper-view';
import { surveyPaper } from '../documents/survey-paper';
import { walkaroundProps, type WalkaroundProps } from './walkaround-props';
import { WalkaroundRoom } from './walkaround-room';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-015/walkaround',
}));

const { shelf, jobs } = demoScenario(now);
const { job } = jobs.find((one) => one.job.number === 'P-015')!;
const plan = planJob({ job, shop, shelf: shelfOf(shelf), now, commitments: [], agreedStarts: new Map() });
const versions = Object.fromEntries([
  ['P-015', 3],
  ...job.sections.map((section) => [`P-015/${section.key}`, 2]),
  ...job.surveyed.map((one) => [`P-015/survey/${one.key}`, 4]),
  ...[...job.marks, ...job.fittings, ...job.holes].map((one) => [`P-015/${one.id}`, 6]),
]);
const props = walkaroundProps(job, versions, plan, shop, productName);
const room = (over: Partial<WalkaroundProps> = {}) => draw(<WalkaroundRoom {...props} {...over} />);

const sent = jest.fn();
/** What was posted as edits, in order. */
const edits = () => sent.mock.calls.flatMap((call, i) => (call[0] === '/api/edit' ? [posted(sent, i)] : []));
const edited = async (count = 1) => {
  await waitFor(() => expect(edits()).toHaveLength(count));
  return edits()[count - 1];
};
beforeEach(() => {
  sent.mockReset();
  sent.mockImplementation(async (path: string) =>
    answer(
      200,
      path.includes('photos')
        ? { photos: [] }
        : path.includes('strip')
          ? { estimates: [], depths: [] }
          : { status: 'saved' },
    ),
  );
  global.fetch = sent;
  window.location.hash = '';
});

const net = () => screen.getByRole('listbox', { name: 'Net of panels, to scale' });
const panel = (name: RegExp) => screen.getByRole('option', { name });
const press = (key: string, over = {}) => fireEvent.keyDown(net(), { key, ...over });
const open = async (tab: string) => {
  const trigger = screen.getByRole('tab', { name: tab });
  fireEvent.mouseDown(trigger);
  fireEvent.click(trigger);
  await screen.findByRole('tabpanel', { name: tab });
};

describe('marking on the net', () => {
  test('digits one to eight are the marks in their order, nothing else is', () => {
    expect(['1', '2', '8'].map(markOfDigit)).toEqual(['dent', 'rust', 'low']);
    expect(['0', '9', 'a', ''].map(markOfDigit)).toEqual([null, null, null, null]);
    // What only block rounds show has letters: pinholes, unfeathered edges, rub-through.
    expect(markKinds.slice(8).map(markSign)).toEqual(['P', 'F', 'T']);
  });

  test('a digit marks the panel in focus, in its middle, at its kind’s usual size', async () => {
    room();
    fireEvent.click(panel(/^T1P/));
    press('5');
    const { kind, marks } = await edited();
    expect(kind).toBe('add-marks');
    expect(marks).toMatchObject([{ part: 'T1P', kind: 'chip', sizeMm: 8, depthMm: null, mended: false }]);
    const xs = props.panels.find((one) => one.part.key === 'T1P')!.part.outline.map(([x]) => x);
    expect(marks[0].x).toBeGreaterThan(Math.min(...xs));
    expect(marks[0].x).toBeLessThan(Math.max(...xs));
  });

  test('with Shift several are chosen, and one digit marks them all; r repeats it on others', async () => {
    room();
    fireEvent.click(panel(/^T1P/));
    fireEvent.click(panel(/^T2P/), { shiftKey: true });
    expect(screen.getByText('and 1 more: findings go to all of them')).toBeInTheDocument();
    press('2');
    expect((await edited()).marks.map((mark: { part: string }) => mark.part)).toEqual(['T1P', 'T2P']);
    fireEvent.click(panel(/^B1S/));
    press('r');
    expect((await edited(2)).marks).toMatchObject([{ part: 'B1S', kind: 'rust' }]);
  });

  test('after g a digit goes to a station and marks nothing', () => {
    room();
    fireEvent.click(panel(/^T1P/));
    press('g', { timeStamp: 100 });
    press('5', { timeStamp: 200 });
    expect(edits()).toEqual([]);
  });

  test('nothing selected, nothing marked; a takes the section, Escape lets go', () => {
    room();
    press('1');
    expect(edits()).toEqual([]);
    fireEvent.click(panel(/^B1P/));
    press('a');
    const selected = screen
      .getAllByRole('option', { selected: true })
      .filter((one) => one.id.startsWith('part-'));
    expect(selected).toHaveLength(props.panels.filter((one) => one.part.section === 'bottom').length);
    press('Escape');
    expect(screen.getByRole('complementary', { name: 'The object' })).toBeInTheDocument();
  });

  test('+ enlarges the net, 0 fits it again', () => {
    room();
    const width = () => Number.parseFloat(net().style.width);
    expect(width()).toBe(100);
    press('+');
    expect(width()).toBe(150);
    press('-');
    expect(width()).toBe(100);
    for (let i = 0; i < 20; i += 1) press('+');
    expect(width()).toBe(800);
    press('0');
    expect(width()).toBe(100);
  });
});

describe('the pages of a panel', () => {
  test('film is typed as a row of figures, with the gauge the substrate asks for', async () => {
    expect(figuresOf('120 135.5, 128;x 9').map((one) => one.um)).toEqual([120, 135.5, 128, 9]);
    expect(figuresOf('96@350/80')).toEqual([{ um: 96, fromLeftMm: 350, fromTopMm: 80 }]);
    expect(figuresOf('none')).toEqual([]);
    room();
    fireEvent.click(panel(/^T1P/));
    await open('Condition');
    expect(screen.getByLabelText('Gauge')).toHaveValue('ultrasonic');
    const field = screen.getByLabelText('Film readings in µm');
    fireEvent.change(field, { target: { value: '300 310' } });
    fireEvent.submit(field.closest('form')!);
    expect(await edited()).toEqual({
      kind: 'add-readings',
      job: 'P-015',
      readings: [300, 310].map((um) => ({
        part: 'T1P',
        um,
        gauge: 'ultrasonic',
        source: 'typed',
        fromLeftMm: null,
        fromTopMm: null,
      })),
    });
  });

  test('simulated readings say that they are', async () => {
    room();
    fireEvent.click(panel(/^T1P/));
    await open('Condition');
    fireEvent.click(screen.getByRole('button', { name: /simulated gauge \(measures nothing\)/ }));
    const { readings } = await edited();
    expect(readings).toHaveLength(3);
    for (const reading of readings) expect(reading.source).toBe('simulated');
  });

  test('a mark’s depth, its mending and its removal carry its version', async () => {
    room();
    fireEvent.click(panel(/^T3P/));
    await open('Condition');
    const field = screen.getByLabelText('Depth of crack');
    fireEvent.change(field, { target: { value: '2.5' } });
    fireEvent.blur(field);
    expect(await edited()).toEqual({
      kind: 'set-mark',
      job: 'P-015',
      id: 'mark-1',
      seen: 6,
      set: { depthMm: 2.5 },
    });
    fireEvent.click(screen.getByLabelText('mended'));
    expect((await edited(2)).set).toEqual({ mended: true });
    fireEvent.click(screen.getByRole('button', { name: 'Remove this crack' }));
    expect(await edited(3)).toEqual({ kind: 'remove-mark', job: 'P-015', id: 'mark-1', seen: 6 });
  });

  test('findings beneath go to every selected panel with the versions seen', async () => {
    room();
    fireEvent.click(panel(/^T2P/));
    fireEvent.click(panel(/^B1P/), { ctrlKey: true });
    await open('Beneath');
    fireEvent.change(screen.getByLabelText('Solvent test of the selection'), {
      target: { value: 'dissolves' },
    });
    expect(await edited()).toEqual({
      kind: 'survey',
      job: 'P-015',
      parts: [
        { part: 'T2P', seen: 4 },
        { part: 'B1P', seen: null },
      ],
      set: { solventTest: 'dissolves' },
    });
  });

  test('how far down: advice with its facts and what is unknown; accepting writes it', async () => {
    room();
    fireEvent.click(panel(/^B2S/));
    await open('How far');
    const inspector = screen.getByRole('complementary');
    expect(inspector).toHaveTextContent('Advice: to the sound layer');
    expect(inspector).toHaveTextContent('1 × peeling marked');
    expect(inspector).toHaveTextContent('film not measured');
    fireEvent.click(screen.getByRole('button', { name: 'Accept advice' }));
    expect(await edited()).toMatchObject({
      kind: 'survey',
      parts: [{ part: 'B2S', seen: 4 }],
      set: { depth: 'stable' },
    });
  });

  test('panels advised differently are written in their groups', async () => {
    room();
    fireEvent.click(panel(/^T1P/));
    fireEvent.click(panel(/^B2S/), { shiftKey: true });
    press('Enter');
    await edited(2);
    expect(edits().map((edit) => [edit.parts.map((one: { part: string }) => one.part), edit.set])).toEqual([
      [['T1P'], { depth: 'scuff' }],
      [['B2S'], { depth: 'stable' }],
    ]);
  });

  test('a cut that misses the panel is said and sends nothing; a good one leaves the whole out', async () => {
    room();
    fireEvent.click(panel(/^TR/));
    const at = screen.getByLabelText('Distance of the cut, m');
    fireEvent.change(at, { target: { value: '50' } });
    fireEvent.click(screen.getByRole('button', { name: 'from the top' }));
    expect(await screen.findByText(/misses the panel/)).toBeInTheDocument();
    expect(edits()).toEqual([]);
    fireEvent.change(at, { target: { value: '1,2' } });
    fireEvent.click(screen.getByRole('button', { name: 'from the top' }));
    const { kind, parts, leaveOut } = await edited();
    expect(kind).toBe('add-parts');
    expect(parts.map((part: { key: string }) => part.key)).toEqual(['TRa', 'TRb']);
    expect(leaveOut).toEqual([{ part: 'TR', seen: null }]);
  });
});

describe('the object', () => {
  test('three ways come from the server, side by side', async () => {
    const option = (name: string, labourMin: number) => ({
      option: name,
      labourMin,
      materialsMinor: 3300,
      boothMin: 0,
      grossMinor: 67000,
      finishDate: '2027-01-05',
      lateDays: name === 'full' ? 3 : 0,
      finish: { lowest: 'Keep', highest: name === 'full' ? 'Road' : 'Keep' },
      untested: 0.92,
    });
    sent.mockResolvedValue(
      answer(200, { options: [option('correct', 654), option('partial', 1482), option('full', 4680)] }),
    );
    room();
    fireEvent.click(screen.getByRole('button', { name: 'Three ways' }));
    expect(await screen.findByText('10.9 h')).toBeInTheDocument();
    const table = screen.getByRole('table', { name: 'Three ways to do the job' });
    expect(table).toHaveTextContent('Keep to Road');
    expect(table).toHaveTextContent('3 d late');
    expect(within(table).getAllByText('92 % of the area')).toHaveLength(3);
  });

  test('when the options cannot be had it says so', async () => {
    sent.mockResolvedValue(answer(500, {}));
    room();
    fireEvent.click(screen.getByRole('button', { name: 'Three ways' }));
    expect(await screen.findByText(/could not be reckoned/)).toBeInTheDocument();
  });

  test('a part is added with its measures beneath the net; measures that are none are refused', async () => {
    room();
    await open('Panels');
    const form = screen.getByRole('form', { name: 'Add a part' });
    const type = (label: string, value: string) =>
      fireEvent.change(within(form).getByLabelText(label), { target: { value } });
    type('Name of the part', 'locker lid');
    type('Length, m', '0');
    fireEvent.submit(form);
    expect(await within(form).findByRole('alert')).toHaveTextContent(
      'Length, m must be a figure from 0.01 to 60. Width, m is missing.',
    );
    type('Length, m', '0,8');
    type('Width, m', '0.5');
    type('Code of the part', 'LID');
    fireEvent.submit(form);
    const { parts } = await edited();
    expect(parts).toMatchObject([{ key: 'LID', name: 'locker lid', section: 'topsides', side: 'loose' }]);
  });

  test('panels are gathered: moved to a section, made one of their own, joined after a second word', async () => {
    room();
    fireEvent.click(panel(/^T3P/));
    const inspector = within(screen.getByRole('complementary'));
    fireEvent.change(inspector.getByLabelText('Section of the selection'), { target: { value: 'bottom' } });
    expect(await edited(1)).toMatchObject({ kind: 'survey', set: { section: 'bottom' } });
    fireEvent.click(inspector.getByRole('button', { name: 'New section of 1 panel' }));
    expect(await inspector.findByRole('alert')).toHaveTextContent('Name of the new section is missing.');
    fireEvent.change(inspector.getByLabelText('Name of the new section'), { target: { value: 'Bow' } });
    fireEvent.click(inspector.getByRole('button', { name: 'New section of 1 panel' }));
    expect(await edited(2)).toEqual({
      kind: 'add-section',
      job: 'P-015',
      like: 'topsides',
      name: 'Bow',
      parts: [expect.objectContaining({ part: 'T3P' })],
    });
    fireEvent.click(inspector.getByRole('button', { name: 'Join with it' }));
    expect(edits()).toHaveLength(2);
    fireEvent.click(inspector.getByRole('button', { name: /^Yes, join with/ }));
    expect(await edited(3)).toMatchObject({ kind: 'remove-section', section: 'topsides', seen: 2 });
  });

  test('what is left to survey is listed', async () => {
    room();
    await open('Panels');
    const inspector = screen.getByRole('complementary');
    expect(inspector).toHaveTextContent('4 on T3P, T4P, TR, B2S');
    expect(inspector).not.toHaveTextContent(/Solvent test still to do[^.]*T1P/);
  });
});

describe('the strip-down', () => {
  test('each fitting shows its minutes against its masking, and the decision', () => {
    room();
    fireEvent.click(screen.getByRole('button', { name: 'Fittings' }));
    const row = screen.getByRole('row', { name: /T4P/ });
    expect(row).toHaveTextContent('mask');
    expect(row).toHaveTextContent('50 v. 12 × 1 min');
    expect(screen.getAllByRole('row', { name: /TR/ })[0]).toHaveTextContent('take off');
  });

  test('a fitting is added on the chosen panel and edited in its row', async () => {
    room();
    fireEvent.click(screen.getByRole('button', { name: 'Fittings' }));
    fireEvent.change(screen.getByLabelText('Add a fitting: what'), { target: { value: 'cleat' } });
    fireEvent.change(screen.getByLabelText('Add a fitting: panel'), { target: { value: 'T2S' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add a fitting' }));
    expect(await edited()).toMatchObject({
      kind: 'add-item',
      list: 'fittings',
      item: { name: 'cleat', part: 'T2S' },
    });
    const minutes = screen.getByLabelText('Minutes off of transom lamp');
    fireEvent.change(minutes, { target: { value: '25' } });
    fireEvent.blur(minutes);
    expect(await edited(2)).toEqual({
      kind: 'set-item',
      job: 'P-015',
      list: 'fittings',
      id: 'fitting-3',
      seen: 6,
      set: { removeMin: 25 },
    });
  });

  test('gates, holes and finds: added, ticked, and what is held for hidden damage', async () => {
    const gate = {
      id: 'gate-1',
      section: 'topsides',
      kind: 'sealed',
      what: 'deck joint',
      gapMm: null,
      flushMm: null,
      attempts: 0,
      done: false,
      doneOn: null,
      holds: 'prime' as const,
      seen: 9,
    } as const;
    const allowance = { share: 0.3, heldMin: 600, foundMin: 720, leftMin: 0 };
    room({ stripDown: { ...props.stripDown, gates: [gate], allowance } });
    fireEvent.click(screen.getByRole('button', { name: 'Gates and holes' }));
    expect(screen.getByText(/1 open: what each holds is planned and not booked/)).toBeInTheDocument();
    expect(screen.getByText(/more was found than was held/)).toBeInTheDocument();
    fireEvent.click(screen.getByLabelText('Done of deck joint'));
    expect(await edited()).toMatchObject({
      kind: 'set-item',
      list: 'gates',
      id: 'gate-1',
      seen: 9,
      set: { done: true },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Add a find' }));
    expect(await edited(2)).toMatchObject({ list: 'finds', item: { hours: 1, onDate: '2026-12-24' } });
    fireEvent.click(screen.getByRole('button', { name: 'Remove hole 1 in TR' }));
    expect(await edited(3)).toMatchObject({ kind: 'remove-item', list: 'holes', id: 'hole-1' });
  });
});

describe('edges and others', () => {
  const full: WalkaroundProps = {
    ...props,
    stripDown: {
      ...props.stripDown,
      milestones: [
        {
          id: 'm1',
          seen: 2,
          trade: 'upholstery',
          what: 'seats',
          tie: 'after',
          phase: 'finish',
          onDate: '2027-01-04',
          accessLost: 'the floor',
          done: false,
          toldDate: null,
        },
      ],
      tradeDates: [{ milestone: 'm1', day: '2027-01-20', clashes: true, toTell: true }],
      sendOuts: [
        {
          id: 's1',
          seen: 3,
          what: 'keel band',
          part: 'T1P',
          vendor: 'blaster',
          leadDays: 10,
          leadIn: 'calendar',
          leaveAt: null,
          backAt: null,
          sentOn: '2026-12-01',
          dueOn: '2026-12-11',
          returnedOn: null,
          condition: '',
          phase: 'epoxy',
        },
      ],
      openings: [
        {
          id: 'o1',
          seen: 4,
          part: 'T1P',
          what: 'vent',
          lengthM: 1.2,
          method: 'foam',
          barrier: 'the lip',
          exit: '',
        },
      ],
    },
  };

  test('a trade that waits is shown its day by the plan, and telling it is written down', async () => {
    room(full);
    fireEvent.click(screen.getByRole('button', { name: 'Others' }));
    expect(screen.getByText('from Wed 20 Jan')).toBeInTheDocument();
    expect(screen.getByText('overdue')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'told this day' }));
    expect(await edited()).toEqual({
      kind: 'set-item',
      job: 'P-015',
      list: 'milestones',
      id: 'm1',
      seen: 2,
      set: { toldDate: '2027-01-20' },
    });
  });

  test('a trade and outside work are added with what they mostly are', async () => {
    room();
    fireEvent.click(screen.getByRole('button', { name: 'Others' }));
    fireEvent.change(screen.getByLabelText('Add a trade: what'), { target: { value: 'carpet' } });
    fireEvent.submit(screen.getByRole('form', { name: 'Add a trade' }));
    expect(await edited()).toMatchObject({
      list: 'milestones',
      item: { what: 'carpet', tie: 'after', phase: 'finish' },
    });
    fireEvent.change(screen.getByLabelText('Add outside work: what'), { target: { value: 'blasting' } });
    fireEvent.change(screen.getByLabelText('Add outside work: panel'), { target: { value: 'B1P' } });
    fireEvent.submit(screen.getByRole('form', { name: 'Add outside work' }));
    expect(await edited(2)).toMatchObject({ list: 'sendOuts', item: { what: 'blasting', part: 'B1P' } });
  });

  test('openings, blend lines and covers: changed in their row, added, removed', async () => {
    room(full);
    fireEvent.click(screen.getByRole('button', { name: 'Edges' }));
    fireEvent.change(screen.getByLabelText('Soft by of vent'), { target: { value: 'back-taped' } });
    expect(await edited()).toMatchObject({
      list: 'openings',
      id: 'o1',
      seen: 4,
      set: { method: 'back-taped' },
    });
    fireEvent.change(screen.getByLabelText('Add a cover: what'), { target: { value: 'hatch' } });
    fireEvent.submit(screen.getByRole('form', { name: 'Add a cover' }));
    expect(await edited(2)).toMatchObject({ list: 'covers', item: { what: 'hatch', harm: 'overspray' } });
    fireEvent.change(screen.getByLabelText('Add a blend line: what'), { target: { value: 'the strake' } });
    fireEvent.submit(screen.getByRole('form', { name: 'Add a blend line' }));
    expect(await edited(3)).toMatchObject({ list: 'blends', item: { line: 'the strake', timing: 'clear' } });
    fireEvent.click(screen.getByRole('button', { name: 'Remove vent' }));
    expect(await edited(4)).toMatchObject({ kind: 'remove-item', list: 'openings', id: 'o1', seen: 4 });
  });
});

test('the sheet has a line for every panel with a finding and names the others', () => {
  draw(<PaperView paper={surveyPaper({ job, plan, shop, shelf: shelfOf(shelf), notes: [] })} />);
  for (const key of ['T1P', 'T2P', 'B2S', 'T3P', 'T4P', 'TR'])
    expect(screen.getByRole('row', { name: new RegExp(`^${key} `) })).toBeInTheDocument();
  expect(screen.getAllByRole('row')).toHaveLength(1 + 6);
  expect(screen.getByText(/^Nothing found on 19 panels/)).toHaveTextContent('T1S');
});
