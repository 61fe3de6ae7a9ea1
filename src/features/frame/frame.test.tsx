import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Meter } from '@/ui/meter';
import { Notice } from '@/ui/notice';
import { nextNumber } from '../new-job/form-choices';
import type { NetPart } from '../walkaround/net-panel';
import { neighbourOf } from '../walkaround/net-picture';
import { DayProvider, useDay } from './day';
import { EditText } from './edit-field';
import { findMatches } from './find';
import { SavingProvider } from './saving';
import { differenceWords } from './strip';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh, push: jest.fn() }),
  usePathname: () => '/',
}));

describe('finding', () => {
  const list = [
    { text: 'Block, round 1 of 2, Roof', kind: 'step', href: '1' },
    { text: 'Roof', kind: 'section', href: '2' },
    { text: 'Urethane clear 2:1', kind: 'product', href: '3' },
  ];

  test('all words in any order and case, in the name or the kind', () => {
    expect(findMatches(list, 'ROOF block').map((one) => one.href)).toEqual(['1']);
    expect(findMatches(list, 'roof').map((one) => one.href)).toEqual(['1', '2']);
    expect(findMatches(list, 'product').map((one) => one.href)).toEqual(['3']);
    expect(findMatches(list, '  ')).toEqual([]);
  });
});

describe('the number proposed for a new job', () => {
  test('follows the highest, keeps its letters and its width', () => {
    expect(nextNumber(['P-011', 'P-016', 'P-009'])).toBe('P-017');
    expect(nextNumber(['B-9', 'B-99'])).toBe('B-100');
    expect(nextNumber([])).toBe('P-001');
  });
});

describe('walking the net', () => {
  const square = (key: string, x: number, y: number): Pick<NetPart, 'key' | 'outline'> => ({
    key,
    outline: [
      [x, y],
      [x + 1, y],
      [x + 1, y + 1],
      [x, y + 1],
    ],
  });
  const parts = [square('a', 0, 0), square('b', 1, 0), square('c', 3, 0), square('d', 0, 1.5)];

  test('arrows go to the nearest panel in their direction, and nowhere from the edge', () => {
    expect(neighbourOf(parts, 'a', 'ArrowRight')).toBe('b');
    expect(neighbourOf(parts, 'b', 'ArrowRight')).toBe('c');
    expect(neighbourOf(parts, 'a', 'ArrowDown')).toBe('d');
    expect(neighbourOf(parts, 'a', 'ArrowLeft')).toBeNull();
    expect(neighbourOf(parts, 'a', 'Enter')).toBeNull();
  });
});

describe('working against agreed plan, in words', () => {
  const locale = { timeZone: 'Europe/London', currency: 'GBP' };
  const words = (agreed: Parameters<typeof differenceWords>[0]['agreed']) =>
    differenceWords({ agreed, locale });
  const zero = { same: false, days: 0, labourMin: 0, materialsMinor: 0, boothMin: 0 };

  test('each budget that moved, with its sign', () => {
    expect(words({ ...zero, days: 3, labourMin: -120, materialsMinor: 31200 })).toBe(
      'Against agreed: +3 d, −2.0 h, +£312',
    );
    expect(words({ ...zero, same: true })).toBe('Working plan as agreed.');
    expect(words(zero)).toBe('Starts moved against the agreed plan');
    expect(words(null)).toBe('No plan is agreed yet.');
  });
});

describe('signals and meters', () => {
  test('a signal has its word, not only its colour', () => {
    render(<Notice grade="stop">too thin</Notice>);
    expect(screen.getByText('Stop:')).toBeInTheDocument();
  });

  test('a meter says the whole in words and draws used, planned and cap to one scale', () => {
    const { container } = render(
      <Meter label="Hours" figures="50 of 100" words="Labour: 50 used" used={50} planned={80} cap={100} />,
    );
    expect(screen.getByRole('img', { name: 'Labour: 50 used' })).toBeInTheDocument();
    const widths = [...container.querySelectorAll('rect')]
      .slice(1, 3)
      .map((rect) => Number.parseFloat(rect.getAttribute('width')!));
    // The scale reaches 8 % past the larger of plan and cap: 80 / 108 and 50 / 108.
    expect(widths[0]).toBeCloseTo(74.07, 1);
    expect(widths[1]).toBeCloseTo(46.3, 1);
  });
});

