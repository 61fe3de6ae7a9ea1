import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { BaysRoom } from './bays/bays-room';
import { baysProps } from './bays/bays-props';
import { Keys } from './frame/keys';
import { ThemeSwitch } from './frame/theme-switch';
import { answer, draw, job, jobs, plan, posted, productName, shelf, shop } from './room.fixture';
import { shopProps } from './shop/shop-props';
import { ShopRoom } from './shop/shop-room';
import { walkaroundProps } from './walkaround/walkaround-props';
import { WalkaroundRoom } from './walkaround/walkaround-room';

const push = jest.fn();
const refresh = jest.fn();
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push, refresh }),
  usePathname: () => '/jobs/P-014/walkaround',
}));
const sent = jest.fn();

beforeEach(() => {
  for (const mock of [push, refresh, sent]) mock.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
  global.ResizeObserver = class {
    observe() {}
    disconnect() {}
    unobserve() {}
  } as unknown as typeof ResizeObserver;
  window.location.hash = '';
});

const type = (label: string | RegExp, value: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
};
const lastSent = async () => {
  await waitFor(() => expect(sent).toHaveBeenCalled());
  return posted(sent, sent.mock.calls.length - 1);
};

const versions = Object.fromEntries([
  ['P-014', 3],
  ...job.sections.map((section) => [`P-014/${section.key}`, 2]),
]);
const walkaround = <WalkaroundRoom {...walkaroundProps(job, versions, plan, shop, productName)} />;

describe('every figure of the job goes out as its own edit', () => {
  test.each([
    ['Length', '8.1', { dimensions: { length: 8.1 } }],
    ['Height', '2.9', { dimensions: { height: 2.9 } }],
    ['Glass in the sides', '30', { dimensions: { sideGlass: 30 } }],
    ['Arrives', '2026-11-30', { arrival: '2026-11-30' }],
    ['Promised', '2027-02-26', { promised: '2027-02-26' }],
    ['Cap, labour', '950', { capLabourHours: 950 }],
    ['Cap, materials', '6100.25', { capMaterialsMinor: 610025 }],
    ['Cap, booth', '140.5', { capBoothHours: 140.5 }],
  ])('%s', async (label, value, set) => {
    draw(walkaround);
    type(label, value);
    expect(await lastSent()).toEqual({ kind: 'job', job: 'P-014', seen: 3, set });
  });

  test('what a day of its lateness counts', async () => {
    draw(walkaround);
    const label = 'Counts when late, beside another job';
    expect(screen.getByLabelText(label)).toHaveValue('1');
    fireEvent.change(screen.getByLabelText(label), { target: { value: '3' } });
    expect(await lastSent()).toEqual({ kind: 'job', job: 'P-014', seen: 3, set: { weight: 3 } });
  });

  test('the level of the job', async () => {
    draw(walkaround);
    fireEvent.change(screen.getByLabelText('Level'), { target: { value: 'Mirror' } });
    expect(await lastSent()).toEqual({ kind: 'job', job: 'P-014', seen: 3, set: { level: 'Mirror' } });
  });
});

describe('every choice of a section goes out as its own edit', () => {
  test.each([
    ['Level of Roof', 'Work', { level: 'Work' }],
    ['Substrate of Roof', 'plastic', { substrate: 'plastic' }],
    ['Old finish of Roof', 'peeling-clear', { oldFinish: 'peeling-clear' }],
    ['How far down of Roof', 'stable', { depth: 'stable' }],
    ['Coat system of Roof', 'single-stage', { system: 'single-stage' }],
  ])('%s', async (label, value, set) => {
    draw(walkaround);
    fireEvent.click(screen.getByRole('option', { name: 'R1 roof 1' }));
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
    expect(await lastSent()).toEqual({ kind: 'section', job: 'P-014', section: 'roof', seen: 2, set });
  });

  test('a coach is not offered the systems of hulls', () => {
    draw(walkaround);
    fireEvent.click(screen.getByRole('option', { name: 'R1 roof 1' }));
    const offered = within(screen.getByLabelText('Coat system of Roof'))
      .getAllByRole('option')
      .map((option) => option.textContent);
    expect(offered).toEqual(expect.arrayContaining(['Base and clear', 'Single stage', 'Candy over silver']));
    expect(offered.filter((name) => /marine|antifouling|varnish/i.test(name ?? ''))).toEqual([]);
  });
});

