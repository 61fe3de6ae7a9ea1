import type { NextRequest } from 'next/server';
import { lineByLine } from '@/workers/line-by-line';
import type { Tell } from '@/workers/tasks';
import type { Caller } from '@/server/access/caller';
import { guarded, type Gate } from './guarded';

type Told<Context> = (
  request: NextRequest,
  context: Context,
  tell: Tell,
  caller: Caller,
) => Promise<Response>;

/** Shares nearer to each other than this are not told: nobody sees them. */
const leastShare = 0.01;

/**
 * A route of a long task that answers in words whatever happens. Who accepts lines is told meanwhile how far it is: each
 * line a share of the whole, the last the status and the body of the answer. Others get the answer alone.
 */
export const told =
  <Context = unknown>(gate: Gate, handler: Told<Context>) =>
  async (request: NextRequest, context: Context): Promise<Response> => {
    const answering = (tell: Tell) =>
      guarded<Context>(gate, (asked, given, caller) => handler(asked, given, tell, caller))(request, context);
    if (!request.headers.get('accept')?.includes(lineByLine)) return answering(() => {});
    const encoder = new TextEncoder();
    // Who asked may go at any moment: a stream that nobody reads takes no more lines.
    let isGone = false;
    const body = new ReadableStream<Uint8Array>({
      cancel() {
        isGone = true;
      },
      async start(controller) {
        let shown = 0;
        const send = (line: string) => {
          if (!isGone) controller.enqueue(encoder.encode(`${line}\n`));
        };
        const answer = await answering((share) => {
          if (share - shown < leastShare) return;
          shown = share;
          send(JSON.stringify({ share }));
        });
        send(`{"status":${answer.status},"body":${(await answer.text()) || 'null'}}`);
        if (!isGone) controller.close();
      },
    });
    return new Response(body, { headers: { 'content-type': lineByLine, 'cache-control': 'no-store' } });
  };
