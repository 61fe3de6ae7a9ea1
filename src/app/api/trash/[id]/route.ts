import { untrashJob } from '@/server/services/trash';
import { answerOf } from '../../edit-answer';
import { guarded } from '../../guarded';
import { writerOf } from '../../json-body';

interface Given {
  params: Promise<{ id: string }>;
}

/** Brings a job back out of the trash. */
export const POST = guarded<Given>({ does: 'trash' }, async (request, { params }, caller) =>
  answerOf(await untrashJob((await params).id, writerOf(request, caller))),
);
