import type { NextRequest } from 'next/server';
import type { Asked } from '@/server/access/caller';

/** What is read of a request to find out who asks. */
export const askedOf = (request: NextRequest): Asked => ({
  cookie: (name) => request.cookies.get(name)?.value,
  header: (name) => request.headers.get(name),
});
