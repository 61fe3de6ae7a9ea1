import { cookies, headers } from 'next/headers';
import { forbidden, redirect } from 'next/navigation';
import { cache } from 'react';
import { mayRead, type Reading } from '@/core/rights';
import { callerOf, type Caller } from '@/server/access/caller';

/** Who asks for this page, read once a request; null for nobody we know. */
export const pageCaller = cache(async (): Promise<Caller | null> => {
  const [jar, given] = await Promise.all([cookies(), headers()]);
  return callerOf({ cookie: (name) => jar.get(name)?.value, header: (name) => given.get(name) });
});

/** Where somebody who is not signed in goes, and comes back from. */
async function toSignIn(page: string): Promise<never> {
  const path = (await headers()).get('x-path') ?? '/';
  return redirect(path === '/' ? page : `${page}?to=${encodeURIComponent(path)}`);
}

/** Who asks for a page that reads this; others are led to sign in, or told why not. */
export async function allowed(reading: Reading): Promise<Caller> {
  const caller = await pageCaller();
  if (!caller) return toSignIn('/sign-in');
  if (caller.needs === 'second-factor') return toSignIn('/sign-in/second-factor');
  return mayRead(caller.rights, reading) ? caller : forbidden();
}
