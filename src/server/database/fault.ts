const away = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'PROTOCOL_CONNECTION_LOST',
  'ETIMEDOUT',
  'ER_CON_COUNT_ERROR',
  'ER_CONNECTION_KILLED',
  'ER_QUERY_INTERRUPTED',
  'POOL_CLOSED',
  'ER_SERVER_SHUTDOWN',
  'ER_NODE_NOT_READY',
  'POOL_NOEXIST',
  'POOL_NONEONLINE',
]);
const full = new Set(['ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'ER_ERROR_ON_WRITE', 'ENOSPC', 'EDQUOT']);

/**
 * What a failed query says of the database itself: it is away (stopped, starting again) or its disk is full.
 * @returns null for any other error, which is our own fault
 */
export function databaseFault(error: unknown): 'away' | 'full' | null {
  const codes = codesOf(error);
  if (codes.some((code) => away.has(code))) return 'away';
  return codes.some((code) => full.has(code)) ? 'full' : null;
}

/** Codes of an error and of what caused it, outermost first. */
function codesOf(error: unknown): string[] {
  const codes: string[] = [];
  for (let at: unknown = error; at instanceof Error && codes.length < 8; at = at.cause) {
    if ('code' in at && typeof at.code === 'string') codes.push(at.code);
    // The driver has no name for the check constraints of MariaDB.
    if ('errno' in at && at.errno === 4025) codes.push('ER_CONSTRAINT_FAILED');
    // A node of a cluster that has lost the others, or joins them still.
    if ('errno' in at && at.errno === 1047) codes.push('ER_NODE_NOT_READY');
    // A roll-back on a connection that broke says only this, in place of what broke it.
    if (/connection is in closed state/.test(at.message)) codes.push('PROTOCOL_CONNECTION_LOST');
    if (/error: 28\b|errno: 28\b|No space left/i.test(at.message)) codes.push('ER_DISK_FULL');
  }
  return codes;
}

/** Whether an error, or what caused it, carries a code of the database. */
export const hasCode = (error: unknown, code: string): boolean => codesOf(error).includes(code);

const passing = ['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD', ...away];

/** What is over as soon as it is tried again: two writers in each other's way, a connection that broke. */
export const isPassing = (error: unknown): boolean => codesOf(error).some((code) => passing.includes(code));
