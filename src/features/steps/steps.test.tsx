import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { operationOf } from '@/core/steps';
import { answer, draw, job, plan, posted, shelf, shop } from '../room.fixture';
import { shopProps } from '../shop/shop-props';
import { ShopRoom } from '../shop/shop-room';
import { groupSteps } from './group-steps';
import { isReleased } from './step-release';
import { stepsProps } from './steps-props';
import { StepRelease } from './step-release';
import { StepsRoom } from './steps-room';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: jest.fn(), replace: jest.fn() }),
  usePathname: () => '/jobs/P-014/steps',
  useSearchParams: () => new URLSearchParams(),
}));
const sent = jest.fn();
Element.prototype.scrollIntoView = jest.fn();
beforeEach(() => {
  sent.mockReset().mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

const props = stepsProps(job, plan, shop, shelf, { 'P-014': 7, 'P-014/sides': 3, 'P-014/roof': 2 });
const room = <StepsRoom {...props} />;
// By text, not by role: a role is worked out for every element of a room of some thousand.
const button = (name: string) => screen.getAllByText(name, { selector: 'button' })[0]!;
const show = (name: string) => fireEvent.click(button(name));
const row = (text: string, selector = 'td') => screen.getByText(text, { selector }).closest('tr')!;
const labelled = (kind: string, label: string) =>
  within(document.querySelector<HTMLElement>(`${kind}[aria-label="${label}"]`)!);
const choose = (key: string) => fireEvent.click(document.getElementById(`row-${key}`)!);
const edits = () => sent.mock.calls.filter(([path]) => path === '/api/edit');

describe('the list', () => {
  const given = { sections: props.sections, timeZone: 'Europe/London', folded: new Set<string>() };
  const worked = plan.steps.filter((step) => step.minutes > 0);

  test('holds every step once under each grouping, groups in order, sums of their own steps', () => {
    for (const by of ['phase', 'section', 'day'] as const) {
      const rows = groupSteps(worked, by, given);
      expect(rows.filter((row) => row.kind === 'step')).toHaveLength(worked.length);
      const groups = rows.flatMap((row) => (row.kind === 'group' ? [row] : []));
      expect(groups.reduce((sum, row) => sum + row.steps, 0)).toBe(worked.length);
      const minutes = groups.reduce((sum, row) => sum + row.personMinutes, 0);
      expect(minutes).toBe(worked.reduce((sum, step) => sum + step.personMinutes, 0));
    }
    const days = groupSteps(worked, 'day', given).flatMap((row) => (row.kind === 'group' ? [row.key] : []));
    expect([...days].sort()).toEqual(days);
  });

  test('a folded group keeps its heading and hides its rows', () => {
    draw(room);
    const heading = button('▾ Metal');
    const before = document.querySelectorAll('tr[id^="row-"]').length;
    fireEvent.click(heading);
    expect(heading).toHaveAttribute('aria-expanded', 'false');
    expect(document.querySelectorAll('tr[id^="row-"]').length).toBeLessThan(before);
  });

  test('E types the hours of the selected row, Enter saves them as person-minutes, Escape does not', async () => {
    draw(room);
    choose('sides/mask');
    const line = document.getElementById('row-sides/mask')!;
    fireEvent.keyDown(line, { key: 'e' });
    const field = within(line).getByLabelText(/^Person-hours of Mask round all colours/);
    fireEvent.change(field, { target: { value: '7,5' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toMatchObject({ kind: 'step', step: 'sides/mask', set: { personMinutes: 450 } });
    fireEvent.keyDown(line, { key: 'e' });
    fireEvent.keyDown(within(line).getByLabelText(/^Person-hours of/), { key: 'Escape' });
    expect(within(line).queryByLabelText(/^Person-hours of/)).toBeNull();
    expect(edits()).toHaveLength(1);
  });
});

describe('schools', () => {
  test('each says what is followed and why; the job’s choice goes out with its others kept', async () => {
    draw(room);
    show('Schools');
    expect(row('Final alignment')).toHaveTextContent('before paint, a painted edge that touches chips');
    fireEvent.change(screen.getByLabelText('Final alignment, whole job'), { target: { value: 'after' } });
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toEqual({
      kind: 'job',
      job: 'P-014',
      seen: 7,
      set: { schools: { alignment: 'after' } },
    });
  });

  test('a section’s own choice stands beside the others of it and can be given up', async () => {
    draw(room);
    show('Schools');
    fireEvent.click(screen.getAllByText('Body sides and ends', { selector: 'button' }).at(0)!);
    expect(row('Blocks')).toHaveTextContent('flexible, chosen here');
    fireEvent.change(screen.getByLabelText('Blocks, Body sides and ends'), { target: { value: '' } });
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toMatchObject({
      kind: 'section',
      section: 'sides',
      seen: 3,
      set: { schools: {} },
    });
  });

  test('what each costs is planned on the server and shown against what is followed', async () => {
    const figures = { materialsMinor: 0, boothMin: 0, passes: 12, finishDate: '2027-01-21', lateDays: 0 };
    sent.mockResolvedValue(
      answer(200, {
        options: [
          { option: 'over-epoxy', labourMin: 6000, ...figures },
          { option: 'on-metal', labourMin: 6120, ...figures, lateDays: 2 },
        ],
      }),
    );
    draw(room);
    show('Schools');
    show('what each costs');
    const other = (await screen.findByText('on metal', { selector: 'td' })).closest('tr')!;
    expect(other).toHaveTextContent('+2.0 h');
    expect(other).toHaveTextContent('2 d late');
    expect(sent.mock.calls[0]![0]).toBe('/api/jobs/P-014/schools?school=filler');
  });
});

describe('rounds', () => {
  test('typed rounds, the measure and the last day go out under the section’s version', async () => {
    draw(room);
    show('Rounds');
    const sides = labelled('section', 'Rounds of Body sides and ends');
    const type = async (label: string, value: string, call: number) => {
      const field = sides.getByLabelText(label);
      fireEvent.change(field, { target: { value } });
      fireEvent.blur(field);
      await waitFor(() => expect(edits()).toHaveLength(call + 1));
      return posted(sent, call);
    };
    expect(await type('Filler rounds of Body sides and ends', '3', 0)).toMatchObject({
      kind: 'section',
      section: 'sides',
      seen: 3,
      set: { rounds: { filler: 3 } },
    });
    expect(await type('Largest hollow of Body sides and ends', '0.1', 1)).toMatchObject({
      set: { stopRule: { hollowMm: 0.1, lastDay: null } },
    });
    expect(await type('Last day for a round of Body sides and ends', '2027-01-05', 2)).toMatchObject({
      set: { stopRule: { hollowMm: null, lastDay: '2027-01-05' } },
    });
  });

  test('says what one more round costs: the last block and its primer', () => {
    draw(room);
    show('Rounds');
    const sides = labelled('section', 'Rounds of Body sides and ends');
    expect(sides.getByText('One more round costs')).toBeInTheDocument();
    expect(sides.getByText(/dm² marked|come down to about/)).toBeInTheDocument();
  });
});

describe('order, hand, more work, releases', () => {
  test('a person and an order are sent; refusals stand at the field', async () => {
    sent.mockResolvedValue(
      answer(422, { status: 'faulty', faults: [{ place: 'set.after', reason: 'which waits for it' }] }),
    );
    draw(room);
    choose('sides/mask');
    fireEvent.change(screen.getByLabelText('Step this one is to come after'), {
      target: { value: 'sides/polish-fine' },
    });
    expect(await screen.findByRole('alert')).toHaveTextContent('which waits for it');
    expect(posted(sent, 0)).toMatchObject({
      kind: 'step',
      step: 'sides/mask',
      set: { after: 'sides/polish-fine' },
    });
  });

  test('a step is added after the one selected, in its section, hours as person-minutes', async () => {
    draw(room);
    choose('sides/mask');
    show('Add a step after this one');
    const form = labelled('form', 'Added step');
    fireEvent.change(form.getByLabelText('Operation'), { target: { value: 'turn-over' } });
    fireEvent.change(form.getByLabelText('Person-hours'), { target: { value: 'two' } });
    fireEvent.click(form.getByText('Add', { selector: 'button' }));
    expect(await form.findByRole('alert')).toHaveTextContent('Person-hours must be a figure');
    fireEvent.change(form.getByLabelText('Person-hours'), { target: { value: '1.5' } });
    fireEvent.click(form.getByText('Add', { selector: 'button' }));
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toEqual({
      kind: 'add-step',
      job: 'P-014',
      step: {
        operation: 'turn-over',
        name: '',
        section: 'sides',
        after: 'sides/mask',
        personMinutes: 90,
        before: null,
        note: '',
      },
    });
  });

  test('only licensed holds and approvals are released, a licensed hold not without its licence', () => {
    const given = (code: string) => {
      const { cautions } = operationOf(code);
      return { operation: code, cautions: [...cautions] };
    };
    expect(isReleased(given('weigh'))).toBe('licence');
    expect(isReleased(given('approve-sample'))).toBe('approval');
    expect(isReleased(given('mask'))).toBeNull();
  });

  test('the acceptance of a first article goes out with name and day', async () => {
    const sample = plan.steps.find((step) => step.operation === 'approve-sample')!;
    const first = { ...sample, operation: 'approve-first' };
    draw(<StepRelease job="P-014" step={first} signOffs={{}} today="2026-12-24" />);
    const form = labelled('form', 'Release');
    fireEvent.change(form.getByLabelText('Name'), { target: { value: 'the owner' } });
    fireEvent.click(form.getByText('Enter the approval', { selector: 'button' }));
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toMatchObject({
      kind: 'sign-off',
      signOff: { step: sample.key, name: 'the owner', licence: '', date: '2026-12-24' },
    });
  });

  test('a rate is typed for this job alone, and taken back by leaving it empty', async () => {
    const mask = plan.steps.find((step) => step.operation === 'mask' && step.state === 'planned')!;
    draw(room);
    choose(mask.key);
    const field = screen.getByLabelText(`Rate of ${mask.name} on this job`);
    fireEvent.change(field, { target: { value: '7.5' } });
    fireEvent.blur(field);
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toMatchObject({ kind: 'job', set: { rates: { mask: 7.5 } } });
  });

  test('a look at a sample says where its verdict is written down', () => {
    draw(room);
    choose(plan.steps.find((step) => step.operation === 'approve-sample')!.key);
    expect(screen.getByRole('link', { name: /Scheme, Colours, Samples/ })).toHaveAttribute(
      'href',
      '/jobs/P-014/scheme',
    );
    expect(screen.queryByRole('form', { name: 'Release' })).toBeNull();
  });
});

describe('operations in the Shop', () => {
  const own = { operations: [{ ...operationOf('wash'), rate: 4 }], versions: { wash: 2 } };
  const daysOff = Object.fromEntries(shop.people.map((person) => [person.id, []]));
  const drawShop = () => {
    draw(
      <ShopRoom
        keeping={null}
        accounts={null}
        notes={{ notes: [], names: {} }}
        {...shopProps(shop, { shop: 4 }, daysOff, 'shop', 0, own)}
      />,
    );
    show('Operations');
  };

  test('are found by a word; what was changed here says so', () => {
    drawShop();
    expect(row('Wash and degrease', 'button')).toHaveTextContent('changed here');
    fireEvent.change(document.querySelector('input[type="search"]')!, { target: { value: 'polish' } });
    expect(screen.queryByText('Wash and degrease')).toBeNull();
    expect(row('Cut and polish', 'button')).toBeInTheDocument();
  });

  test('a figure of the sheet goes out with the whole entry; the catalogue’s entry can come back', async () => {
    drawShop();
    show('Wash and degrease');
    const field = within(document.querySelector('aside')!).getByLabelText('Fixed');
    fireEvent.change(field, { target: { value: '15' } });
    fireEvent.blur(field);
    await waitFor(() => expect(edits()).toHaveLength(1));
    const [call] = sent.mock.calls.flatMap(([path], i) => (path === '/api/edit' ? [i] : []));
    expect(posted(sent, call!)).toMatchObject({
      kind: 'operation',
      code: 'wash',
      seen: 2,
      entry: { fixedMin: 15, rate: 4 },
    });
    show('Return to the catalogue’s entry');
    await waitFor(() => expect(edits()).toHaveLength(2));
    const last = sent.mock.calls.findLastIndex(([path]) => path === '/api/edit');
    expect(posted(sent, last)).toEqual({ kind: 'operation', code: 'wash', seen: 2, entry: null });
  });

  test('a new one takes its code from its name and its place from the state it comes before', async () => {
    drawShop();
    show('New operation');
    const form = labelled('form', 'New operation');
    fireEvent.change(form.getByLabelText('Name of the operation'), { target: { value: 'Ionise the body' } });
    fireEvent.change(form.getByLabelText('Person-minutes a square metre'), { target: { value: '1,5' } });
    fireEvent.click(form.getByText('Add', { selector: 'button' }));
    await waitFor(() => expect(edits()).toHaveLength(1));
    expect(posted(sent, 0)).toMatchObject({
      kind: 'operation',
      code: 'ionise-the-body',
      seen: null,
      entry: { name: 'Ionise the body', rate: 1.5, before: ['masked'], needs: [] },
    });
  });
});
