import type { NextRequest } from 'next/server';
import { uploadServer } from '@/server/photos/uploads';
import { guarded } from '../../guarded';

/** A body that streams has to say so; the types of the browser do not know it yet. */
interface Streamed extends RequestInit {
  duplex: 'half';
}

/** Coatrel takes no PATCH: a piece is posted, and its header says what it is. */
function asSaid(request: NextRequest): Request {
  const { url, headers, body } = request;
  if (headers.get('x-http-method-override') !== 'PATCH') return request;
  const patch: Streamed = { method: 'PATCH', headers, body, duplex: 'half' };
  return new Request(url, patch);
}

/** Photos in pieces over a slow link; what broke off goes on where it stopped. Nothing is read back here. */
const handle = guarded({ does: 'add-photo' }, async (request) =>
  (await uploadServer()).handleWeb(asSaid(request)),
);

export const POST = handle;
export const HEAD = handle;
