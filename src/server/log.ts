import pino, { type Logger } from 'pino';

// The server's own process makes the log and says where it lies; tests and commands write to the error stream.
const store = globalThis as typeof globalThis & { coatrelLog?: Logger };

/**
 * The structured log: what happened, with the id of the request, never a value that somebody typed.
 */
export const log = (): Logger =>
  (store.coatrelLog ??= pino({ level: 'warn', base: null }, pino.destination({ dest: 2, sync: true })));
