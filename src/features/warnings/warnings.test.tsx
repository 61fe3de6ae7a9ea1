import { fireEvent, screen, within } from '@testing-library/react';
import { answer, draw, job, plan, shop, view } from '../room.fixture';
import { changeGround } from '../what-if/change-ground';
import type { Remedies } from './remedies';
import { StationWarnings } from './station-warnings';
import { measureText } from './warnings-shown';
import { WarningsView } from './warnings-view';

let path = '/jobs/P-014/film';
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => path,
}));

const sent = jest.fn();
const onStep = jest.fn();
beforeEach(() => {
  sent.mockReset();
  global.fetch = sent;
});

const ground = changeGround(job, [], shop, {});
const thin = view.warnings.find((one) => one.text.startsWith('Front wings: 2 clear coats typed'))!;
const figures = {
  labourMin: 51_000,
  materialsMinor: 560_000,
  boothMin: 3780,
  passes: 9,
  finishDate: plan.finishDate,
  lateDays: 0,
};

test('the coach’s front wings lack two clears: what it rests on, figure and limit, where it is put right', () => {
  draw(<WarningsView job="P-014" warnings={view.warnings} ground={ground} at="" onStep={onStep} />);
  const line = screen.getByText(thin.text).closest('li')!;
  expect(within(line).getByText(/^Film left after sanding · 2 of 4 coats/)).toBeInTheDocument();
  expect(within(line).getByRole('link', { name: 'Film' })).toHaveAttribute('href', '/jobs/P-014/film');
});

test('a station shows its own alone, and says so where it has none', () => {
  const { unmount } = draw(
    <WarningsView job="P-014" warnings={view.warnings} ground={ground} at="film" onStep={onStep} />,
  );
  const own = view.warnings.filter((one) => one.station === 'film').length;
  expect(screen.getByRole('list', { name: 'Warnings' }).children).toHaveLength(own);
  unmount();
  draw(<WarningsView job="P-014" warnings={view.warnings} ground={ground} at="log" onStep={onStep} />);
  expect(screen.getByText('Nothing is to be put right there.')).toBeInTheDocument();
});

test('its step is shown beside the warnings', () => {
  const due = view.warnings.find((one) => one.step !== null)!;
  draw(<WarningsView job="P-014" warnings={[due]} ground={ground} at="" onStep={onStep} />);
  fireEvent.click(screen.getByRole('button', { name: 'Its step' }));
  expect(onStep).toHaveBeenCalledWith(due.step);
});

test('a plan without warnings says that nothing is at risk', () => {
  draw(<WarningsView job="P-014" warnings={[]} ground={ground} at="" onStep={onStep} />);
  expect(screen.getByText(/No window, film, budget or date is at risk/)).toBeInTheDocument();
});

describe('what helps', () => {
  const open = (remedies: Remedies) => {
    sent.mockResolvedValue(answer(200, remedies));
    draw(<WarningsView job="P-014" warnings={[thin]} ground={ground} at="" onStep={onStep} />);
    fireEvent.click(screen.getByRole('button', { name: 'What helps' }));
  };

  test('asks by the key of the warning; a remedy shows its cost, what it brings, and can be taken by name', async () => {
    open({
      status: 'tried',
      base: figures,
      tried: [
        {
          change: { kind: 'coats', sections: ['wings'], role: 'clear', coats: 4 },
          figures: { ...figures, labourMin: 51_120, materialsMinor: 562_500 },
          settles: true,
          alsoSettles: [],
          brings: [{ grade: 'caution', text: 'Materials: £5,625 planned, cap £5,600.' }],
        },
        {
          change: { kind: 'ladder', section: 'wings', ladder: 'discs' },
          figures: { ...figures, labourMin: 50_880 },
          settles: false,
          alsoSettles: [],
          brings: [],
        },
      ],
    });
    expect(await screen.findByText('4 clear coats on Front wings')).toBeInTheDocument();
    expect(sent.mock.calls[0]![0]).toBe(`/api/jobs/P-014/remedies?warning=${encodeURIComponent(thin.key)}`);
    // 120 min are two hours, 2500 pence 25 pounds.
    expect(screen.getByText(/\+2\.0 h labour, ±0 h booth, materials \+£25$/)).toBeInTheDocument();
    expect(screen.getByText('It brings')).toBeInTheDocument();
    expect(screen.getByText('Materials: £5,625 planned, cap £5,600.')).toBeInTheDocument();
    expect(screen.getByText('Planned, and not enough:')).toBeInTheDocument();
    expect(
      screen.getByText(/^Front wings sanded damp discs 1500, 3000, cut and polish: /),
    ).toBeInTheDocument();
    expect(screen.getAllByText('Take it into the job')).toHaveLength(1);
  });

  test('a warning that only comes of accepted starts says how to get rid of it', async () => {
    open({ status: 'gone' });
    expect(await screen.findByText(/the job has no such warning/)).toBeInTheDocument();
  });

  test('a refusal is told in the server’s words', async () => {
    sent.mockResolvedValue(answer(503, { faults: [{ reason: 'Coatrel is busy; try again in a moment' }] }));
    draw(<WarningsView job="P-014" warnings={[thin]} ground={ground} at="" onStep={onStep} />);
    fireEvent.click(screen.getByRole('button', { name: 'What helps' }));
    expect(await screen.findByText('Coatrel is busy; try again in a moment')).toBeInTheDocument();
  });
});

test('above a station stands its gravest warning, and nothing where it has none', () => {
  const { unmount } = draw(<StationWarnings job={view} />);
  expect(screen.getByText(thin.text)).toBeInTheDocument();
  expect(screen.getByRole('link')).toHaveAttribute('href', '/jobs/P-014/steps?view=warnings&at=film');
  unmount();
  path = '/jobs/P-014/handover';
  draw(<StationWarnings job={view} />);
  expect(screen.queryByRole('link')).toBeNull();
});

test.each([
  [{ figure: 1200, limit: 1428, unit: 'min' as const }, '20 h, limit 23 h 48'],
  [{ figure: 5701, limit: 5400, unit: 'min' as const }, '95.0 h, limit 90.0 h'],
  [{ figure: 14.1, limit: 30, unit: 'µm' as const }, '14.1 µm, limit 30 µm'],
  [{ figure: 2, limit: 4, unit: 'coats' as const }, '2 of 4 coats'],
  [{ figure: 1, limit: 0, unit: 'days' as const }, '1 day'],
  [{ figure: 650_000, limit: 600_000, unit: 'minor' as const }, '£6,500, limit £6,000'],
])('%j reads %s', (measure, text) => {
  expect(measureText(measure, { timeZone: 'Europe/London', currency: 'GBP' })).toBe(text);
});
