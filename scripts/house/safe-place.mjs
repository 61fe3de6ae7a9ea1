// Where a server may listen.
import { existsSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { Stop } from './say.mjs';

/** Nothing that others can reach speaks without https. */
export function requireSafePlace({ host, name, tls, proxy }) {
  const alone = ['127.0.0.1', 'localhost', '::1'].includes(host);
  if (!alone && !isIP(host))
    throw new Stop(
      `--host must be an address of this machine, such as 0.0.0.0, not ${host}; say its name with --name.`,
    );
  if (proxy && !alone)
    throw new Stop('--proxy is for a proxy on this machine: leave --host out, or others pass it by.');
  if (proxy && tls) throw new Stop('--tls and --proxy are two ways to https: say one.');
  if (proxy && name.length === 0)
    throw new Stop('--proxy needs --name: the name by which browsers call the proxy.');
  if (!alone && !tls)
    throw new Stop(
      `--host ${host} opens Coatrel to the network, which needs https: make a certificate with npm run certificate -- NAME, then add --tls.`,
    );
  const wrong = name.find((one) => !/^[A-Za-z0-9]([A-Za-z0-9.-]{0,251}[A-Za-z0-9])?$/.test(one));
  if (wrong !== undefined) throw new Stop(`--name ${wrong} is no host name.`);
}

/** The folder of our own certificate. @throws Stop where there is none yet */
export function requireCertificate(data) {
  const folder = join(data, 'tls');
  if (!existsSync(join(folder, 'certificate.pem')))
    throw new Stop('there is no certificate yet; make one with: npm run certificate -- NAME');
  return folder;
}

/** A port as it is said. @throws Stop for what is none */
export function readPort(said) {
  const port = Number(said);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`--port must be a whole number from 1 to 65535, not ${said}.`);
  return port;
}
