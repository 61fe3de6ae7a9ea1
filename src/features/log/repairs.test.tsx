import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { planJob } from '@/core/plan';
import { shelfOf } from '@/core/film';
import type { Repair } from '@/core/record';
import { answer, draw, job, now, posted, shelf, shop } from '../room.fixture';
import { repairsProps } from './repairs-props';
import { RepairsView } from './repairs-view';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: jest.fn(), replace: jest.fn() }),
  usePathname: () => '/jobs/P-014/log',
  useSearchParams: () => new URLSearchParams(),
}));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

const repair = (id: string): Repair => ({
  id,
  part: 'B2L',
  kind: 'run',
  spot: 'lower edge',
  sizeMm: 40,
  onDate: '2026-12-23',
  note: '',
});
const shown = (...repairs: Repair[]) => {
  const own = { ...job, repairs };
  const plan = planJob({
    job: own,
    shop,
    shelf: shelfOf(shelf),
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  const versions = Object.fromEntries(repairs.map(({ id }) => [`${job.number}/${id}`, 1]));
  return repairsProps(own, versions, plan, shop.timeZone);
};

test('nothing is written down, and the form plans what was found', async () => {
  draw(<RepairsView {...shown()} />);
  expect(screen.getByText('No flaw is written down.')).toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('What was found'), { target: { value: 'sag' } });
  fireEvent.change(screen.getByLabelText('On panel'), { target: { value: 'B2L' } });
  fireEvent.change(screen.getByLabelText('Size, mm'), { target: { value: '80' } });
  fireEvent.click(screen.getByRole('button', { name: 'Plan the repair' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toMatchObject({
    list: 'repairs',
    item: { kind: 'sag', part: 'B2L', sizeMm: 80, spot: '' },
  });
});

test('a run shows its sub-steps in order with their minutes, and what to beware of', () => {
  draw(<RepairsView {...shown(repair('r1'))} />);
  const row = screen.getAllByRole('row')[1]!;
  const lines = within(row).getAllByRole('listitem');
  expect(lines.map((line) => line.textContent?.split(' min')[0])).toEqual([
    'Fill over the run with fine two-part putty as a guide 10',
    '400 on a stick, on the putty only, until the putty is gone 15',
    'P1000 by block on the spot 8',
    'P1500 by block on the spot 6',
    'Cut and polish the spot 8',
  ]);
  expect(row).toHaveTextContent('then it is a panel to be cleared again');
  expect(row).not.toHaveTextContent('attempt');
});

test('mending one spot until too little film is left is told at each of its rows', () => {
  const many = Array.from({ length: 6 }, (_, i) => repair(`r${i}`));
  draw(<RepairsView {...shown(...many)} />);
  expect(
    screen.getAllByText(/6 attempts at this spot would leave 0 µm of clear; 30 µm must stay/),
  ).toHaveLength(6);
});
