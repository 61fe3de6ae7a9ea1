import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { OrderProgress } from '@/workers/order-search';
import { answer, draw, locale, now } from '../room.fixture';
import { SoonerView } from './sooner-view';
import type { Looking } from './use-order-search';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/bays',
}));
const [begin, stop] = [jest.fn(), jest.fn()];
let looking: Looking = { state: 'idle' };
jest.mock('./use-order-search', () => ({ useOrderSearch: () => ({ looking, begin, stop }) }));

const figures = (finishDate: string) => ({
  labourMin: 6000,
  materialsMinor: 1,
  boothMin: 600,
  passes: 3,
  finishDate,
  lateDays: 0,
});
const sent = jest.fn();
beforeEach(() => {
  for (const mock of [begin, stop, sent]) mock.mockReset();
  sent.mockImplementation(async (path: string) =>
    path.endsWith('/changes')
      ? answer(200, { base: figures('2027-01-26'), changed: [figures('2027-01-21')] })
      : answer(200, { status: 'saved' }),
  );
  global.fetch = sent;
});

const progress = (end: number): OrderProgress => ({
  rounds: 4000,
  seconds: 5.6,
  earliest: now + 1440,
  best: { end, order: ['b', 'a'] },
});
const shown = (hasOrder = false) =>
  draw(<SoonerView job="P-016" seen={7} finish={now + 7 * 1440} hasOrder={hasOrder} locale={locale} />);

test('begins on request, and can be stopped while it looks', () => {
  looking = { state: 'idle' };
  const view = shown();
  fireEvent.click(screen.getByRole('button', { name: 'Look for a sooner end' }));
  expect(begin).toHaveBeenCalledTimes(1);
  view.unmount();
  looking = { state: 'looking', progress: progress(now + 3 * 1440) };
  shown();
  expect(screen.getByText('Sun 27 Dec 09:00')).toBeInTheDocument();
  expect(screen.getByText('4000 in 5.6 s')).toBeInTheDocument();
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(stop).toHaveBeenCalledTimes(1);
});

test('a sooner end is planned through by the server, laid beside, and taken as an edit of the job', async () => {
  looking = { state: 'ended', progress: progress(now + 3 * 1440) };
  shown();
  const proposal = await screen.findByRole('region', { name: 'The order that was found' });
  expect(within(proposal).getByRole('row', { name: /^Finish/ })).toHaveTextContent('Tue 26 JanThu 21 Jan');
  const asked = JSON.parse(sent.mock.calls[0]![1].body);
  expect(asked).toEqual({ changes: [{ kind: 'order', order: ['b', 'a'] }] });
  await act(async () => {
    fireEvent.click(within(proposal).getByRole('button', { name: 'Take this order' }));
  });
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
  expect(JSON.parse(sent.mock.calls[1]![1].body)).toEqual({
    kind: 'job',
    job: 'P-016',
    seen: 7,
    set: { placingOrder: ['b', 'a'] },
  });
});

test('nothing better leaves the plan as it is; an order that was taken can be given back', async () => {
  looking = { state: 'ended', progress: progress(now + 7 * 1440) };
  shown(true);
  expect(screen.getByText(/the plan stands/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Take this order' })).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Back to the rule' }));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(JSON.parse(sent.mock.calls[0]![1].body).set).toEqual({ placingOrder: [] });
});
