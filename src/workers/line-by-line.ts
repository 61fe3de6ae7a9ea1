/** Media type of an answer whose lines are JSON: how far a long task is, then what came of it. */
export const lineByLine = 'application/x-ndjson';

/** A line of it. */
export type ToldLine = { share: number } | { status: number; body: unknown };
