// A database that is slow, that loses its socket, whose disk is full.
import { rmSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { accessOf, wait } from './copy.mjs';

const edit = (value) => ({
  kind: 'add-closures',
  closures: [{ date: `2031-01-${value}`, reason: 'a test' }],
});

/** The database stands still for some seconds: an edit waits, or is told that it was not saved; afterwards it is. */
export async function slow(copy, { seconds = 5 } = {}) {
  const pid = copy.databasePid();
  process.kill(pid, 'SIGSTOP');
  const waiting = copy.post('/api/edit', edit('01')).catch((fault) => ({ status: 0, text: String(fault) }));
  await wait(seconds * 1000);
  process.kill(pid, 'SIGCONT');
  const answer = await waiting;
  if (![200, 503].includes(answer.status)) throw new Error(`${answer.status} ${answer.text}`);
  await copy.back(30);
  const after = await copy.post('/api/edit', edit('02'));
  if (after.status !== 200) throw new Error(`afterwards ${after.status} ${after.text}`);
  return `stood still for ${seconds} s: an edit was answered ${answer.status}, the next one saved`;
}

/** The file of the socket goes, as a tidy program would take it. */
export async function lostSocket(copy) {
  rmSync(accessOf(copy).socket, { force: true });
  const began = Date.now();
  for (let day = 3; Date.now() - began < 90_000; await wait(500)) {
    const answer = await copy.post('/api/edit', edit(String(day).padStart(2, '0'))).catch(() => null);
    // Connections that stand go on; new ones need the socket.
    if (answer && ![200, 409, 422, 503].includes(answer.status))
      throw new Error(`${answer.status} ${answer.text}`);
    if (answer?.status === 200 && Date.now() - began > 12_000 && (await copy.answers()))
      return `back after ${Math.round((Date.now() - began) / 1000)} s at most`;
    if (answer?.status === 200) day += 1;
  }
  throw new Error(`it did not come back: ${copy.said()}`);
}

/** A disk of its own that is filled to the last block; null where such a disk cannot be mounted here. */
export function smallDisk(folder, megabytes) {
  const run = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m,mode=0711`, 'tmpfs', folder]);
  return run.status === 0 ? () => spawnSync('umount', ['-l', folder]) : null;
}

export async function fullDisk(copy) {
  const filler = join(copy.data, 'filler');
  spawnSync('dd', ['if=/dev/zero', `of=${filler}`, 'bs=1M'], { stdio: 'ignore' });
  const statuses = [];
  for (let i = 3; i < 9; i += 1) {
    const answer = await copy.post('/api/edit', edit(`1${i}`)).catch(() => ({ status: 0, text: '' }));
    statuses.push(answer.status);
    if (![200, 503, 409, 0].includes(answer.status)) throw new Error(`${answer.status} ${answer.text}`);
  }
  const photo = await fetch(`${copy.address}/api/jobs/P-014/photos?part=B1S`, {
    method: 'POST',
    headers: { origin: copy.address },
    body: new Uint8Array(200_000),
  });
  if (![422, 503].includes(photo.status)) throw new Error(`a photo was answered ${photo.status}`);
  rmSync(filler, { force: true });
  await copy.back(60);
  for (let tries = 0; tries < 40; tries += 1, await wait(1000)) {
    const after = await copy.post('/api/edit', edit('25')).catch(() => ({ status: 0 }));
    if (after.status === 200 || after.status === 409)
      return `full: ${statuses.join(' ')}; saved again once there was room`;
  }
  throw new Error('nothing was saved after there was room');
}

/** The folder of the photos cannot be written: a photo is refused in words, all else goes on. */
export async function readOnly(copy) {
  const photos = join(copy.data, 'photos');
  rmSync(photos, { recursive: true, force: true });
  writeFileSync(photos, '');
  const answer = await fetch(`${copy.address}/api/jobs/P-014/photos?part=B1S`, {
    method: 'POST',
    headers: { origin: copy.address },
    body: Buffer.from(
      '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=',
      'base64',
    ),
  });
  const said = await answer.text();
  rmSync(photos, { force: true });
  if (answer.status === 200 || /node_modules|at .*\.ts/.test(said))
    throw new Error(`${answer.status} ${said.slice(0, 200)}`);
  const edited = await copy.post('/api/edit', edit('27'));
  if (edited.status !== 200) throw new Error(`an edit beside it: ${edited.status} ${edited.text}`);
  return `a photo was answered ${answer.status}, an edit beside it saved`;
}
