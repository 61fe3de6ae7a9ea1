// What every request passes before the application sees it: method, host, address, and who may ask from where.

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

/** Names under which a server bound to `host:port` may be called. */
export function hostNames(bound) {
  const port = bound.slice(bound.lastIndexOf(':') + 1);
  const names = [bound, `localhost:${port}`, `127.0.0.1:${port}`, `[::1]:${port}`];
  return new Set(port === '80' ? [...names, ...names.map((name) => name.slice(0, -3))] : names);
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

/** Puts the front before a handler of Node's http server. */
export const withFront = (handle, hosts) => (request, response) => {
  for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
  const refused = refusalOf(request, hosts);
  if (!refused) return handle(request, response);
  if (refused.status === 405) response.setHeader('Allow', methods.join(', '));
  // What is still on its way is not read.
  response.setHeader('Connection', 'close');
  response.writeHead(refused.status, { 'content-type': 'text/plain; charset=utf-8' });
  response.end(request.method === 'HEAD' ? undefined : `${refused.reason}\n`);
};
