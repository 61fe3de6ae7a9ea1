import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './place.mjs';
import { Stop, say } from './say.mjs';

const single = ['next.config.ts', 'package-lock.json', 'postcss.config.mjs', 'tsconfig.json'];

function sourceFiles(folder) {
  return readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();
}

/** SHA-256 over the names and contents of all that goes into a build. */
export function sourceHash() {
  const hash = createHash('sha256');
  for (const path of [...sourceFiles('src'), ...single.map((name) => join(root, name))])
    hash.update(path.slice(root.length)).update('\0').update(readFileSync(path)).update('\0');
  return hash.digest('hex');
}

const stamp = (folder) => join(root, folder, 'coatrel-sources');
export const isBuilt = (folder, hash = sourceHash()) =>
  existsSync(stamp(folder)) && readFileSync(stamp(folder), 'utf8') === hash;

/** Builds for production into `folder` if the sources changed. @throws Stop with the builder's last words */
export function requireBuild(folder) {
  const hash = sourceHash();
  if (isBuilt(folder, hash)) return;
  say('Building Coatrel (a minute or two; only when the sources changed) …');
  const run = spawnSync(process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1', COATREL_BUILD: folder },
  });
  if (run.status !== 0)
    throw new Stop(
      `the build failed:\n${(run.stdout + run.stderr).trim().split('\n').slice(-25).join('\n')}`,
    );
  writeFileSync(stamp(folder), hash);
}

const workers = join(root, '.workers');

/**
 * Bundles the entry of the server's threads, unless it stands. A bundle is named by the sources it is made of, so that a
 * running application keeps its own while another is made.
 * @returns path of the bundle, for COATREL_WORKER   @throws Stop with the bundler's words
 */
export function requireWorker() {
  const bundle = join(workers, `server-${sourceHash().slice(0, 16)}.mjs`);
  if (existsSync(bundle)) return bundle;
  mkdirSync(workers, { recursive: true });
  // A server of an older version may still be running: the newest few stay.
  const age = (name) => statSync(join(workers, name)).mtimeMs;
  for (const old of readdirSync(workers)
    .sort((a, b) => age(b) - age(a))
    .slice(3))
    rmSync(join(workers, old), { force: true });
  const run = spawnSync(
    join(root, 'node_modules/.bin/esbuild'),
    [
      ...['src/workers/server-worker.ts', '--bundle', '--platform=node', '--format=esm', '--target=node20'],
      // Packages in the older form of modules still ask for the parts of Node by `require`.
      "--banner:js=import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
      ...['--external:sharp', '--external:pdfkit', '--log-level=warning', `--outfile=${bundle}`],
    ],
    { cwd: root, encoding: 'utf8' },
  );
  if (run.status !== 0) throw new Stop(`the worker could not be bundled:\n${run.stderr.trim()}`);
  return bundle;
}
