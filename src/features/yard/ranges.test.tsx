import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import { newQueryClient } from '../frame/asking';
import { answer } from '../room.fixture';
import { RangeOf, RangesProvider } from './ranges';

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  global.fetch = sent;
});
const client = { current: newQueryClient() };
beforeEach(() => {
  client.current = newQueryClient();
});
const yard = (mark: string) => (
  <QueryClientProvider client={client.current}>
    <RangesProvider mark={mark}>
      <p data-testid="P-014">
        <RangeOf job="P-014" />
      </p>
      <p data-testid="P-011">
        <RangeOf job="P-011" />
      </p>
    </RangesProvider>
  </QueryClientProvider>
);
const ranges = (p80: string, kept: number) => answer(200, { ranges: [{ job: 'P-014', p80, kept }] });

test('each open job says its P80 and how often the promise is kept, a finished one nothing; asked anew with new plans', async () => {
  sent.mockResolvedValueOnce(ranges('2027-02-02', 0.03)).mockResolvedValueOnce(ranges('2027-01-21', 0.84));
  const view = render(yard('a'));
  expect(screen.getByTestId('P-014')).toBeEmptyDOMElement();
  await waitFor(() => expect(screen.getByTestId('P-014')).toHaveTextContent('P80 Tue 2 Feb'));
  expect(screen.getByTestId('P-014')).toHaveTextContent('less than 1 in 10');
  expect(screen.getByTestId('P-011')).toBeEmptyDOMElement();
  view.rerender(yard('b'));
  await waitFor(() => expect(screen.getByTestId('P-014')).toHaveTextContent('P80 Thu 21 Jan'));
  expect(screen.getByTestId('P-014')).toHaveTextContent('8 in 10');
  expect(sent).toHaveBeenCalledTimes(2);
});

test('without an answer the yard stands as it is', async () => {
  sent.mockRejectedValueOnce(new Error('gone'));
  render(yard('a'));
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(screen.getByTestId('P-014')).toBeEmptyDOMElement();
});
