const away = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
]);
const full = new Set(['ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'ER_ERROR_ON_WRITE']);

/**
 * What a failed query says of the database itself: it is away (stopped, starting again) or its disk is full.
 * @returns null for any other error, which is our own fault
 */
export function databaseFault(error: unknown): 'away' | 'full' | null {
  for (let at = error as { code?: string; cause?: unknown } | undefined; at; at = at.cause as typeof at) {
    if (at.code && away.has(at.code)) return 'away';
    if (at.code && full.has(at.code)) return 'full';
  }
  return null;
}
