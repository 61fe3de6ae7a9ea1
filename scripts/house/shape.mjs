// The shape of an address: its words without what somebody typed or was given.

/** Behind these words stands a name or a token, whatever it looks like. */
const before = new Set([
  ...['jobs', 'owner', 'set-password', 'photos', 'documents', 'sessions', 'accounts', 'tablets', 'uploads'],
  ...['offers', 'owner-links', 'signatures', 'shelf', 'operations', 'calendars'],
]);
const words = new Set(['new']);

/** `/jobs/P-014/bays?day=3` is `/jobs/:/bays`; files of the build are one shape. */
export function shapeOf(address) {
  const path = address.split('?', 1)[0] ?? '';
  if (path.startsWith('/_next/')) return '/_next/:';
  return path
    .split('/')
    .map((part, i, all) => {
      if (part === '' || (words.has(part) && all[i - 1] === 'jobs')) return part;
      return before.has(all[i - 1]) || !/^[a-z][a-z-]{0,19}$/.test(part) ? ':' : part;
    })
    .slice(0, 8)
    .join('/');
}
