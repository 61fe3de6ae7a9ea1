import { readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';

/** Clears away files of a folder that nobody has touched for so long; one that goes meanwhile is no fault. */
export async function clearOlderThan(
  folder: string,
  ageMs: number,
  isMeant: (name: string) => boolean = () => true,
): Promise<void> {
  for (const name of await readdir(folder)) {
    if (!isMeant(name)) continue;
    const path = join(folder, name);
    const age = await stat(path).then(
      (one) => Date.now() - one.mtimeMs,
      () => 0,
    );
    if (age > ageMs) await rm(path, { force: true });
  }
}
