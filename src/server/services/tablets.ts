import { randomUUID } from 'node:crypto';
import { mayDo, type TabletRole } from '../../core/rights';
import { countFailure, shutFor } from '../access/attempts';
import { nowSeconds } from '../access/now';
import { sealed } from '../access/seal';
import { codeOf, newCode, newToken, sha256 } from '../access/tokens';
import { database } from '../database/client';
import { loadAccounts } from '../repositories/account-repository';
import { endSessionsOnTablet } from '../repositories/session-repository';
import { loadShop } from '../repositories/shop-repository';
import {
  loadTablets,
  pairWaiting,
  tabletInsert,
  tabletUpdate,
  type TabletSeen,
} from '../repositories/tablet-repository';
import type { Begun } from './sessions';
import type { From } from './sign-in';
import { faulty, write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { TabletSeen };

const mostTablets = 60;
/** How long a pairing code waits for its tablet, and how long a tablet stays paired, seconds. */
export const codeSeconds = 600;
const pairedSeconds = 365 * 24 * 3600;

export const tablets = (): Promise<TabletSeen[]> => loadTablets(database());

/** Makes a place for a tablet, and the code by which it is paired within ten minutes. */
export async function makeTablet(
  given: { name: string; placeId: string | null; role: TabletRole },
  writer: Writer,
): Promise<{ outcome: EditOutcome; code: string }> {
  const code = newCode();
  const outcome = await write(writer, 'tablet', 'shop', async (connection): Promise<Prepared> => {
    const places = (await loadShop(connection))?.shop.places ?? [];
    if (given.placeId !== null && !places.some((one) => one.id === given.placeId))
      return faulty('placeId', 'there is no such place');
    if ((await loadTablets(connection)).filter((one) => !one.ended).length >= mostTablets)
      return faulty('name', `a shop has at most ${mostTablets} tablets`);
    const row = {
      id: randomUUID(),
      ...given,
      secretSha256: sha256(code),
      codeEndsAt: nowSeconds() + codeSeconds,
      pairedAt: null,
      ended: false,
    };
    return {
      status: 'ok',
      room: 'shop',
      kind: 'edit',
      label: `tablet ${given.name} made`,
      changes: [tabletInsert(row)],
      undoable: false,
    };
  });
  return { outcome, code };
}

/** Takes a tablet back: it reads nothing any more, and who is tapped in there is out. */
export const endTablet = (id: string, seen: number, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'tablet', 'shop', (): Promise<Prepared> =>
    Promise.resolve({
      status: 'ok',
      room: 'shop',
      kind: 'edit',
      label: 'tablet taken back',
      changes: [tabletUpdate(id, seen, { ended: true, secretSha256: sha256(newToken()) })],
      undoable: false,
      also: (one) => endSessionsOnTablet(one, id),
    }),
  );

export type Paired =
  | { status: 'paired'; name: string; begun: Begun }
  | { status: 'refused'; reason: string }
  | { status: 'shut'; minutes: number };

/** Pairs the tablet that asks by the code it was given. */
export async function pairTablet(typed: string, from: From): Promise<Paired> {
  const minutes = await shutFor('address', from.address);
  if (minutes !== null) return { status: 'shut', minutes };
  const token = newToken();
  const found = await pairWaiting(database(), sha256(codeOf(typed)), sha256(token), nowSeconds());
  if (!found) {
    await countFailure('address', from.address);
    return {
      status: 'refused',
      reason: 'No tablet waits for this code: it is wrong, or ten minutes have passed.',
    };
  }
  return { status: 'paired', name: found.name, begun: { seal: await sealed(token), seconds: pairedSeconds } };
}

/** Who may tap a badge: those who have a code and may work by a tablet. */
export async function badgeHolders(): Promise<{ id: string; name: string }[]> {
  const all = await loadAccounts(database());
  return all
    .filter((one) => !one.ended && one.has.includes('badge') && mayDo([one.role], 'add-photo'))
    .map(({ id, name }) => ({ id, name }));
}
