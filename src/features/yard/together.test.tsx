import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { newQueryClient } from '../frame/asking';
import { answer } from '../room.fixture';
import { Together } from './together';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  refresh.mockReset();
  global.fetch = sent;
});

const figures = (finishDate: string, lateDays = 0) => ({
  labourMin: 600,
  materialsMinor: 1000,
  boothMin: 300,
  passes: 2,
  finishDate,
  lateDays,
});
const proposal = {
  token: 'f3c1a4de-0000-4000-8000-000000000000',
  order: ['P-2', 'P-1'],
  orders: 3,
  rows: [
    {
      job: 'P-1',
      name: 'Van',
      promised: '2027-01-22',
      moved: 4,
      agreed: figures('2027-01-25', 3),
      together: figures('2027-01-21'),
    },
    {
      job: 'P-2',
      name: 'Boat',
      promised: '2027-02-01',
      moved: 0,
      agreed: null,
      together: figures('2027-02-02', 1),
    },
  ],
};
const click = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('proposed, compared, accepted for all', async () => {
  sent
    .mockResolvedValueOnce(answer(200, proposal))
    .mockResolvedValueOnce(answer(200, { status: 'accepted' }));
  render(
    <QueryClientProvider client={newQueryClient()}>
      <Together />
    </QueryClientProvider>,
  );
  click('Plan all jobs together');
  const row = await screen.findByRole('row', { name: /^P-1 Van/ });
  expect(row).toHaveTextContent('Mon 25 Jan 3 d late');
  expect(row).toHaveTextContent('Thu 21 Jan');
  expect(screen.getByText(/no order of the jobs keeps every promise/)).toBeInTheDocument();
  click('Accept for all 2 jobs');
  await waitFor(() => expect(refresh).toHaveBeenCalled());
  expect(JSON.parse(sent.mock.calls[1]![1].body)).toEqual({ token: proposal.token });
});

test('when something moved on nothing is accepted, and it says so; it can be left', async () => {
  sent
    .mockResolvedValueOnce(answer(200, proposal))
    .mockResolvedValueOnce(answer(409, { status: 'conflict' }));
  render(
    <QueryClientProvider client={newQueryClient()}>
      <Together />
    </QueryClientProvider>,
  );
  click('Plan all jobs together');
  await screen.findByRole('row', { name: /^P-1 Van/ });
  click('Accept for all 2 jobs');
  expect(await screen.findByText(/Not accepted: something has changed since/)).toBeInTheDocument();
  expect(refresh).not.toHaveBeenCalled();
});

test('no open job, and no answer, are said', async () => {
  sent.mockResolvedValueOnce(answer(422, { faults: [{ place: '', reason: 'no job is open' }] }));
  render(
    <QueryClientProvider client={newQueryClient()}>
      <Together />
    </QueryClientProvider>,
  );
  click('Plan all jobs together');
  expect(await screen.findByText('no job is open')).toBeInTheDocument();
  sent.mockRejectedValueOnce(new Error('gone'));
  click('Plan all jobs together');
  expect(await screen.findByText('Coatrel does not answer.')).toBeInTheDocument();
});
