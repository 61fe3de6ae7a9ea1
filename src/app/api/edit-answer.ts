import type { EditOutcome } from '@/server/services/edits';
import { faultsAnswer } from './json-body';

/** The answer to an edit: saved, faulty, or told that somebody else was there first. */
export function answerOf(outcome: EditOutcome): Response {
  switch (outcome.status) {
    case 'saved':
      return Response.json(outcome);
    case 'faulty':
      return faultsAnswer(outcome.faults);
    case 'conflict':
      return Response.json(outcome, { status: 409 });
    case 'forbidden':
      return faultsAnswer([{ place: '', reason: outcome.reason }], 403);
    case 'nothing':
      return Response.json(outcome, { status: 404 });
  }
}
