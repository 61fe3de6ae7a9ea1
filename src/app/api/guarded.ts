import type { NextRequest } from 'next/server';
import { databaseFault } from '@/server/database/fault';
import { NoShop } from '@/server/services/snapshot';
import { FileRefused, isBusy } from '@/server/workers/pool';
import { faultsAnswer } from './json-body';

const reasons = {
  away: 'the database does not answer; nothing was saved, try again in a moment',
  full: 'the disk is full; nothing was saved, make room and try again',
};

type Handler<Context> = (request: NextRequest, context: Context) => Promise<Response>;

/** What an error says to the one who asked; an error of ours is written down and told without its insides. */
function answerTo(error: unknown): Response {
  const fault = databaseFault(error);
  if (fault) return faultsAnswer([{ place: '', reason: reasons[fault] }], 503);
  if (error instanceof FileRefused) return faultsAnswer([{ place: '', reason: error.message }]);
  if (error instanceof NoShop) return faultsAnswer([{ place: '', reason: error.message }], 503);
  if (isBusy(error))
    return faultsAnswer([{ place: '', reason: 'Coatrel is busy; try again in a moment' }], 503);
  process.stderr.write(
    `An answer failed by our own fault: ${error instanceof Error ? error.stack : String(error)}\n`,
  );
  return faultsAnswer(
    [{ place: '', reason: 'this is a fault of Coatrel’s own; nothing was half written' }],
    500,
  );
}

/** A route that answers in words whatever happens. */
export const guarded =
  <Context = unknown>(handler: Handler<Context>): Handler<Context> =>
  async (request, context) => {
    try {
      return await handler(request, context);
    } catch (error) {
      // Who asked has gone: nobody reads the answer.
      if (request.signal.aborted) return new Response(null, { status: 499 });
      return answerTo(error);
    }
  };
