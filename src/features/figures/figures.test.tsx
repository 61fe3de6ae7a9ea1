import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { TypedFigure } from '@/core/figures';
import { answer, draw, posted } from '../room.fixture';
import type { FiguresProps } from './figure-place';
import { FiguresView } from './figures-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset().mockResolvedValue(answer(200, {}));
  globalThis.fetch = sent as never;
});

const ofShop: TypedFigure[] = [{ key: 'transfer.flat', scope: 'shop', of: '', value: 0.7 }];
const own: TypedFigure[] = [{ key: 'transfer.flat', scope: 'section', of: 'roof', value: 0.6 }];
const job: FiguresProps = {
  job: 'P-014',
  seen: 5,
  typed: own,
  inherited: ofShop,
  places: [
    { scope: 'job', of: '', name: 'the whole job' },
    { scope: 'section', of: 'roof', name: 'Roof' },
  ],
};
const field = (place: string) => screen.getByLabelText(`Spray stays on flat panels, typed for ${place}`);
const rowOf = () => screen.getByRole('row', { name: /^Spray stays on flat panels/ });

test('the nearest figure holds: the shop’s for the whole job, the section’s own on the roof', () => {
  draw(<FiguresView {...job} />);
  expect(rowOf()).toHaveTextContent('0.7the trade: 0.65');
  expect(field('the whole job')).toHaveValue('');
  fireEvent.change(screen.getByLabelText('Figures of'), { target: { value: '1' } });
  expect(rowOf()).toHaveTextContent('0.6the trade: 0.65');
  expect(field('Roof')).toHaveValue('0.6');
});

test('a figure is typed with a unit or a comma, out of range it is refused with the range and why', async () => {
  draw(<FiguresView {...job} />);
  fireEvent.change(field('the whole job'), { target: { value: '7' } });
  fireEvent.blur(field('the whole job'));
  expect(await screen.findByRole('alert')).toHaveTextContent('7 is outside 0.1–1. trade practice');
  expect(sent).not.toHaveBeenCalled();
  fireEvent.change(field('the whole job'), { target: { value: '62,5 %' } });
  fireEvent.blur(field('the whole job'));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(posted(sent, 0)).toMatchObject({
    kind: 'job',
    job: 'P-014',
    seen: 5,
    set: { figures: [...own, { key: 'transfer.flat', scope: 'job', of: '', value: 0.625 }] },
  });
});

test('one press, or one key, takes a typed figure back', async () => {
  draw(<FiguresView {...job} />);
  fireEvent.change(screen.getByLabelText('Figures of'), { target: { value: '1' } });
  fireEvent.keyDown(field('Roof'), { key: 'Delete', altKey: true });
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(posted(sent, 0)).toMatchObject({ set: { figures: [] } });
  fireEvent.click(within(rowOf()).getByRole('button', { name: /^Back to what holds/ }));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
});

test('only what is typed can be shown, and what is typed for nothing is named', async () => {
  const lost: TypedFigure = { key: 'kept.stop', scope: 'panel', of: 'X9', value: 90 };
  draw(<FiguresView {...job} typed={[...own, lost]} />);
  expect(screen.getByText(/1 figure typed for what is not there any more \(panel X9\)/)).toBeInTheDocument();
  fireEvent.click(screen.getByLabelText('only what is typed'));
  expect(screen.getByText(/Nothing is typed for the whole job/)).toBeInTheDocument();
  fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(posted(sent, 0)).toMatchObject({ set: { figures: own } });
});
