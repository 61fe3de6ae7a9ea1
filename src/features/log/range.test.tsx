import { act, fireEvent, screen, within } from '@testing-library/react';
import { useState } from 'react';
import type { ForecastTold } from '@/core/forecast';
import { ForecastProvider } from '../frame/forecast';
import { draw, job, plan, shop } from '../room.fixture';
import { inTen } from '../words/forecast-words';
import { logProps } from './log-props';
import { RangeView } from './range-view';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/log',
}));
jest.mock('./range-charts', () => ({ SpreadChart: () => null, MovedChart: () => null }));

const spread = (p80: number) => ({ p50: p80 - 600, p80, p95: p80 + 600 });
const day = (onDate: string, p80: string) => ({
  onDate,
  p80,
  promised: '2027-01-22',
  planned: '2027-01-22',
  p50: '2027-01-25',
  kept: 0.3,
  plannedLabourMin: 6000,
  p50LabourMin: 6000,
  p80LabourMin: 7200,
});
const told: ForecastTold = {
  job: {
    job: 'P-014',
    draws: 400,
    kept: 0.3,
    finish: { p50: '2027-01-25', p80: '2027-01-29', p95: '2027-02-05' },
    days: [
      { date: '2027-01-22', draws: 120 },
      { date: '2027-01-25', draws: 280 },
    ],
    labourMin: spread(12000),
    materialsMinor: spread(500000),
    boothMin: spread(3000),
    costMinor: spread(4000000),
    drivers: [{ step: 'sides/block-2', name: 'Block', subject: 'Body sides', rho: 0.53, planned: 0 }],
    windows: [{ step: 'epoxy', opens: 'Etch, wings', closes: 'Epoxy, wings', missed: 0.2 }],
  },
  events: [{ code: 'dirt', perDraw: 2.9 }],
  days: [day('2026-12-23', '2027-01-28'), day('2026-12-24', '2027-01-29')],
  committed: { labourMin: 9000, materialsMinor: 127300, boothMin: null },
};

const props = () => ({
  ...logProps(job, plan, { shop, shelf: new Map(), now: 0, phaseName: (phase) => phase }),
  prompts: {},
});
const answerWith = (status: number, body: unknown) => {
  global.fetch = jest.fn().mockResolvedValue({ ok: status === 200, status, json: async () => body });
};
function Shown() {
  const [hash, setHash] = useState('a');
  return (
    <ForecastProvider job="P-014" inputHash={hash}>
      <button onClick={() => setHash('b')}>edit</button>
      <RangeView {...props()} />
    </ForecastProvider>
  );
}
const shown = async () => {
  const view = draw(<Shown />);
  await act(() => jest.advanceTimersByTimeAsync(1500));
  return view;
};

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('asks once the plan stands still, and tells the days, the budgets at completion and what moves the end', async () => {
  answerWith(200, told);
  await shown();
  expect(global.fetch).toHaveBeenCalledTimes(1);
  const ends = screen.getByRole('region', { name: 'When it ends' });
  expect(within(ends).getByText(/Fri 29 Jan/, { selector: 'dd' })).toHaveTextContent('Fri 29 Jan P80');
  expect(within(ends).getByText('3 in 10 kept')).toBeInTheDocument();
  fireEvent.click(within(ends).getByRole('button', { name: 'Table' }));
  expect(within(ends).getByRole('table', { name: 'Draws by day' })).toHaveTextContent('Mon 25 Jan280');
  const completion = screen.getByRole('table', { name: 'At completion' });
  expect(within(completion).getByRole('row', { name: /^Labour/ })).toHaveTextContent(/150.*190.*200.*210/);
  expect(within(completion).getByRole('row', { name: /^Booth/ })).toHaveTextContent('–');
  expect(screen.getByRole('link', { name: 'Block, Body sides' })).toHaveAttribute(
    'href',
    `/jobs/${job.number}/steps#sides%2Fblock-2`,
  );
  expect(screen.getByText('A window closes first: 2 in 10')).toBeInTheDocument();
  const moved = screen.getByRole('table', { name: 'Forecast by day' });
  expect(within(moved).getAllByRole('row')[1]).toHaveTextContent('Thu 24 Dec');
});

test('while the plan moves on the older range stays, and says so', async () => {
  answerWith(200, told);
  await shown();
  fireEvent.click(screen.getByRole('button', { name: 'edit' }));
  expect(screen.getByRole('status')).toHaveTextContent('drawing anew');
  await act(() => jest.advanceTimersByTimeAsync(1500));
  expect(screen.getByRole('status')).toHaveTextContent('');
  expect(global.fetch).toHaveBeenCalledTimes(2);
});

test('a finished job has none, and a failure is said', async () => {
  answerWith(404, {});
  const view = await shown();
  expect(screen.getByText(/nothing left to forecast/)).toBeInTheDocument();
  view.unmount();
  answerWith(500, {});
  await shown();
  expect(screen.getByText(/could not be drawn/)).toBeInTheDocument();
});

test.each([
  [1, 'nearly always'],
  [0.96, 'more than 9 in 10'],
  [0.84, '8 in 10'],
  [0.04, 'less than 1 in 10'],
  [0, 'hardly ever'],
])('a share of %d is said as “%s”', (share, words) => {
  expect(inTen(share)).toBe(words);
});
