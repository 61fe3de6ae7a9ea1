import { fireEvent, screen, waitFor } from '@testing-library/react';
import { shelfOf } from '@/core/film';
import { answer, draw, job, now, plan, posted, shelf, shop } from '../room.fixture';
import { BoothRoom } from './booth-room';
import { boothProps } from './booth-props';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }),
  usePathname: () => '/jobs/P-014/booth',
}));

const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

/** The window of the first session that has a coat left, and its first panel without one. */
function openWindow() {
  const props = boothProps(job, plan, { shop, shelf: shelfOf(shelf), now, moves: [] });
  draw(<BoothRoom {...props} sheets={{}} />);
  fireEvent.click(screen.getByRole('button', { name: 'At the window' }));
  return screen.getAllByRole('button', { name: /: not coated,/ })[0]!;
}
const typeWet = (text: string) =>
  fireEvent.change(screen.getByLabelText('Wet film by comb, µm'), { target: { value: text } });

it.each(['-40', '0', 'thick'])(
  'refuses a wet film of “%s” where it was typed and writes no coat',
  async (text) => {
    const panel = openWindow();
    typeWet(text);
    fireEvent.click(panel);
    expect((await screen.findByRole('alert')).textContent).toContain(`“${text}” is no figure above 0 µm`);
    expect(sent).not.toHaveBeenCalled();
  },
);

it('writes the wet film of the comb with the coat, a comma read as a point', async () => {
  const panel = openWindow();
  typeWet('87,5');
  fireEvent.click(panel);
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(posted(sent, 0).entry.coat.wetUm).toBe(87.5);
});

it('writes no wet film where none was combed', async () => {
  fireEvent.click(openWindow());
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  expect(posted(sent, 0).entry.coat.wetUm).toBeNull();
});
