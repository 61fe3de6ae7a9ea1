import { takeBackSession } from '@/server/services/sessions';
import { guarded } from '../../guarded';
import { faultsAnswer } from '../../json-body';

interface Given {
  params: Promise<{ key: string }>;
}

/** A manager takes a session back, whoever's it is. */
export const POST = guarded<Given>({ does: 'take-back-session' }, async (_request, { params }) =>
  (await takeBackSession((await params).key, null))
    ? Response.json({ status: 'saved' })
    : faultsAnswer([{ place: 'session', reason: 'this session has ended already' }], 404),
);
