import { NextResponse, type NextRequest } from 'next/server';
import { hostNames } from '../scripts/house/host-names.mjs';
import { isTls } from './server/access/on-net';

/** Names under which this copy may be called; the front before the application holds them too. */
function isOurHost(host: string | null): boolean {
  const { COATREL_BOUND: bound, COATREL_NAMES: names = '' } = process.env;
  if (!bound) return true;
  return host !== null && hostNames(bound, names.split(',').filter(Boolean)).has(host.toLowerCase());
}

const refuse = (status: number, message: string) =>
  new NextResponse(`${message}\n`, { status, headers: { 'content-type': 'text/plain' } });

/** The page of an owner works without script, and runs none. */
const isOwnersPage = (path: string): boolean => path.startsWith('/owner/');

function contentPolicy(nonce: string, path: string): string {
  const development = process.env.NODE_ENV === 'development';
  return [
    "default-src 'self'",
    isOwnersPage(path)
      ? "script-src 'none'"
      : `script-src 'self' 'nonce-${nonce}'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "worker-src 'self'",
    "img-src 'self' blob: data:",
    "object-src 'none'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
    "form-action 'self'",
  ].join('; ');
}

/** Every request: only our own host name, writes only from our own pages, a content policy with a fresh nonce. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host');
  if (!isOurHost(host)) return refuse(421, 'This host name is not the one Coatrel is bound to.');
  const isWrite = !['GET', 'HEAD', 'OPTIONS'].includes(request.method);
  if (isWrite && request.headers.get('origin') !== `${isTls() ? 'https' : 'http'}://${host}`)
    return refuse(403, 'Writes are taken only from Coatrel’s own pages.');

  const nonce = btoa(crypto.randomUUID());
  const policy = contentPolicy(nonce, request.nextUrl.pathname);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  headers.set('x-path', request.nextUrl.pathname + request.nextUrl.search);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
}

export const config = { matcher: '/((?!_next/static).*)' };
