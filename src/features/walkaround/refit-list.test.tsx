import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { fittingOf } from '@/core/record/fitting.fixture';
import { answer, draw, posted } from '../room.fixture';
import { RefitList } from './refit-list';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});
const piece = (id: string, refitOrder: number, state: 'off' | 'refitted' = 'off') => ({
  ...fittingOf({ part: 'B2L', id, name: id, refitOrder, state }),
  seen: 2,
});

test('pieces that come off stand in their order; what is masked or back on is not among them', () => {
  const fittings = [
    piece('rail', 200),
    piece('body', 10),
    piece('lamp', 100),
    piece('badge', 50, 'refitted'),
  ];
  draw(<RefitList job="P-015" fittings={fittings} isOff={(one) => one.id !== 'lamp'} />);
  const names = screen
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).getAllByRole('cell')[1]!.textContent);
  expect(names).toEqual(['body', 'rail']);
});

test('what a piece waits for is chosen in plain words and sent as it is kept', async () => {
  draw(<RefitList job="P-015" fittings={[piece('glass', 120)]} isOff={() => true} />);
  const field = screen.getByLabelText('Goes on when of glass');
  expect(within(field).getByText('bears a bond')).toBeInTheDocument();
  fireEvent.change(field, { target: { value: 'bond' } });
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toMatchObject({
    list: 'fittings',
    id: 'glass',
    seen: 2,
    set: { waitsFor: 'bond' },
  });
});
