import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { NextRequest } from 'next/server';
import { accountRoles, type AccountRole } from '@/core/rights';
import { headersOf } from '@/server/access/session.fixture';
import { closeAll, freshDemo } from '@/server/database/fresh-demo.fixture';

type Verb = 'GET' | 'POST' | 'HEAD';
type Route = (request: NextRequest, context: object) => Promise<Response>;

const all: AccountRole[] = [...accountRoles];
const office: AccountRole[] = ['manager', 'planner', 'reader'];
const planners: AccountRole[] = ['manager', 'planner'];
const hands: AccountRole[] = ['manager', 'planner', 'painter', 'crew'];
const photographers: AccountRole[] = [...hands, 'store'];
const stores: AccountRole[] = ['manager', 'planner', 'store'];
const writers: AccountRole[] = ['manager', 'planner', 'painter', 'crew', 'store', 'engineer'];
const manager: AccountRole[] = ['manager'];

/** Who comes through each route, by what the roles are for; written by hand and not read from the gates. */
const table: Record<string, Partial<Record<Verb, AccountRole[]>> | 'open'> = {
  accept: { POST: planners },
  accounts: { POST: manager },
  'accounts/[id]': { POST: manager },
  audit: { GET: office },
  backups: { POST: manager },
  'calendars/[kind]/[id]': { GET: all },
  closures: { POST: planners },
  'documents/[id]': { GET: all },
  edit: { POST: all },
  figures: { GET: office, POST: manager },
  forecast: { GET: all },
  health: 'open',
  jobs: { POST: planners },
  'jobs/[job]/archive': { GET: planners },
  'jobs/[job]/audit': { GET: office },
  'jobs/[job]/calendar-problem': { GET: all },
  'jobs/[job]/changes': { POST: all },
  'jobs/[job]/colours': { GET: all },
  'jobs/[job]/documents/[kind]/file': { GET: all },
  'jobs/[job]/elevations': { GET: all },
  'jobs/[job]/figures': { GET: all, POST: planners },
  'jobs/[job]/forecast': { GET: all },
  'jobs/[job]/give-up': { GET: all },
  'jobs/[job]/hiding': { GET: all },
  'jobs/[job]/in-order': { GET: all },
  'jobs/[job]/mask-map': { GET: all },
  'jobs/[job]/offers': { POST: planners },
  'jobs/[job]/offers/[number]/answer': { POST: planners },
  'jobs/[job]/offers/[number]/stages': { GET: office },
  'jobs/[job]/options': { GET: all },
  'jobs/[job]/orders': { GET: all },
  'jobs/[job]/owner-data': { GET: manager, POST: manager },
  'jobs/[job]/owner-links': { POST: planners },
  'jobs/[job]/owner-links/[id]': { POST: planners },
  'jobs/[job]/panel-map': { GET: all, POST: planners },
  'jobs/[job]/photos': { GET: all, POST: photographers },
  'jobs/[job]/readings': { POST: hands },
  'jobs/[job]/remedies': { GET: all },
  'jobs/[job]/schemes': { GET: all },
  'jobs/[job]/schools': { GET: all },
  'jobs/[job]/signatures': { POST: planners },
  'jobs/[job]/signatures/[id]': { POST: planners },
  'jobs/[job]/stations': { GET: all },
  'jobs/[job]/strip-methods': { GET: all },
  'jobs/[job]/systems': { GET: all },
  'jobs/[job]/trash': { POST: planners },
  'jobs/[job]/what-if': { GET: all },
  live: { GET: all },
  metrics: { GET: manager },
  'operations/[code]/history': { GET: office },
  'own/password': { POST: all },
  'own/second-factor': { POST: all },
  'own/sessions/[key]': { POST: all },
  'owner/[token]': 'open',
  'owner/[token]/photos/[sha]': 'open',
  'photos/[sha]': { GET: all },
  'sessions/[key]': { POST: manager },
  shelf: { GET: all, POST: stores },
  'shelf/[code]/history': { GET: all },
  'shop/mark': { POST: manager },
  'sign-in': 'open',
  'sign-in/badge': 'open',
  'sign-in/demo': 'open',
  'sign-in/link': 'open',
  'sign-in/pair': 'open',
  'sign-in/second-factor': 'open',
  'sign-out': 'open',
  tablets: { POST: manager },
  'tablets/[id]': { POST: manager },
  together: { GET: all, POST: planners },
  'trash/[id]': { POST: planners },
  undo: { POST: writers },
  'uploads/[[...id]]': { POST: photographers, HEAD: photographers },
};

