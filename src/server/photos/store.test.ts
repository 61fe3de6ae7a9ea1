import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keepPicture } from './store';

const before = process.env.COATREL_DATA;
const picture = (text: string) => ({ jpeg: Buffer.from(text), thumb: Buffer.from(`small ${text}`) });
const nameOf = (text: string) => createHash('sha256').update(text).digest('hex');
let folder = '';

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'coatrel-photos-'));
  process.env.COATREL_DATA = folder;
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
  if (before === undefined) delete process.env.COATREL_DATA;
  else process.env.COATREL_DATA = before;
});

const kept = () => readdirSync(join(folder, 'photos')).sort();

test('a picture lies there once, with its thumbnail', async () => {
  const names = await Promise.all(['a', 'a', 'a'].map((text) => keepPicture(picture(text))));
  expect(new Set(names)).toEqual(new Set([nameOf('a')]));
  expect(kept()).toEqual([`${nameOf('a')}.jpg`, `${nameOf('a')}.thumb.jpg`]);
});

test('a picture that cannot be written leaves neither a part nor a thumbnail behind', async () => {
  // Where the picture belongs lies a folder, so that the thumbnail is written and the picture is not.
  mkdirSync(join(folder, 'photos', `${nameOf('b')}.jpg`, 'in the way'), { recursive: true });
  rmSync(join(folder, 'photos', `${nameOf('b')}.jpg`, 'in the way'), { recursive: true });
  await expect(keepPicture(picture('b'))).rejects.toThrow();
  expect(kept().filter((name) => name !== `${nameOf('b')}.jpg`)).toEqual([]);
});
