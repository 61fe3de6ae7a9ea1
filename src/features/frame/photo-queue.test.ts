import { waitFor } from '@testing-library/react';

/** A store of the browser that outlives the module, as it outlives a page. */
const kept = new Map<string, unknown>();
jest.mock('idb-keyval', () => ({
  get: async (key: string) => kept.get(key),
  set: async (key: string, value: unknown) => void kept.set(key, value),
}));

type Options = Record<string, unknown> & {
  uploadUrl: string | null;
  onUploadUrlAvailable(): void;
  onProgress(sent: number): void;
  onSuccess(): void;
  onError(error: unknown): void;
};
/** What the line does with the next upload. */
let line: (upload: { url: string | null; options: Options }) => void;
const begun: Options[] = [];
jest.mock('tus-js-client', () => ({
  Upload: class {
    url: string | null;
    constructor(
      readonly file: Blob,
      readonly options: Options,
    ) {
      this.url = options.uploadUrl;
      begun.push(options);
    }
    start() {
      line(this);
    }
  },
}));

const answer = (status: number, body: object) => ({ ok: status < 400, status, json: async () => body });
const sent = jest.fn();
const whole: typeof line = (upload) => {
  upload.url ??= '/api/uploads/abc';
  upload.options.onUploadUrlAvailable();
  upload.options.onProgress(3);
  upload.options.onSuccess();
};
const fresh = async () => {
  jest.resetModules();
  return import('./photo-queue');
};
const photo = (name: string) => new File(['abc'], name, { type: 'image/jpeg' });
const inStore = () =>
  (kept.get('coatrel-photos') ?? []) as { name: string; state: string; url: string | null; reason: string }[];

beforeEach(() => {
  kept.clear();
  begun.length = 0;
  line = whole;
  sent.mockReset();
  sent.mockResolvedValue(answer(200, { status: 'saved' }));
  global.fetch = sent;
});

test('photos go one after the other, and what they show goes with them once they are whole', async () => {
  const { queuePhotos, onPhotoKept } = await fresh();
  const told: string[] = [];
  onPhotoKept((job) => told.push(job));
  queuePhotos('P-014', [photo('a.jpg'), photo('b.jpg')], { part: 'B4L', tag: 'found' });
  await waitFor(() => expect(told).toEqual(['P-014', 'P-014']));
  expect(sent.mock.calls.map(([path]) => path)).toEqual([
    '/api/jobs/P-014/photos?part=B4L&tag=found&upload=abc',
    '/api/jobs/P-014/photos?part=B4L&tag=found&upload=abc',
  ]);
  expect(begun[0]).toMatchObject({ endpoint: '/api/uploads', overridePatchMethod: true, uploadSize: 3 });
  await waitFor(() => expect(inStore()).toEqual([]));
});

test('where nobody answers a photo waits with its pieces; after a reload it goes on where it stopped', async () => {
  line = (upload) => {
    upload.url = '/api/uploads/half';
    upload.options.onUploadUrlAvailable();
    upload.options.onError(new Error('the line broke'));
  };
  const { queuePhotos } = await fresh();
  queuePhotos('P-014', [photo('a.jpg')], { tag: 'work' });
  await waitFor(() =>
    expect(inStore()).toMatchObject([{ name: 'a.jpg', state: 'waiting', url: '/api/uploads/half' }]),
  );
  expect(sent).not.toHaveBeenCalled();
  line = whole;
  const again = await fresh();
  // A photo that is added before the queue was read does not stand in its place.
  again.queuePhotos('P-014', [photo('b.jpg')], { tag: 'work' });
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
  expect(begun.map((one) => one.uploadUrl)).toContain('/api/uploads/half');
  expect(sent.mock.calls.map(([path]) => /upload=(\w+)/.exec(String(path))![1]).sort()).toEqual([
    'abc',
    'half',
  ]);
});

test('what the shop refuses stays with its reason, and those behind it go on', async () => {
  sent.mockResolvedValueOnce(answer(422, { faults: [{ place: 'photo', reason: 'the file is no photo' }] }));
  const { queuePhotos, dropQueued } = await fresh();
  queuePhotos('P-014', [photo('bad.jpg'), photo('good.jpg')], { tag: 'work' });
  await waitFor(() => expect(sent).toHaveBeenCalledTimes(2));
  await waitFor(() =>
    expect(inStore()).toMatchObject([{ name: 'bad.jpg', state: 'refused', reason: 'the file is no photo' }]),
  );
  dropQueued((inStore()[0] as unknown as { id: string }).id);
  await waitFor(() => expect(inStore()).toEqual([]));
});

test('an upload that is over begins anew; one that is too large is refused', async () => {
  const over = { originalResponse: { getStatus: () => 404, getBody: () => '' } };
  line = (upload) => {
    upload.url = '/api/uploads/over';
    upload.options.onUploadUrlAvailable();
    upload.options.onError(Object.assign(new Error('gone'), over));
  };
  const { queuePhotos } = await fresh();
  queuePhotos('P-014', [photo('a.jpg')], { tag: 'work' });
  await waitFor(() => expect(inStore()).toMatchObject([{ state: 'waiting', url: null }]));
  kept.clear();
  const large = { originalResponse: { getStatus: () => 413, getBody: () => 'Maximum size exceeded\n' } };
  line = (upload) => upload.options.onError(Object.assign(new Error('large'), large));
  const again = await fresh();
  again.queuePhotos('P-014', [photo('b.jpg')], { tag: 'work' });
  await waitFor(() =>
    expect(inStore()).toMatchObject([{ state: 'refused', reason: 'Maximum size exceeded' }]),
  );
});
