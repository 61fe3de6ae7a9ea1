import type { AccountRole } from '../../core/rights';
import { database } from '../database/client';
import { account } from '../database/schema';
import { beginSession } from '../services/sessions';
import { sessionCookie } from './cookies';
import { unsealed } from './seal';
import { pageToken, sha256 } from './tokens';

/** Headers of somebody who is signed in for a test: their cookie, and the token of their page. */
export async function headersOf(
  name: string,
  role: AccountRole = 'manager',
): Promise<Record<string, string>> {
  await database()
    .insert(account)
    .ignore()
    .values({ id: `test-${name}`, name, signIn: name, role, personId: null, licence: '' });
  const { seal } = await beginSession({
    accountId: `test-${name}`,
    how: 'password',
    isHalf: false,
    tabletId: null,
    agent: 'test',
  });
  const token = await unsealed(seal);
  return { cookie: `${sessionCookie()}=${seal}`, 'x-page-token': pageToken(sha256(token ?? '')) };
}
