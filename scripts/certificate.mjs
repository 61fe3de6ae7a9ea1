// npm run certificate -- NAME …: a certificate of one's own for https on the shop's network, with the names browsers call it by.
import { X509Certificate } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { requireProgram } from './house/packages.mjs';
import { dataFolder } from './house/place.mjs';
import { runMain, say, Stop } from './house/say.mjs';

/** A year and a month: browsers take no longer one. */
const days = 397;
const usage =
  'name what browsers call this machine: npm run certificate -- works.shop.lan 192.168.1.20 [--replace]';

await runMain(() => {
  const words = process.argv.slice(2);
  const names = words.filter((one) => one !== '--replace');
  if (names.length === 0) throw new Stop(usage);
  const wrong = names.find(
    (one) => !isIP(one) && !/^[A-Za-z0-9]([A-Za-z0-9.-]{0,251}[A-Za-z0-9])?$/.test(one),
  );
  if (wrong !== undefined) throw new Stop(`${wrong} is no host name. ${usage}`);
  const folder = join(dataFolder(), 'tls');
  if (existsSync(join(folder, 'certificate.pem')) && !words.includes('--replace'))
    throw new Stop(`there is a certificate in ${folder} already; say --replace to make another.`);
  const beside = `${folder}.${process.pid}.part`;
  mkdirSync(beside, { recursive: true, mode: 0o700 });
  const all = [...new Set([...names, 'localhost', '127.0.0.1'])];
  const run = spawnSync(
    requireProgram('openssl', 'openssl'),
    [
      ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes', '-sha256'],
      ...['-days', String(days), '-subj', `/CN=${names[0].slice(0, 64)}`],
      ...['-addext', `subjectAltName=${all.map((one) => `${isIP(one) ? 'IP' : 'DNS'}:${one}`).join(',')}`],
      ...['-addext', 'extendedKeyUsage=serverAuth'],
      ...['-keyout', join(beside, 'key.pem'), '-out', join(beside, 'certificate.pem')],
    ],
    { encoding: 'utf8' },
  );
  if (run.status !== 0) {
    rmSync(beside, { recursive: true, force: true });
    throw new Stop(`openssl made no certificate: ${run.stderr.trim().split('\n').at(-1)}`);
  }
  rmSync(folder, { recursive: true, force: true });
  renameSync(beside, folder);
  const { fingerprint256, validTo } = new X509Certificate(readFileSync(join(folder, 'certificate.pem')));
  say(`A certificate for ${names.join(', ')} lies in ${folder}, good until ${validTo}.`);
  say(`Each tablet is told once to trust it; compare its SHA-256: ${fingerprint256}`);
});
