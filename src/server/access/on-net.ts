/** How this copy stands on the network, as the scripts of the house say it. */

const loopback = new Set(['127.0.0.1', 'localhost', '[::1]', '::1']);

/** Only programs of this machine reach it, and none of them speaks for others. */
export function isLoopbackOnly(): boolean {
  const bound = process.env.COATREL_BOUND ?? '127.0.0.1:0';
  return loopback.has(bound.slice(0, bound.lastIndexOf(':'))) && !isBehindProxy();
}

/** A reverse proxy speaks for browsers elsewhere. */
export const isBehindProxy = (): boolean => process.env.COATREL_PROXY === '1';

/** Browsers reach it by https: by a certificate of its own, or by that of the proxy before it. */
export const isTls = (): boolean => process.env.COATREL_TLS === '1' || isBehindProxy();

/** Whether somebody else's program speaks for a browser; the front says so, since the framework adds such headers itself. */
export const isForwarded = (header: (name: string) => string | null): boolean =>
  header('x-coatrel-forwarded') !== null;

/** Where browsers find this copy, for links that are handed over. */
export const ownOrigin = (): string =>
  process.env.COATREL_ORIGIN ??
  `${isTls() ? 'https' : 'http'}://${process.env.COATREL_BOUND ?? '127.0.0.1:4380'}`;
