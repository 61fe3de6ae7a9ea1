import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { newQueryClient } from '../frame/asking';
import type { PhotoShown } from '../frame/use-photos';
import { answer, draw, posted } from '../room.fixture';
import { PhotosView } from './photos-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));
const queued = jest.fn();
jest.mock('../frame/photo-queue', () => ({
  queuePhotos: (...given: unknown[]) => queued(...given),
  useQueuedPhotos: () => [
    { id: 'q', job: 'P-014', name: 'roof.jpg', bytes: 200, sent: 50, state: 'sending', reason: '' },
    { id: 'r', job: 'P-014', name: 'bad.jpg', bytes: 200, sent: 0, state: 'refused', reason: 'no photo' },
    { id: 'o', job: 'P-015', name: 'other.jpg', bytes: 9, sent: 0, state: 'waiting', reason: '' },
  ],
  dropQueued: jest.fn(),
  onPhotoKept: () => () => undefined,
}));

const photo = (id: string, over: Partial<PhotoShown> = {}): PhotoShown => ({
  id,
  part: 'B4L',
  face: null,
  mark: null,
  gate: null,
  sample: null,
  step: null,
  coat: null,
  tag: 'work',
  caption: '',
  forOwner: false,
  takenOn: '2026-12-20',
  sha256: id.repeat(64),
  widthPx: 400,
  heightPx: 300,
  seen: 2,
  ...over,
});
const photos = [
  photo('a', { tag: 'before', takenOn: '2026-11-24' }),
  photo('b', { caption: 'primed' }),
  photo('c', { part: null, takenOn: '2026-12-22' }),
];
const sent = jest.fn();
beforeEach(() => {
  queued.mockReset();
  sent.mockReset();
  sent.mockImplementation(async (path: string) =>
    answer(200, String(path).endsWith('/photos') ? { photos } : { status: 'saved' }),
  );
  global.fetch = sent;
});
const room = () =>
  draw(
    <QueryClientProvider client={newQueryClient()}>
      <PhotosView
        job="P-014"
        panels={[{ key: 'B4L', name: 'left body panel 4' }]}
        prompts={[
          {
            why: 'bare',
            tag: 'before',
            step: 's',
            part: null,
            name: 'Strip',
            subject: 'Roof',
            at: 1,
            state: 'done',
          },
        ]}
      />
    </QueryClientProvider>,
  );

test('photos stand by their day; a panel has a slider between its first and its last', async () => {
  room();
  const line = await screen.findByRole('list', { name: 'Time line' });
  expect(
    within(line)
      .getAllByText(/2026$/)
      .map((one) => one.textContent),
  ).toEqual(['Tue 24 Nov 2026', 'Sun 20 Dec 2026', 'Tue 22 Dec 2026']);
  expect(screen.queryByRole('figure', { name: 'Before and after' })).toBeNull();
  fireEvent.change(screen.getByLabelText('Panel'), { target: { value: 'B4L' } });
  const figure = within(screen.getByRole('figure', { name: 'Before and after' }));
  const shown = figure.getAllByRole('img').map((one) => one.getAttribute('alt'));
  expect(shown[0]).toContain('24 Nov');
  expect(shown[1]).toContain('primed');
  fireEvent.change(figure.getByRole('slider'), { target: { value: '20' } });
  expect(figure.getByRole('slider')).toHaveValue('20');
});

test('new ones go into the queue with their panel and what they show; too large is said before they go', async () => {
  room();
  await screen.findByRole('list', { name: 'Time line' });
  fireEvent.change(screen.getByLabelText('Panel'), { target: { value: 'B4L' } });
  fireEvent.change(screen.getByLabelText('What the next photos show'), { target: { value: 'found' } });
  const small = new File(['x'], 'small.jpg', { type: 'image/jpeg' });
  const large = new File(['x'], 'large.jpg', { type: 'image/jpeg' });
  Object.defineProperty(large, 'size', { value: 16 * 1024 * 1024 });
  fireEvent.change(screen.getByLabelText('Add photos'), { target: { files: [small, large] } });
  expect(queued).toHaveBeenCalledWith('P-014', [small], { part: 'B4L', tag: 'found' });
  expect(screen.getByText('Larger than 15 MB: large.jpg.')).toBeInTheDocument();
});

test('what is on its way is shown with how far it is, of this job alone; what was refused says why', async () => {
  room();
  const list = within(await screen.findByRole('list', { name: 'Photos on their way' }));
  expect(list.getByText('25 %')).toBeInTheDocument();
  expect(list.getByText('Not kept: no photo.')).toBeInTheDocument();
  expect(list.queryByText('other.jpg')).toBeNull();
});

test('what a photo shows and whether the owner sees it go out with the version that was seen', async () => {
  room();
  await screen.findByRole('list', { name: 'Time line' });
  fireEvent.click(screen.getAllByLabelText('the owner sees it')[0]!);
  await waitFor(() => expect(sent.mock.calls.some(([path]) => path === '/api/edit')).toBe(true));
  const at = sent.mock.calls.findIndex(([path]) => path === '/api/edit');
  expect(posted(sent, at)).toEqual({
    kind: 'set-photo',
    job: 'P-014',
    id: 'a',
    seen: 2,
    set: { forOwner: true },
  });
});

test('pictures that are worth taking are told with why, also those that were not taken', () => {
  room();
  expect(screen.getByText('Worth a picture: 1')).toBeInTheDocument();
  expect(screen.getByText(/what came to light under the old paint/)).toHaveTextContent('it can still be');
});
