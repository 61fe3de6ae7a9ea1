/** Names under which a server bound to `host:port` may be called; behind a proxy also the names of the proxy. */
export function hostNames(bound, names = []) {
  const port = bound.slice(bound.lastIndexOf(':') + 1);
  const own = [bound, `localhost:${port}`, `127.0.0.1:${port}`, `[::1]:${port}`];
  const given = names.flatMap((name) => [name.toLowerCase(), `${name.toLowerCase()}:${port}`]);
  const all = [...own, ...given];
  return new Set(
    ['80', '443'].includes(port) ? [...all, ...all.map((name) => name.replace(/:\d+$/, ''))] : all,
  );
}
