import { NextResponse, type NextRequest } from 'next/server';

/** Names under which this copy may be called: the address it is bound to, by number or as localhost. */
function isOurHost(host: string | null): boolean {
  const bound = process.env.COATREL_BOUND;
  if (!bound) return true;
  const port = bound.slice(bound.lastIndexOf(':') + 1);
  return host !== null && [bound, `localhost:${port}`, `127.0.0.1:${port}`, `[::1]:${port}`].includes(host);
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
  if (isWrite && request.headers.get('origin') !== `http://${host}`)
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
