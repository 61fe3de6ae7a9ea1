import { faultsAnswer } from './json-body';

interface Named {
  /** What it is called where it is saved. */
  filename: string;
  type: string;
  /** What is said where there is none. */
  missing: { place: string; reason: string };
}

/** A file that was made, to be saved; what could not be made says why. */
export function fileAnswer(
  made: string | Uint8Array | { reason: string } | null,
  { filename, type, missing }: Named,
): Response {
  if (made === null) return faultsAnswer([missing], 404);
  if (typeof made !== 'string' && 'reason' in made)
    return faultsAnswer([{ place: missing.place, reason: made.reason }]);
  return new Response(typeof made === 'string' ? made : new Blob([new Uint8Array(made)]), {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${filename}"`,
      'x-content-type-options': 'nosniff',
    },
  });
}
