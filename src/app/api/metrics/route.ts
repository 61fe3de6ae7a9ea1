import type { Registry } from 'prom-client';
import { guarded } from '../guarded';

// Made by the server's own process, which counts every answer.
const store = globalThis as typeof globalThis & { coatrelMeters?: Registry };

/** What the server counts of itself, as plain text. */
export const GET = guarded({ reads: 'operation' }, async () =>
  store.coatrelMeters
    ? new Response(await store.coatrelMeters.metrics(), {
        headers: { 'content-type': store.coatrelMeters.contentType },
      })
    : Response.json({ status: 'nothing' }, { status: 404 }),
);
