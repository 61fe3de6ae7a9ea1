import type { NextRequest } from 'next/server';
import { databaseFault } from '@/server/database/fault';
import { faultsAnswer } from './json-body';

const reasons = {
  away: 'the database does not answer; nothing was saved, try again in a moment',
  full: 'the disk is full; nothing was saved, make room and try again',
};

type Handler<Context> = (request: NextRequest, context: Context) => Promise<Response>;

/** A write that says in words when the database cannot take it; any other error is ours and stays one. */
export const guarded =
  <Context = unknown>(handler: Handler<Context>): Handler<Context> =>
  async (request, context) => {
    try {
      return await handler(request, context);
    } catch (error) {
      const fault = databaseFault(error);
      if (!fault) throw error;
      return faultsAnswer([{ place: '', reason: reasons[fault] }], 503);
    }
  };
