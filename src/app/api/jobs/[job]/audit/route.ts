import { auditAnswer } from '../../../audit-answer';
import { guarded } from '../../../guarded';

interface Given {
  params: Promise<{ job: string }>;
}

/** What was written of a job: who, when, what, before and after; `panel` narrows it to one panel. */
export const GET = guarded<Given>({ reads: 'changes' }, async (request, { params }) =>
  auditAnswer(request, (await params).job),
);
