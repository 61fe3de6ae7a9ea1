import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { dataFolder } from '../database/access';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { readEdit } from '../../core/exchange';
import { readPicture } from '../../workers/picture';
import { saveEdit, undoLast } from './edits';
import { uploadServer, uploadsPath } from '../photos/uploads';
import { photo as photoTable } from '../database/schema';
import { addPhoto, addUploaded, loadPicture, photosOf, type PhotoPlace } from './photos';
import { currentPlan } from './plans';
import { loadJob } from '../repositories/job-repository';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const nowhere: PhotoPlace = {
  part: null,
  face: null,
  mark: null,
  gate: null,
  sample: null,
  step: null,
  coat: null,
  tag: 'work',
  caption: '',
  forOwner: false,
};
const plain = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#8899aa' } });
const add = async (bytes: Buffer, part: string | null = 'B4L', mark: string | null = null) =>
  addPhoto('P-014', { ...nowhere, part, mark, caption: 'dent' }, bytes, writerNamed('ann'));

describe('a photo', () => {
  test('is kept as a JPEG of at most 2560 px with a thumbnail of 320, under the name of its contents', async () => {
    expect(await add(await plain(4000, 1000).png().toBuffer())).toMatchObject({ status: 'saved' });
    const [photo] = await photosOf('P-014');
    expect(photo).toMatchObject({ part: 'B4L', widthPx: 2560, heightPx: 640, takenOn: '2026-12-24' });
    const whole = await sharp((await loadPicture(photo!.sha256, false))!).metadata();
    const thumb = await sharp((await loadPicture(photo!.sha256, true))!).metadata();
    expect([whole.format, whole.width, thumb.width]).toEqual(['jpeg', 2560, 320]);
  });

  test('loses where and with what it was taken, and stands upright', async () => {
    const bytes = await plain(60, 20)
      .withExif({ IFD0: { Make: 'Some camera' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const picture = await readPicture(bytes);
    if ('reason' in picture) throw new Error(picture.reason);
    const { exif, orientation } = await sharp(picture.jpeg).metadata();
    expect(exif).toBeUndefined();
    expect(orientation).toBeUndefined();
    // A quarter turn: what was 60 × 20 lying is 20 × 60 upright.
    expect([picture.widthPx, picture.heightPx]).toEqual([20, 60]);
  });

  test('can be taken away, and undo brings it back', async () => {
    const before = await photosOf('P-014');
    const { id, seen } = before[0]!;
    expect(
      (await saveEdit({ kind: 'remove-photo', job: 'P-014', id, seen }, writerNamed('ann'))).status,
    ).toBe('saved');
    expect(await photosOf('P-014')).toHaveLength(before.length - 1);
    expect((await undoLast('P-014', writerNamed('ann'))).status).toBe('saved');
    expect(await photosOf('P-014')).toHaveLength(before.length);
  });
});

test('a photo is told what it shows and whether the owner sees it, by whoever saw it as it stands', async () => {
  const { id, seen } = (await photosOf('P-014')).at(-1)!;
  const edit = { kind: 'set-photo', job: 'P-014', id, seen, set: { tag: 'found', forOwner: true } } as const;
  expect(readEdit(edit)).toMatchObject({ status: 'ok' });
  expect(await saveEdit(edit, writerNamed('ann'))).toMatchObject({ status: 'saved' });
  expect((await photosOf('P-014')).find((one) => one.id === id)).toMatchObject({
    tag: 'found',
    forOwner: true,
  });
  expect(await saveEdit(edit, writerNamed('bea'))).toMatchObject({ status: 'conflict' });
});

describe('what is no photo leaves nothing behind', () => {
  const files = () => {
    const folder = join(dataFolder(), 'photos');
    return existsSync(folder) ? readdirSync(folder).length : 0;
  };
  test.each([
    ['text', () => Promise.resolve(Buffer.from('not a photo')), /no photo that can be read/],
    ['nothing', () => Promise.resolve(Buffer.alloc(0)), /no photo that can be read/],
    [
      'a drawing',
      () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')),
      /svg, no photo/,
    ],
    [
      'half a photo',
      async () => (await plain(400, 400).jpeg().toBuffer()).subarray(0, 300),
      /no photo that can be read/,
    ],
    ['20 000 px across', () => plain(20_000, 10).png().toBuffer(), /20000 × 10 px; at most 12000/],
    ['16 MB', () => Promise.resolve(Buffer.alloc(16 * 1024 * 1024, 1)), /larger than 15 MB/],
  ])('%s', async (_name, make, reason) => {
    const [rows, stored] = [(await photosOf('P-014')).length, files()];
    const outcome = await add(await make());
    expect(outcome).toMatchObject({ status: 'faulty', faults: [{ place: 'photo' }] });
    expect(outcome.status === 'faulty' && outcome.faults[0]!.reason).toMatch(reason);
    expect([(await photosOf('P-014')).length, files()]).toEqual([rows, stored]);
  });

  test('a photo can show one of the marks; a mark that is gone is said', async () => {
    const bytes = await plain(12, 12).jpeg().toBuffer();
    expect(await add(bytes, 'B4L', 'mark-1')).toMatchObject({ status: 'saved' });
    expect((await photosOf('P-014')).some((photo) => photo.mark === 'mark-1')).toBe(true);
    expect(await add(bytes, 'B4L', 'mark-99')).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'mark' }],
    });
  });

  test('may show a gate before primer, one that is there', async () => {
    const bytes = await plain(20, 20).jpeg().toBuffer();
    const item = {
      section: 'roof',
      kind: 'dry-fit' as const,
      what: 'gutter joint',
      gapMm: 3,
      flushMm: 0,
      attempts: 2,
      done: false,
      doneOn: null,
      holds: 'prime' as const,
    };
    await saveEdit({ kind: 'add-item', job: 'P-014', list: 'gates', item }, writerNamed('ann'));
    const gate = (await loadJob(database(), 'P-014'))!.job.gates.find((one) => one.what === 'gutter joint')!;
    expect(await addPhoto('P-014', { ...nowhere, gate: gate.id }, bytes, writerNamed('ann'))).toMatchObject({
      status: 'saved',
    });
    expect((await photosOf('P-014')).some((photo) => photo.gate === gate.id)).toBe(true);
    expect(await addPhoto('P-014', { ...nowhere, gate: 'nothing' }, bytes, writerNamed('ann'))).toMatchObject(
      {
        status: 'faulty',
        faults: [{ place: 'gate' }],
      },
    );
  });

  test('may stand for a look: of a step that is planned, and of no other', async () => {
    const bytes = await plain(20, 20).jpeg().toBuffer();
    const { plan } = (await currentPlan('P-014'))!;
    const look = plan.steps.find((step) => step.operation.startsWith('inspect-'))!.key;
    expect(await addPhoto('P-014', { ...nowhere, step: look }, bytes, writerNamed('ann'))).toMatchObject({
      status: 'saved',
    });
    expect((await photosOf('P-014')).map((photo) => photo.step)).toContain(look);
    expect(await addPhoto('P-014', { ...nowhere, step: 'no/step' }, bytes, writerNamed('ann'))).toMatchObject(
      {
        status: 'faulty',
        faults: [{ place: 'step', reason: 'there is no step no/step' }],
      },
    );
  });

  test('a panel that is not there, a job that is not there, a name that is none', async () => {
    const bytes = await plain(10, 10).jpeg().toBuffer();
    expect(await add(bytes, 'ZZ')).toMatchObject({ status: 'faulty', faults: [{ place: 'part' }] });
    expect(await addPhoto('P-999', nowhere, bytes, writerNamed('ann'))).toMatchObject({
      status: 'faulty',
    });
    expect(await loadPicture('../../access', false)).toBeNull();
    expect(await loadPicture('0'.repeat(64), false)).toBeNull();
  });
});

