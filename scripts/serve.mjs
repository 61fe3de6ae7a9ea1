// npm run serve: one more process that serves the database of a running copy, on a port of its own.
import { parseArgs } from 'node:util';
import { addressAt, requireFreePort, runCommand, startServer, stopServer } from './house/application.mjs';
import { isBuilt } from './house/build.mjs';
import { requireNodePackages } from './house/packages.mjs';
import { dataFolder } from './house/place.mjs';
import { readPort, requireCertificate, requireSafePlace } from './house/safe-place.mjs';
import { runMain, say, Stop } from './house/say.mjs';

const usage = `npm run serve -- --port N [--host H] [--name NAME …] [--tls | --proxy]
  Start the first process with npm start: it keeps the database. These serve beside it, any number of them.`;

function readOptions() {
  let values;
  try {
    ({ values } = parseArgs({
      options: {
        port: { type: 'string', default: '4381' },
        host: { type: 'string', default: '127.0.0.1' },
        name: { type: 'string', multiple: true, default: [] },
        tls: { type: 'boolean', default: false },
        proxy: { type: 'boolean', default: false },
        help: { type: 'boolean', default: false },
      },
    }));
  } catch (fault) {
    throw new Stop(`${fault.message.split('.')[0]}.\n${usage}`);
  }
  const port = readPort(values.port);
  requireSafePlace(values);
  return { ...values, port };
}

await runMain(async () => {
  const options = readOptions();
  if (options.help) return say(usage);
  requireNodePackages();
  await requireFreePort(options.host, options.port);
  const data = dataFolder();
  if (!isBuilt('.next'))
    throw new Stop('this copy is not built, or its sources changed; run npm start first.');
  // Says in a sentence where the database is away, or of another form.
  runCommand(['migrate'], { COATREL_DATA: data });
  const [shown = options.host] = options.name;
  const origin = options.proxy ? `https://${shown}` : addressAt(shown, options.port, options.tls);
  const { host, port, name: names, proxy } = options;
  const tls = options.tls ? requireCertificate(data) : undefined;
  let stopping = false;
  let server = null;
  const serve = async () => {
    server = await startServer({
      host,
      port,
      names,
      tls,
      proxy,
      origin,
      folder: '.next',
      env: { COATREL_DATA: data },
    });
    server.child.on('exit', () => {
      if (stopping) return;
      say('The web server stopped by itself; starting it again.');
      setTimeout(() => serve().catch(fail), 1000);
    });
  };
  const stop = async (code) => {
    stopping = true;
    await stopServer(server?.child);
    process.exit(code);
  };
  const fail = (fault) => {
    process.stderr.write(`coatrel: ${fault.message}\n`);
    return stop(1);
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
  await serve();
  say(`One more process serves at ${origin}  (Ctrl-C stops it)`);
});
