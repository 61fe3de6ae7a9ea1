import { takeBackSession } from '@/server/services/sessions';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ key: string }>;
}

/** Ends one of one's own sessions. */
export const POST = guarded<Given>({ does: 'own-account' }, async (_request, { params }, { accountId }) => {
  const done = accountId !== null && (await takeBackSession((await params).key, accountId));
  return done
    ? Response.json({ status: 'saved' })
    : faultsAnswer([{ place: 'session', reason: 'this session has ended already' }], 404);
});
