import type { NextRequest } from 'next/server';
import { cookieLine, sessionCookie, tabletCookie } from '@/server/access/cookies';
import type { From, SignedIn } from '@/server/services/sign-in';
import { faultsAnswer } from './json-body';

/** From where somebody asks; the front writes the address down and lets nobody else do so. */
export const fromOf = (request: NextRequest): From => ({
  address: request.headers.get('x-coatrel-address') ?? 'here',
  agent: (request.headers.get('user-agent') ?? '').slice(0, 120),
});

/** Shut for a while: too many tries. */
export const shutAnswer = (minutes: number): Response =>
  faultsAnswer(
    [{ place: '', reason: `Too many tries. Wait ${minutes} minutes, or ask the manager for a link.` }],
    429,
  );

/** What comes of a try to sign in: the cookie of a session, or why not. */
export function signedInAnswer(outcome: SignedIn): Response {
  if (outcome.status === 'shut') return shutAnswer(outcome.minutes);
  if (outcome.status === 'refused') return faultsAnswer([{ place: '', reason: outcome.reason }], 422);
  const { begun, needs } = outcome;
  return Response.json(
    { status: 'saved', needs },
    { headers: { 'set-cookie': cookieLine(sessionCookie(), begun.seal, begun.seconds) } },
  );
}

/** Takes the cookies of a session away. @param tablet the tablet's own as well */
export function signedOutAnswer(tablet: boolean): Response {
  const headers = new Headers();
  headers.append('set-cookie', cookieLine(sessionCookie(), '', 0));
  if (tablet) headers.append('set-cookie', cookieLine(tabletCookie(), '', 0));
  return Response.json({ status: 'saved' }, { headers });
}
