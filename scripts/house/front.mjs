// What every request passes before the application sees it: method, host, address, who may ask from where, and the log.
import { randomUUID } from 'node:crypto';
import { hostNames } from './host-names.mjs';
import { shapeOf } from './shape.mjs';

const methods = ['GET', 'HEAD', 'POST'];
const longestAddress = 4096;

/** Said with every answer, files of the build included. */
const headers = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(self), geolocation=(), microphone=(), payment=(), usb=()',
  'Referrer-Policy': 'same-origin',
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  // The application says otherwise for what may be kept: its own files and photos, which never change.
  'Cache-Control': 'no-store',
};
const overTls = { 'Strict-Transport-Security': 'max-age=31536000' };

/** Headers that only we write; from a browser they are dropped. */
const ours = [
  'x-coatrel-address',
  'x-coatrel-forwarded',
  'x-request-id',
  'x-path',
  'x-nonce',
  'x-middleware-subrequest',
];

/** By these a proxy says for whom it asks; whoever sends one does not ask for itself. */
const forwarding = [
  'forwarded',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-real-ip',
  'via',
];

/** Where a request comes through: how the copy is bound, and whether a proxy stands before it. */
export function placeOf({ bound, names = [], tls = false, proxy = false }) {
  return { hosts: hostNames(bound, names), tls: tls || proxy, proxy };
}

function decodes(address) {
  try {
    decodeURIComponent(address);
    return true;
  } catch {
    return false;
  }
}

const valuesOf = (request, name) =>
  request.rawHeaders.filter((_, i) => i % 2 === 1 && request.rawHeaders[i - 1].toLowerCase() === name);

/**
 * What speaks against a request: a status and a sentence; null lets it pass.
 * @param request of Node's http server   @param hosts names it may be called by
 */
export function refusalOf(request, hosts) {
  const method = request.method ?? '';
  if (!methods.includes(method)) return { status: 405, reason: `Coatrel takes ${methods.join(', ')}.` };
  const given = valuesOf(request, 'host');
  if (given.length !== 1) return { status: 400, reason: 'A request names one host, once.' };
  if (!hosts.has(given[0].toLowerCase()))
    return { status: 421, reason: 'This host name is not the one Coatrel is bound to.' };
  const address = request.url ?? '';
  if (address.length > longestAddress) return { status: 414, reason: 'The address is too long.' };
  if (!address.startsWith('/') || !decodes(address))
    return { status: 400, reason: 'The address is not well-formed.' };
  const [site] = valuesOf(request, 'sec-fetch-site');
  const isPage = valuesOf(request, 'sec-fetch-mode')[0] === 'navigate';
  // Another site may lead a person here; it may not make their browser ask for figures, which cost time to make.
  if (site && site !== 'same-origin' && site !== 'none' && (!isPage || address.startsWith('/api/')))
    return { status: 403, reason: 'Coatrel answers its own pages only.' };
  return null;
}

/** What the proxy must say, where one stands before us: for whom it asks, and that it was reached by https. */
function proxyRefusal(request) {
  if (valuesOf(request, 'x-forwarded-proto')[0] !== 'https')
    return { status: 400, reason: 'The proxy must say X-Forwarded-Proto: https.' };
  return valuesOf(request, 'x-forwarded-for').length === 1
    ? null
    : { status: 400, reason: 'The proxy must say X-Forwarded-For, once.' };
}

/** Who asks: the socket's other end, or whom the proxy names last, since what stands before is said by the browser. */
export const addressOf = (request, proxy) =>
  proxy
    ? (valuesOf(request, 'x-forwarded-for')[0] ?? '').split(',').at(-1).trim()
    : (request.socket?.remoteAddress ?? '');

/**
 * Puts the front before a handler of Node's http server.
 * @param place of `placeOf`   @param told is told of each answer: method, shape of the address, status, milliseconds, id
 */
export const withFront =
  (handle, place, told = () => {}) =>
  (request, response) => {
    const began = performance.now();
    const id = randomUUID();
    for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
    if (place.tls) for (const [name, value] of Object.entries(overTls)) response.setHeader(name, value);
    response.setHeader('X-Request-Id', id);
    response.on('close', () =>
      told({
        id,
        method: request.method,
        at: shapeOf(request.url ?? ''),
        status: response.writableFinished ? response.statusCode : 499,
        ms: Math.round(performance.now() - began),
      }),
    );
    const refused = refusalOf(request, place.hosts) ?? (place.proxy ? proxyRefusal(request) : null);
    if (!refused) {
      for (const name of ours) delete request.headers[name];
      if (forwarding.some((name) => valuesOf(request, name).length > 0))
        request.headers['x-coatrel-forwarded'] = '1';
      request.headers['x-coatrel-address'] = addressOf(request, place.proxy);
      request.headers['x-request-id'] = id;
      return handle(request, response);
    }
    if (refused.status === 405) response.setHeader('Allow', methods.join(', '));
    // What is still on its way is not read.
    response.setHeader('Connection', 'close');
    response.writeHead(refused.status, { 'content-type': 'text/plain; charset=utf-8' });
    response.end(request.method === 'HEAD' ? undefined : `${refused.reason}\n`);
  };
