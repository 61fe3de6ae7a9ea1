import { fireEvent, screen, waitFor } from '@testing-library/react';
import { answer, draw, posted } from '../room.fixture';
import { LetterheadPart } from './letterhead-part';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));
const sent = jest.fn();
beforeEach(() => {
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});
const part = (markSha256 = '') =>
  draw(<LetterheadPart letterhead={['1 The Yard']} markSha256={markSha256} seen={4} />);
const lines = () => screen.getByLabelText('Lines below the name of the shop');
const leave = (text: string) => {
  fireEvent.change(lines(), { target: { value: text } });
  fireEvent.blur(lines());
};

test('lines go out as they stand, without empty ones; the same again sends nothing', async () => {
  part();
  leave('1 The Yard\n');
  expect(sent).not.toHaveBeenCalled();
  leave('1 The Yard\n\n  by appointment ');
  await waitFor(() => expect(sent).toHaveBeenCalled());
  expect(posted(sent, 0)).toEqual({
    kind: 'shop',
    seen: 4,
    set: { letterhead: ['1 The Yard', 'by appointment'] },
  });
});

test('too many lines, and one that is too long, are said where they are typed', () => {
  part();
  leave(['a', 'b', 'c', 'd', 'e', 'f', 'g'].join('\n'));
  expect(screen.getByText('At most 6 lines.')).toBeInTheDocument();
  leave('x'.repeat(81));
  expect(screen.getByText('At most 80 letters a line.')).toBeInTheDocument();
  expect(sent).not.toHaveBeenCalled();
});

test('the mark is a picture that is sent as it is, and can be left out; what is none is told', async () => {
  part('a'.repeat(64));
  expect(screen.getByAltText('Mark of the shop')).toBeInTheDocument();
  sent.mockResolvedValueOnce(
    answer(422, { faults: [{ place: 'mark', reason: 'the file is no photo that can be read' }] }),
  );
  const file = new File(['x'], 'mark.png', { type: 'image/png' });
  fireEvent.change(screen.getByLabelText(/^Mark, a picture/), { target: { files: [file] } });
  expect(await screen.findByText('the file is no photo that can be read')).toBeInTheDocument();
  expect(sent.mock.calls[0][0]).toBe('/api/shop/mark?seen=4');
  fireEvent.click(screen.getByRole('button', { name: 'Leave the mark out' }));
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
  expect(posted(sent, 1)).toEqual({ kind: 'shop', seen: 4, set: { markSha256: '' } });
});
