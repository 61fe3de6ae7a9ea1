import { database } from '../database/client';
import { photo, shop } from '../database/schema';
import { clearOlderThan } from '../old-files';
import { photosFolder } from '../photos/store';
import { trashContents } from '../repositories/trash-repository';

/** As long as the trash keeps a job, an undo may bring a photo back. */
const keptMs = 30 * 24 * 3_600_000;
const nameOf = /^([0-9a-f]{64})(\.thumb)?\.jpg$/;

/** Clears away photos that nothing names: no job, no mark of the shop, nothing in the trash; and only after a month. */
export async function sweepPhotos(): Promise<void> {
  const [photos, marks] = await Promise.all([
    database().select({ sha256: photo.sha256 }).from(photo),
    database().select({ sha256: shop.markSha256 }).from(shop),
  ]);
  const named = new Set([...photos, ...marks].map((one) => one.sha256));
  for await (const content of trashContents(database()))
    for (const [sha] of content.matchAll(/[0-9a-f]{64}/g)) named.add(sha);
  await clearOlderThan(photosFolder(), keptMs, (name) => {
    const sha = nameOf.exec(name)?.[1];
    return sha !== undefined && !named.has(sha);
  });
}
