import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { DryMass } from '@/core/readings/dry-mass';
import { answer, draw, posted } from '../room.fixture';
import { DryMassTable } from './dry-mass-table';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

const mass: DryMass = {
  panels: [
    { part: 'F1L', name: 'left fuselage 1', laidKg: 0.194, removedKg: 0.323, armM: 5.1, momentKgM: -0.6579 },
    { part: 'W1LU', name: 'left wing 1', laidKg: null, removedKg: null, armM: null, momentKgM: null },
  ],
  laidKg: 0.194,
  removedKg: 0.323,
  momentKgM: -0.6579,
  unknownProducts: ['topcoat'],
};

test('what is known is summed, what is not is said, and the engineer has the last word', () => {
  draw(<DryMassTable job="P-016" mass={mass} seen={{ F1L: 3 }} productNames={['Topcoat']} />);
  expect(screen.getByRole('row', { name: /^F1L/ })).toHaveTextContent('0.1940.323');
  expect(screen.getByRole('row', { name: /^F1L/ })).toHaveTextContent('-0.66');
  expect(screen.getByRole('row', { name: /^W1LU/ })).toHaveTextContent('not knownnot known');
  expect(screen.getByRole('row', { name: /^What is known/ })).toHaveTextContent('−0.129 kg');
  expect(screen.getByText(/No sheet gives the dry density of Topcoat/)).toBeInTheDocument();
  expect(screen.getByText(/not a weighing/)).toBeInTheDocument();
});

test('a station is typed with point or comma and sent with the version that was seen; words are refused at the field', async () => {
  draw(<DryMassTable job="P-016" mass={mass} seen={{ F1L: 3 }} productNames={[]} />);
  const field = screen.getByLabelText('Station of W1LU, m');
  fireEvent.change(field, { target: { value: 'behind the wing' } });
  fireEvent.blur(field);
  expect(await screen.findByText('a station is a number of metres')).toBeInTheDocument();
  expect(sent).not.toHaveBeenCalled();
  fireEvent.change(field, { target: { value: '-1,25' } });
  fireEvent.blur(field);
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toMatchObject({
    kind: 'survey',
    parts: [{ part: 'W1LU', seen: null }],
    set: { armM: -1.25 },
  });
});
