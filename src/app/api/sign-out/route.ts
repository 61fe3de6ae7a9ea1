import { callerOf } from '@/server/access/caller';
import { endOwnSession } from '@/server/services/sessions';
import { askedOf } from '../asked';
import { openTo } from '../guarded';
import { signedOutAnswer } from '../signed-in';

/** Signs out: the session is over on the server, and the cookie is taken away. A tablet stays paired. */
export const POST = openTo(async (request) => {
  const session = (await callerOf(askedOf(request)))?.session ?? null;
  if (session !== null) await endOwnSession(session);
  return signedOutAnswer(false);
});
