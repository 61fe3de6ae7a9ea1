import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { PlannedStep } from '@/core/plan';
import { minuteAt } from '@/core/units';
import { SavingProvider } from '../frame/saving';
import { answer, posted } from '../room.fixture';
import { StepPin } from './step-pin';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));

const sent = jest.fn();
const zone = 'Europe/London';
const at = (date: string, hour: number) => minuteAt(date, hour * 60, zone);
const room = (start: number, pinnedAt: number | null, seen: number | null = null) => (
  <SavingProvider>
    <StepPin
      job="P-014"
      step={{ key: 'block', start, pinnedAt } as PlannedStep}
      seen={seen}
      timeZone={zone}
    />
  </SavingProvider>
);
const fields = () => [
  screen.getByLabelText('Pinned to the day'),
  screen.getByLabelText('Pinned to the time'),
];
const type = (values: [string, string]) =>
  fields().forEach((field, i) => fireEvent.change(field, { target: { value: values[i] } }));

beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

test('a pin is typed by the wall clock of the shop and sent as a minute, in summer time too', async () => {
  render(room(at('2027-01-04', 8), null));
  type(['2027-06-07', '09:30']);
  fireEvent.click(screen.getByRole('button', { name: 'Pin' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  // 7 June 2027 is day 20 976 since 1970; 09:30 in London is 08:30 by UTC.
  expect(posted(sent, 0)).toEqual({
    kind: 'step',
    job: 'P-014',
    step: 'block',
    seen: null,
    set: { startAt: 20_976 * 1440 + 510 },
  });
});

test('nothing half typed is sent', () => {
  render(room(at('2027-01-04', 8), null));
  type(['', '09:30']);
  expect(screen.getByRole('button', { name: 'Pin' })).toBeDisabled();
});

test('a pin set elsewhere, by dragging, shows in the fields; what it cannot reach is said', () => {
  const { rerender } = render(room(at('2027-01-04', 8), null));
  expect(fields().map((field) => (field as HTMLInputElement).value)).toEqual(['2027-01-04', '08:00']);
  rerender(room(at('2027-01-07', 9), at('2027-01-06', 13), 1));
  expect(fields().map((field) => (field as HTMLInputElement).value)).toEqual(['2027-01-06', '13:00']);
  expect(screen.getByText(/Pinned to Wed 6 Jan 13:00; it can begin Thu 7 Jan 09:00/)).toBeInTheDocument();
});

test('a pin is taken out with what was seen of it', async () => {
  render(room(at('2027-01-06', 13), at('2027-01-06', 13), 4));
  fireEvent.click(screen.getByRole('button', { name: 'Take the pin out' }));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toMatchObject({ seen: 4, set: { startAt: null } });
});
