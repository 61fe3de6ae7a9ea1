import { callerOf } from '@/server/access/caller';
import { changesSince, onChange, type LiveChange } from '@/server/live';
import { askedOf } from '../asked';
import { guarded } from '../guarded';

/** Between two signs of life, ms; after as many of them it is asked again who listens. */
const beatMs = 15_000;

/** A database that is away is asked again by the next beat; the page hears of what it missed when it comes back. */
const later = () => {};

/** Tells a page of writes that others make (server-sent events): which room, under which request. No value is in it. */
export const GET = guarded({ reads: 'plans' }, async (request) => {
  const asked = request.headers.get('last-event-id') ?? request.nextUrl.searchParams.get('since') ?? '';
  const since = /^\d{1,15}$/.test(asked) ? Number(asked) : null;
  const encoder = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (text: string) => {
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          // Who listened has gone.
          end();
        }
      };
      const tell = (changes: readonly LiveChange[]) => {
        if (changes.length > 0) send(`id: ${changes.at(-1)!.id}\ndata: ${JSON.stringify(changes)}\n\n`);
      };
      const off = onChange(tell);
      // What was written since the page was made, or while the line was broken.
      if (since !== null) changesSince(since).then(tell, later);
      const beat = setInterval(() => {
        send(': here\n\n');
        // A session that was taken back hears nothing more.
        callerOf(askedOf(request)).then((caller) => {
          if (caller !== null) return;
          end();
          controller.close();
        }, later);
      }, beatMs);
      end = () => {
        off();
        clearInterval(beat);
      };
      request.signal.addEventListener('abort', () => end());
      send('retry: 2000\n\n');
    },
    cancel: () => end(),
  });
  return Promise.resolve(
    new Response(body, {
      headers: {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store',
        'x-accel-buffering': 'no',
      },
    }),
  );
});
