import { auditAnswer } from '../audit-answer';
import { guarded } from '../guarded';

export const dynamic = 'force-dynamic';

/** What was written of the shop: who, when, what, before and after. */
export const GET = guarded({ reads: 'changes' }, (request) => auditAnswer(request, 'shop'));
