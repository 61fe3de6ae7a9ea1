import type { NextRequest } from 'next/server';
import { whyNotDo, whyNotRead, type Deed, type Reading } from '@/core/rights';
import { callerOf, type Caller } from '@/server/access/caller';
import { mayAsk } from '@/server/access/costs';
import { isSame, pageToken } from '@/server/access/tokens';
import { databaseFault } from '@/server/database/fault';
import { log } from '@/server/log';
import { NoShop } from '@/server/services/snapshot';
import { FileRefused, isBusy } from '@/server/workers/pool';
import { askedOf } from './asked';
import { faultsAnswer } from './json-body';

const reasons = {
  away: 'the database does not answer; nothing was saved, try again in a moment',
  full: 'the disk is full; nothing was saved, make room and try again',
};

/**
 * Who may come through a route: whoever may read or do what it names; `signed-in` where the service that is asked looks
 * what exactly is done. `cost` says what one call costs of what a person may ask for in a minute; a page or an edit is one.
 */
export type Gate = 'signed-in' | (({ reads: Reading } | { does: Deed }) & { cost?: number });

type Handler<Context> = (request: NextRequest, context: Context, caller: Caller) => Promise<Response>;
type Route<Context> = (request: NextRequest, context: Context) => Promise<Response>;

/** Header in which a page of ours shows that it is one. */
export const pageTokenHeader = 'x-page-token';

const refused = (reason: string, status: number): Response => faultsAnswer([{ place: '', reason }], status);

/** What an error says to the one who asked; an error of ours is written down and told without its insides. */
function answerTo(error: unknown, request: NextRequest): Response {
  const fault = databaseFault(error);
  if (fault) return refused(reasons[fault], 503);
  if (error instanceof FileRefused) return refused(error.message, 422);
  if (error instanceof NoShop) return refused(error.message, 503);
  if (isBusy(error)) return refused('Coatrel is busy; try again in a moment', 503);
  log().error({ id: request.headers.get('x-request-id'), err: error }, 'an answer failed by our own fault');
  return refused('this is a fault of Coatrel’s own; nothing was half written', 500);
}

/** A route that answers in words whatever happens, and asks nobody who they are. */
export const openTo =
  <Context = unknown>(handler: Route<Context>): Route<Context> =>
  async (request, context) => {
    try {
      return await handler(request, context);
    } catch (error) {
      // Who asked has gone: nobody reads the answer.
      if (request.signal.aborted) return new Response(null, { status: 499 });
      return answerTo(error, request);
    }
  };

const isRead = (request: NextRequest): boolean => ['GET', 'HEAD'].includes(request.method);

/** Why somebody does not come through; null where they do. */
function whyNot(gate: Gate, caller: Caller, request: NextRequest): string | null {
  if (caller.needs === 'second-factor') return 'The second factor is still to be entered.';
  if (gate !== 'signed-in') {
    const why = 'reads' in gate ? whyNotRead(caller.rights, gate.reads) : whyNotDo(caller.rights, gate.does);
    if (why !== null) return why;
  }
  if (isRead(request) || (gate !== 'signed-in' && 'reads' in gate)) return null;
  if (caller.accountId === null) return 'Choose your name and enter your badge code first.';
  const { session } = caller;
  if (session === null) return null;
  return isSame(request.headers.get(pageTokenHeader) ?? '', pageToken(session))
    ? null
    : 'This page is of an earlier sign-in: load it again. Nothing was saved.';
}

/**
 * A route for those who may: it asks who it is, holds their rights against what the route does, counts what it costs, and
 * answers in words whatever happens.
 */
export const guarded = <Context = unknown>(gate: Gate, handler: Handler<Context>): Route<Context> =>
  openTo<Context>(async (request, context) => {
    const caller = await callerOf(askedOf(request));
    if (!caller) return refused('Sign in first.', 401);
    const why = whyNot(gate, caller, request);
    if (why !== null) return refused(why, 403);
    const cost = (gate !== 'signed-in' && gate.cost) || 1;
    if (!(await mayAsk(caller.session ?? caller.tabletId ?? caller.how, cost)))
      return refused('That is more than one person asks for in a minute; try again in a moment.', 429);
    return handler(request, context, caller);
  });