test('a job keeps two thousand photos; one more is refused with the reason, and nothing of it is kept', async () => {
  const before = await photosOf('P-016');
  const [known] = await photosOf('P-014');
  const { seen: _seen, id: _id, ...like } = known!;
  await database()
    .insert(photoTable)
    .values(
      Array.from({ length: 2000 - before.length }, (_, i) => ({
        ...like,
        part: null,
        mark: null,
        gate: null,
        step: null,
        id: `P-016/many-${i}`,
        jobId: 'P-016',
      })),
    );
  const outcome = await addPhoto('P-016', nowhere, await plain(12, 12).jpeg().toBuffer(), writerNamed('ann'));
  expect(outcome).toMatchObject({
    status: 'faulty',
    faults: [{ place: 'photo', reason: expect.stringMatching(/at most 2000 photos/) }],
  });
  expect(await photosOf('P-016')).toHaveLength(2000);
});

describe('an upload in pieces', () => {
  const headers = { 'tus-resumable': '1.0.0' };
  const ask = async (path: string, init: RequestInit) =>
    (await uploadServer()).handleWeb(new Request(`http://127.0.0.1${path}`, init));
  const begin = async (bytes: number) =>
    (
      await ask(uploadsPath, { method: 'POST', headers: { ...headers, 'upload-length': String(bytes) } })
    ).headers.get('location')!;
  const piece = (path: string, offset: number, body: Uint8Array<ArrayBuffer>) =>
    ask(path, {
      method: 'PATCH',
      headers: {
        ...headers,
        'upload-offset': String(offset),
        'content-type': 'application/offset+octet-stream',
      },
      body,
    });
  const idOf = (path: string) => path.slice(path.lastIndexOf('/') + 1);

  test('goes on where it stopped, is kept once however often it is asked, and is then let go', async () => {
    const bytes = new Uint8Array(await plain(300, 200).jpeg().toBuffer());
    const path = await begin(bytes.byteLength);
    expect((await piece(path, 0, bytes.slice(0, 400))).status).toBe(204);
    const taken = async () => addUploaded('P-015', nowhere, idOf(path), writerNamed('ann'));
    expect(await taken()).toMatchObject({
      faults: [{ place: 'upload', reason: expect.stringMatching(/^400 of /) }],
    });
    const where = await ask(path, { method: 'HEAD', headers });
    expect(where.headers.get('upload-offset')).toBe('400');
    expect((await piece(path, 300, bytes.slice(300))).status).toBe(409);
    expect((await piece(path, 400, bytes.slice(400))).status).toBe(204);
    const before = (await photosOf('P-015')).length;
    expect([(await taken()).status, (await taken()).status]).toEqual(['saved', 'saved']);
    expect(await photosOf('P-015')).toHaveLength(before + 1);
    expect((await ask(path, { method: 'HEAD', headers })).status).toBe(404);
  });

  test('of more than 15 MB is not begun; one that is none, or steps out of its folder, is no photo', async () => {
    const large = await ask(uploadsPath, {
      method: 'POST',
      headers: { ...headers, 'upload-length': String(16 * 1024 * 1024) },
    });
    expect(large.status).toBe(413);
    for (const id of ['../../access', 'f'.repeat(32), ''])
      expect(await addUploaded('P-015', nowhere, id || 'none', writerNamed('ann'))).toMatchObject({
        status: 'faulty',
        faults: [{ place: 'upload' }],
      });
  });
});
