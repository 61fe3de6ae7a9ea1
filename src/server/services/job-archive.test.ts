import { strToU8, unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { archiveOf, importArchive } from './job-archive';
import { addPhoto, photosOf, type PhotoPlace } from './photos';
import { currentPlan } from './plans';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const writer = writerNamed('ann');
const place: PhotoPlace = {
  part: 'B4L',
  face: 'outside',
  mark: null,
  gate: null,
  sample: null,
  step: null,
  coat: null,
  tag: 'found',
  caption: 'rot',
  forOwner: true,
};
const bytesOf = async (number: string) => {
  const stream = await archiveOf(number);
  return new Uint8Array(await new Response(stream).arrayBuffer());
};

test('an archive holds the job, its quotes, the list of its photos and each photo once', async () => {
  const jpeg = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#446688' } })
    .jpeg()
    .toBuffer();
  for (const caption of ['rot', 'again'])
    expect((await addPhoto('P-014', { ...place, caption }, jpeg, writer)).status).toBe('saved');
  const files = unzipSync(await bytesOf('P-014'));
  const { sha256 } = (await photosOf('P-014'))[0]!;
  expect(Object.keys(files).sort()).toEqual(
    ['job.json', `photos/${sha256}.jpg`, 'photos.json', 'quotes.json'].sort(),
  );
  expect(JSON.parse(new TextDecoder().decode(files['photos.json']))).toHaveLength(2);
  expect(JSON.parse(new TextDecoder().decode(files['quotes.json']))).toHaveLength(1);
  expect(await archiveOf('P-999')).toBeNull();
});

test('it comes in under another number with its photos, and plans', async () => {
  const files = unzipSync(await bytesOf('P-014'));
  const renamed = new TextDecoder()
    .decode(files['job.json'])
    .replace('"number": "P-014"', '"number": "P-950"');
  const { number, outcome } = await importArchive(
    zipSync({ ...files, 'job.json': strToU8(renamed) }),
    writer,
  );
  expect([number, outcome.status]).toEqual(['P-950', 'saved']);
  expect(
    (await photosOf('P-950')).map((one) => [one.part, one.tag, one.caption, one.forOwner]).sort(),
  ).toEqual([
    ['B4L', 'found', 'again', true],
    ['B4L', 'found', 'rot', true],
  ]);
  expect((await currentPlan('P-950'))!.plan.steps.length).toBeGreaterThan(50);
});

describe('what is no archive of ours leaves nothing behind', () => {
  const withFiles = async (change: (files: Record<string, Uint8Array>) => void) => {
    const files = unzipSync(await bytesOf('P-014'));
    files['job.json'] = strToU8(
      new TextDecoder().decode(files['job.json']).replace('"number": "P-014"', '"number": "P-960"'),
    );
    change(files);
    return zipSync(files);
  };
  test.each<[string, () => Promise<Uint8Array>, RegExp]>([
    ['no zip', () => Promise.resolve(strToU8('PK is no archive')), /no zip archive/],
    [
      'a file that steps out of its folder',
      () => withFiles((files) => (files['../../evil.sh'] = strToU8('x'))),
      /no such file belongs/,
    ],
    [
      'a photo that is listed and not there',
      () =>
        withFiles((files) => {
          for (const name of Object.keys(files)) if (name.startsWith('photos/')) delete files[name];
        }),
      /is not in the archive/,
    ],
    [
      'a photo that is none',
      () =>
        withFiles((files) => {
          for (const name of Object.keys(files))
            if (name.startsWith('photos/')) files[name] = strToU8('no photo');
        }),
      /no photo that can be read/,
    ],
    [
      'a list with an unknown tag',
      () =>
        withFiles((files) => {
          files['photos.json'] = strToU8(
            new TextDecoder().decode(files['photos.json']).replaceAll('"found"', '"art"'),
          );
        }),
      /tag/,
    ],
    ['no job', () => withFiles((files) => delete files['job.json']), /job/],
  ])('%s', async (_name, make, reason) => {
    const { outcome } = await importArchive(await make(), writer);
    expect(outcome.status).toBe('faulty');
    expect(JSON.stringify(outcome)).toMatch(reason);
    expect(await currentPlan('P-960')).toBeNull();
  });
});
