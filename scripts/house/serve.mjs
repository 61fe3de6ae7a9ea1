// The web server's own process: the application behind the front. Started by `startServer` with its place in the environment.
import { createServer } from 'node:http';
import next from 'next';
import { hostNames, withFront } from './front.mjs';
import { root } from './place.mjs';

const bound = process.env.COATREL_BOUND;
const cut = bound.lastIndexOf(':');
const [hostname, port] = [bound.slice(0, cut).replace(/[[\]]/g, ''), Number(bound.slice(cut + 1))];

const app = next({ dev: process.env.NODE_ENV === 'development', dir: root, hostname, port });
await app.prepare();
const server = createServer(withFront(app.getRequestHandler(), hostNames(bound)));
// A request that dawdles gives its place up; a photo over a slow network still fits.
server.headersTimeout = 15_000;
server.requestTimeout = 120_000;
server.on('clientError', (_fault, socket) => {
  if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
});
server.listen(port, hostname);
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
