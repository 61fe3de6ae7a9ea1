// Hostile inputs: bodies, addresses and headers that no page of ours sends.
import { request } from 'node:http';
import { accessOf, ask, chance } from './copy.mjs';

const paths = [
  ...[
    'edit',
    'undo',
    'jobs',
    'accept',
    'accounts',
    'tablets',
    'sign-in',
    'sign-in/link',
    'sign-in/pair',
    'closures',
  ],
  ...['figures', 'shelf', 'own/password', 'own/second-factor', 'jobs/P-014/offers', 'jobs/P-014/signatures'],
  ...[
    'jobs/P-014/panel-map',
    'jobs/P-014/readings',
    'jobs/P-014/changes',
    'jobs/P-014/photos',
    'jobs/P-014/trash',
  ],
  ...[
    'jobs/P-014/owner-links',
    'owner/none',
    'sessions/none',
    'accounts/none',
    'tablets/none',
    'uploads',
    'trash/none',
  ],
].map((one) => `/api/${one}`);
const strings = [
  ...[
    '',
    ' ',
    '\u0000',
    '\u202e',
    "' or 1=1 --",
    '<script>alert(1)</script>',
    '../../etc/passwd',
    '%00',
    '{{7*7}}',
    '${7*7}',
  ],
  ...[
    'P-014',
    'roof',
    '__proto__',
    'constructor',
    'x'.repeat(5000),
    '😀'.repeat(200),
    '2026-13-45',
    '-1',
    'NaN',
    'null',
  ],
];
const kinds = [
  'job',
  'section',
  'survey',
  'add-marks',
  'log',
  'stock',
  'product',
  'operation',
  'shop',
  'set-item',
  'sign-off',
  'none',
];

function value(random, depth = 0) {
  const pick = random();
  if (pick < 0.25) return strings[Math.floor(random() * strings.length)];
  if (pick < 0.4) return [0, -1, 1e308, -1e-300, 2 ** 53, 1.5][Math.floor(random() * 6)];
  if (pick < 0.5) return [null, true, false][Math.floor(random() * 3)];
  if (depth > 4) return 1;
  if (pick < 0.7) return Array.from({ length: Math.floor(random() * 5) }, () => value(random, depth + 1));
  const own = Object.fromEntries(
    Array.from({ length: Math.floor(random() * 6) }, () => [
      [
        'kind',
        'job',
        'seen',
        'set',
        'id',
        'section',
        'part',
        'step',
        'text',
        'name',
        'password',
        '__proto__',
      ][Math.floor(random() * 12)],
      value(random, depth + 1),
    ]),
  );
  return random() < 0.6 ? { ...own, kind: kinds[Math.floor(random() * kinds.length)] } : own;
}

function body(random) {
  const pick = random();
  if (pick < 0.75) return JSON.stringify(value(random));
  if (pick < 0.8) return '['.repeat(20_000);
  if (pick < 0.85) return '{"a":'.repeat(5000);
  if (pick < 0.9)
    return Buffer.from(Array.from({ length: 300 }, () => Math.floor(random() * 256))).toString('latin1');
  return JSON.stringify(value(random)).slice(0, Math.floor(random() * 60));
}

/** One request as it is, without a client that mends it. */
function send({ port }, method, path, headers, text) {
  return new Promise((done) => {
    const asked = request({ host: '127.0.0.1', port, method, path, headers, timeout: 30_000 }, (answer) => {
      let said = '';
      answer.on('data', (part) => (said = (said + part).slice(0, 20_000)));
      answer.on('end', () => done({ status: answer.statusCode, said }));
      answer.on('error', () => done({ status: 0, said: '' }));
    });
    asked.on('timeout', () => asked.destroy());
    asked.on('error', () => done({ status: 0, said: '' }));
    asked.end(text);
  });
}

const leaks = /node_modules|at .*\.(ts|js):\d+|ER_[A-Z_]+|select .* from|mariadb\b.*sock/i;

/** @throws where an answer is a fault of our own, tells our insides, or something was changed that must not be */
export async function hostile(copy, { count, seed = 11 }) {
  const random = chance(seed);
  const jobs = () => ask(accessOf(copy), 'select group_concat(id order by id) from job')[0];
  const accounts = () =>
    ask(accessOf(copy), 'select group_concat(concat(id, role, ended) order by id) from account')[0];
  const before = [jobs(), accounts()];
  const seen = new Map();
  let left = count;
  const one = async () => {
    while (left > 0) {
      left -= 1;
      const own = random() < 0.7;
      const origin = own ? copy.address : ['http://evil.example', 'null', ''][Math.floor(random() * 3)];
      const method =
        random() < 0.9
          ? 'POST'
          : ['GET', 'PUT', 'DELETE', 'TRACE', 'PATCH', 'HEAD'][Math.floor(random() * 6)];
      const spoilt = random() < 0.1 ? strings[Math.floor(random() * strings.length)] : '';
      const path = encodeURI(paths[Math.floor(random() * paths.length)] + spoilt)
        .replace(/%25/g, '%')
        .slice(0, 6000);
      const headers = { host: `127.0.0.1:${copy.port}`, 'content-type': 'application/json', origin };
      if (random() < 0.1) headers.cookie = `coatrel-session=${'A'.repeat(Math.floor(random() * 3000))}`;
      if (random() < 0.05) headers['x-forwarded-for'] = '127.0.0.1';
      if (random() < 0.05) headers['x-coatrel-address'] = '127.0.0.1';
      if (random() < 0.05) headers['x-middleware-subrequest'] = 'middleware:middleware:middleware';
      const hasBody = !['GET', 'HEAD', 'TRACE'].includes(method);
      const { status, said } = await send(copy, method, path, headers, hasBody ? body(random) : undefined);
      seen.set(status, (seen.get(status) ?? 0) + 1);
      if (status >= 500 && status !== 503)
        throw new Error(`${method} ${path}: ${status} ${said.slice(0, 200)}`);
      if (status >= 400 && leaks.test(said))
        throw new Error(`${method} ${path} tells our insides: ${said.slice(0, 200)}`);
    }
  };
  await Promise.all(Array.from({ length: 8 }, one));
  await copy.back(20);
  if (before[0] !== jobs()) throw new Error(`the jobs are ${jobs()} and were ${before[0]}`);
  if (before[1] !== accounts()) throw new Error('accounts were changed');
  const told = [...seen].sort((a, b) => b[1] - a[1]).map(([status, times]) => `${status}: ${times}`);
  return `${count} requests (${told.join(', ')})`;
}