describe('the day', () => {
  function Shown() {
    const { at, move, today } = useDay();
    return (
      <>
        <output>{at}</output>
        <button onClick={() => move(1)}>on</button>
        <button onClick={() => move(-30)}>back</button>
        <button onClick={today}>today</button>
      </>
    );
  }

  test('moves by days, is held within the job and comes back to now', () => {
    render(
      <DayProvider now={5000} first={1000} last={7000} timeZone="Europe/London">
        <Shown />
      </DayProvider>,
    );
    const shown = () => screen.getByRole('status').textContent;
    fireEvent.click(screen.getByText('on'));
    expect(shown()).toBe('6440');
    fireEvent.click(screen.getByText('on'));
    expect(shown()).toBe('7000');
    fireEvent.click(screen.getByText('back'));
    expect(shown()).toBe('1000');
    fireEvent.click(screen.getByText('today'));
    expect(shown()).toBe('5000');
  });
});

describe('a field that saves as it is left', () => {
  const answer = (status: number, body: unknown) =>
    ({ ok: status < 400, status, json: async () => body }) as Response;
  const draw = () =>
    render(
      <SavingProvider>
        <EditText
          label="Length"
          value="7.6"
          type="number"
          toEdit={(text) => ({
            kind: 'job',
            job: 'P-014',
            seen: 4,
            set: { dimensions: { length: Number(text) } },
          })}
        />
      </SavingProvider>,
    );
  const type = (text: string) => {
    const field = screen.getByLabelText('Length');
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };
  const sent = jest.fn();
  beforeEach(() => {
    sent.mockReset();
    refresh.mockReset();
    global.fetch = sent;
  });

  test('sends what was typed with the version that was seen, and has the page follow', async () => {
    sent.mockResolvedValue(answer(200, { status: 'saved' }));
    draw();
    type('8');
    await waitFor(() => expect(refresh).toHaveBeenCalled());
    expect(JSON.parse(sent.mock.calls[0][1].body)).toEqual({
      kind: 'job',
      job: 'P-014',
      seen: 4,
      set: { dimensions: { length: 8 } },
    });
  });

  test('sends nothing when nothing changed', async () => {
    draw();
    type('7.6');
    expect(sent).not.toHaveBeenCalled();
  });

  test('shows the reason at the field and keeps what was typed when it is refused', async () => {
    sent.mockResolvedValue(
      answer(422, {
        faults: [{ place: 'dimensions.length', reason: 'Length must lie between 2.5 and 15 m' }],
      }),
    );
    draw();
    type('99');
    expect(await screen.findByRole('alert')).toHaveTextContent('Length must lie between 2.5 and 15 m');
    expect(screen.getByLabelText('Length')).toHaveValue(99);
  });

  test('tells a second editor that somebody changed it', async () => {
    sent.mockResolvedValue(answer(409, { status: 'conflict', why: 'changed' }));
    draw();
    type('8');
    expect(await screen.findByRole('alert')).toHaveTextContent('somebody changed this');
  });

  test('says so when the server does not answer', async () => {
    sent.mockRejectedValue(new Error('no'));
    draw();
    type('8');
    expect(await screen.findByRole('alert')).toHaveTextContent('your change is not saved');
  });

  test('Escape takes back what was typed', () => {
    draw();
    const field = screen.getByLabelText('Length');
    fireEvent.change(field, { target: { value: '12' } });
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(field).toHaveValue(7.6);
  });
});
