// The web server's own process: the application behind the front. Started by `startServer` with its place in the environment.
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import next from 'next';
import { placeOf, withFront } from './front.mjs';
import { meters } from './meters.mjs';
import { openLog } from './open-log.mjs';
import { root } from './place.mjs';

const { COATREL_BOUND: bound, COATREL_NAMES: names = '', COATREL_TLS_FOLDER: tlsFolder } = process.env;
const cut = bound.lastIndexOf(':');
const [hostname, port] = [bound.slice(0, cut).replace(/[[\]]/g, ''), Number(bound.slice(cut + 1))];

const log = await openLog(process.env.COATREL_DATA);
globalThis.coatrelLog = log;
const { count, registry } = meters();
globalThis.coatrelMeters = registry;

const place = placeOf({
  bound,
  names: names.split(',').filter(Boolean),
  tls: tlsFolder !== undefined,
  proxy: process.env.COATREL_PROXY === '1',
});
const told = (one) => {
  count(one);
  // Files of the build and looks at the health are counted, not written down.
  if (one.at !== '/_next/:' && one.at !== '/api/health') log.info(one, 'answered');
};

const app = next({ dev: process.env.NODE_ENV === 'development', dir: root, hostname, port });
await app.prepare();
const front = withFront(app.getRequestHandler(), place, told);
const server = tlsFolder
  ? createTlsServer(
      {
        cert: readFileSync(`${tlsFolder}/certificate.pem`),
        key: readFileSync(`${tlsFolder}/key.pem`),
        minVersion: 'TLSv1.2',
      },
      front,
    )
  : createServer(front);
// A request that dawdles gives its place up; a photo over a slow network still fits.
server.headersTimeout = 15_000;
server.requestTimeout = 120_000;
// One machine of many hands; more sockets than this are a fault or an attack.
server.maxConnections = 1000;
server.on('clientError', (_fault, socket) => {
  if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
});
server.listen(port, hostname);
log.warn({ bound, tls: place.tls }, 'started');
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
