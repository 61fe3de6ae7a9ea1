import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { isRoot, root } from './place.mjs';
import { Stop, say } from './say.mjs';

const searchFolders = [...(process.env.PATH ?? '').split(':'), '/usr/sbin', '/usr/local/sbin', '/usr/bin'];

/** Full path of a program, or null. */
export const findProgram = (name) =>
  searchFolders.map((folder) => join(folder, name)).find((path) => existsSync(path)) ?? null;

function aptInstall(packageName) {
  const quiet = { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }, encoding: 'utf8' };
  say(`Installing Debian's ${packageName} (once) …`);
  const install = () =>
    spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', packageName], quiet);
  let run = install();
  if (run.status !== 0) {
    spawnSync('apt-get', ['update', '-qq'], quiet);
    run = install();
  }
  if (run.status !== 0)
    throw new Stop(
      `Debian's package ${packageName} could not be installed: ${lastLine(run.stderr) || 'apt-get is missing'}.`,
    );
}

const lastLine = (text) => (text ?? '').trim().split('\n').at(-1)?.replace(/\.$/, '') ?? '';

/** Finds a program of a Debian package, installing the package where we may. @throws Stop with the command to run */
export function requireProgram(program, packageName) {
  const found = findProgram(program);
  if (found) return found;
  if (!isRoot || !findProgram('apt-get'))
    throw new Stop(`${program} is missing; install it with: sudo apt-get install ${packageName}`);
  aptInstall(packageName);
  const now = findProgram(program);
  if (!now)
    throw new Stop(
      `${packageName} was installed but ${program} is not to be found in ${searchFolders.join(':')}.`,
    );
  return now;
}

const stampFile = () => join(root, 'node_modules/.coatrel-lock');
const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');

/** Installs the Node packages of the committed lock if they are not there. */
export function requireNodePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    throw new Stop(`Node.js 20.19 or later is needed; this is ${process.versions.node}.`);
  if (existsSync(stampFile()) && readFileSync(stampFile(), 'utf8') === lockHash()) return;
  say('Installing the Node packages of package-lock.json (two minutes the first time) …');
  const run = spawnSync('npm', ['install', '--include=dev', '--no-audit', '--no-fund'], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1', NODE_ENV: 'development' },
  });
  if (run.status !== 0)
    throw new Stop(
      `npm install did not finish: ${lastLine(run.stderr) || 'npm is missing'}. The network is needed this once.`,
    );
  writeFileSync(stampFile(), lockHash());
}