const chosenPanel = () =>
  screen.getAllByRole('option', { selected: true }).find((one) => one.id.startsWith('part-'))!;

describe('the net by keyboard', () => {
  test('arrows walk from panel to panel, and the inspector follows', () => {
    draw(walkaround);
    const net = screen.getByRole('listbox', { name: 'Net of panels, to scale' });
    fireEvent.keyDown(net, { key: 'ArrowRight' });
    const first = chosenPanel();
    fireEvent.keyDown(net, { key: 'ArrowRight' });
    const second = chosenPanel();
    expect(second).not.toBe(first);
    expect(net).toHaveAttribute('aria-activedescendant', second.id);
    expect(screen.getByLabelText('Outside area of this panel')).toBeInTheDocument();
  });

  test('the address can name a panel or a section', () => {
    window.location.hash = '#roof';
    draw(walkaround);
    expect(chosenPanel()).toHaveAccessibleName(/roof/);
  });
});

describe('the shop', () => {
  const awayOf = Object.fromEntries(
    shop.people.map((person) => [person.id, person.daysOff.map((_, i) => `${person.id}-${i}`)]),
  );
  const props = shopProps(
    shop,
    { shop: 4, ...Object.fromEntries(Object.values(awayOf).flatMap((ids) => ids.map((id) => [id, 6]))) },
    awayOf,
    'shop',
    0,
  );

  test('loud hours are typed by the wall clock; what is no time is not sent', async () => {
    draw(<ShopRoom keeping={null} accounts={null} notes={{ notes: [], names: {} }} {...props} />);
    type('Loud work until', 'six');
    expect(await screen.findByText('a time such as 07:30')).toBeInTheDocument();
    expect(sent).not.toHaveBeenCalled();
    type('Loud work until', '17:15');
    const loudHours = { fromMin: 450, toMin: 1035, weekends: false };
    expect(await lastSent()).toEqual({ kind: 'shop', seen: 4, set: { loudHours } });
  });

  test('where the shop stands can be forgotten, and a bay be outdoors', async () => {
    draw(<ShopRoom keeping={null} accounts={null} notes={{ notes: [], names: {} }} {...props} />);
    fireEvent.click(screen.getByRole('button', { name: 'Forget where' }));
    expect(await lastSent()).toEqual({ kind: 'shop', seen: 4, set: { site: null } });
    fireEvent.click(screen.getByLabelText('Bay 1 stands outdoors'));
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
    expect(await lastSent()).toMatchObject({ kind: 'place', place: 'bay-1', set: { outdoors: true } });
  });

  test.each([
    ['Booth', '41', { boothRateMinorPerHour: 4100 }],
    ['Labour', '0', { labourRateMinorPerHour: 0 }],
  ])('the hourly rate of %s', async (label, value, set) => {
    draw(<ShopRoom keeping={null} accounts={null} notes={{ notes: [], names: {} }} {...props} />);
    type(label, value);
    expect(await lastSent()).toEqual({ kind: 'shop', seen: 4, set });
  });

  test('every person and place is listed by name', () => {
    draw(<ShopRoom keeping={null} accounts={null} notes={{ notes: [], names: {} }} {...props} />);
    for (const { name } of [...shop.people, ...shop.places])
      expect(screen.getByRole('row', { name: new RegExp(`^${name}`) })).toBeInTheDocument();
  });
});