/** What takes long, or does something: that somebody comes through is seen by another test of theirs. */
const costly = new Set(['together', 'forecast', 'backups']);

const routes = readdirSync(__dirname, { recursive: true, withFileTypes: true })
  .filter((one) => one.name === 'route.ts')
  .map((one) => relative(__dirname, one.parentPath))
  .sort();

const headers: Record<string, Record<string, string>> = {};
beforeAll(async () => {
  await freshDemo();
  for (const role of all) headers[role] = await headersOf(`gate-${role}`, role);
  // Over the network: nobody is signed in by the demo. A manager has a second factor there, which is not what is looked at here.
  process.env.COATREL_NAMES = '';
});
afterAll(closeAll);

const params = Promise.resolve({
  job: 'X-1',
  id: 'none',
  kind: 'labels',
  number: '1',
  key: '0'.repeat(16),
  code: 'none',
  sha: '0'.repeat(64),
  token: 'none',
});
const ask = (path: string, verb: Verb, given: Record<string, string>): NextRequest =>
  new NextRequest(`http://127.0.0.1/api/${path}`, {
    method: verb,
    headers: given,
    body: verb === 'POST' ? '{}' : undefined,
  });
const handlersOf = async (path: string) => {
  const found = (await import(join(__dirname, path, 'route'))) as Partial<Record<Verb, Route>>;
  return (['GET', 'POST', 'HEAD'] as const).flatMap((verb) => {
    const handler = found[verb];
    return handler ? [{ verb, handler }] : [];
  });
};

test('every route is in the table, and nothing else is', () => {
  expect(routes).toEqual(Object.keys(table).sort());
});

describe.each(routes.filter((path) => table[path] !== 'open'))('%s', (path) => {
  const allowed = table[path] as Partial<Record<Verb, AccountRole[]>>;

  test('has the verbs of the table', async () => {
    expect((await handlersOf(path)).map((one) => one.verb).sort()).toEqual(Object.keys(allowed).sort());
  });

  test('asks nobody in who did not sign in', async () => {
    for (const { verb, handler } of await handlersOf(path)) {
      const answer = await handler(ask(path, verb, { 'x-coatrel-forwarded': '1' }), { params });
      expect([verb, answer.status]).toEqual([verb, 401]);
    }
  });

  test('lets through whom the table names, and nobody else', async () => {
    for (const { verb, handler } of await handlersOf(path))
      for (const role of all) {
        const may = allowed[verb]!.includes(role);
        if (may && costly.has(path)) continue;
        const answer = await handler(ask(path, verb, headers[role]!), { params });
        await answer.body?.cancel();
        expect([verb, role, answer.status === 403]).toEqual([verb, role, !may]);
        expect(answer.status).not.toBe(401);
      }
  });

  test('takes no write from a page that is not ours: the token of the page is missing', async () => {
    for (const { verb, handler } of await handlersOf(path)) {
      // What asks by POST and writes nothing needs none.
      if (verb !== 'POST' || path === 'jobs/[job]/changes') continue;
      const { cookie } = headers.manager!;
      const answer = await handler(ask(path, verb, { cookie: cookie! }), { params });
      expect([path, answer.status]).toEqual([path, 403]);
    }
  });
});