describe('when the server says no', () => {
  test.each([
    [409, { why: 'changed' }, /somebody changed this since you saw it/],
    [409, { why: 'gone' }, /somebody removed this/],
    [422, { faults: [{ place: 'set', reason: 'must be at most 15' }] }, /must be at most 15/],
    [503, { faults: [{ place: '', reason: 'the disk is full' }] }, /the disk is full/],
    [500, {}, /the server could not take it/],
  ])('%d: the reason stands at the field and what was typed stays', async (status, body, words) => {
    sent.mockResolvedValue(answer(status, body));
    draw(walkaround);
    type('Length', '99');
    expect(await screen.findByRole('alert')).toHaveTextContent(words);
    expect(screen.getByLabelText('Length')).toHaveValue(99);
    expect(screen.getByLabelText('Length')).toHaveAttribute('aria-invalid', 'true');
  });
});

describe('finding and keys', () => {
  const findables = [
    { text: 'R1 roof 1', kind: 'part', href: '/jobs/P-014/walkaround#R1' },
    { text: 'Block, round 1 of 2', kind: 'step', href: '/jobs/P-014/steps#a' },
    { text: 'Block, round 2 of 2', kind: 'step', href: '/jobs/P-014/steps#b' },
  ];

  test('/ opens it, arrows choose, Enter goes there', async () => {
    draw(<Keys job="P-014" findables={findables} />);
    fireEvent.keyDown(document.body, { key: '/' });
    const field = await screen.findByLabelText('Find');
    fireEvent.change(field, { target: { value: 'block round' } });
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(push).toHaveBeenCalledWith('/jobs/P-014/steps#b');
    await waitFor(() => expect(screen.queryByLabelText('Find')).toBeNull());
  });

  test('a name that is none is said', async () => {
    draw(<Keys job="P-014" findables={findables} />);
    fireEvent.keyDown(document.body, { key: '/' });
    fireEvent.change(await screen.findByLabelText('Find'), { target: { value: 'rudder' } });
    expect(screen.getByText('Nothing of that name in this job.')).toBeInTheDocument();
  });

  test('? shows the keys', async () => {
    draw(<Keys job="P-014" findables={[]} />);
    fireEvent.keyDown(document.body, { key: '?' });
    expect(await screen.findByRole('dialog', { name: 'Keys' })).toHaveTextContent('undo your last edit');
  });

  test('outside a job the numbers go nowhere', () => {
    draw(<Keys job={null} findables={[]} />);
    fireEvent.keyDown(document.body, { key: 'g' });
    fireEvent.keyDown(document.body, { key: '3' });
    expect(push).not.toHaveBeenCalled();
  });
});

test('light and dark change at once and are kept in a cookie', () => {
  draw(<ThemeSwitch />);
  const button = screen.getByRole('button', { name: 'Change between light and dark' });
  fireEvent.click(button);
  expect(document.documentElement.dataset.theme).toBe('dark');
  expect(document.cookie).toContain('coatrel-theme=dark');
  fireEvent.click(button);
  expect(document.documentElement.dataset.theme).toBe('light');
});

describe('Bays', () => {
  const others = jobs.flatMap((one) =>
    one.agreed && one.job.number !== 'P-014' ? [{ job: one.job, plan: one.agreed }] : [],
  );
  const room = <BaysRoom {...baysProps({ job, plan }, others, shop, shelf)} />;

  test('lists the windows that are still to be met, and no other', () => {
    draw(room);
    const inspector = screen.getByRole('complementary', { name: 'End and windows' });
    const ahead = plan.windows.filter(
      (window) => plan.steps.find((step) => step.key === window.to)!.state !== 'done',
    );
    expect(within(inspector).getAllByText('closes')).toHaveLength(ahead.length);
  });

  test('the scale goes from a fortnight to the whole job and back', () => {
    draw(room);
    const fortnight = screen.getByRole('button', { name: 'Fortnight' });
    expect(fortnight).toHaveAttribute('aria-pressed', 'true');
    fireEvent.click(screen.getByRole('button', { name: 'Job' }));
    expect(fortnight).toHaveAttribute('aria-pressed', 'false');
    expect(screen.getByRole('button', { name: 'Job' })).toHaveAttribute('aria-pressed', 'true');
  });
});
