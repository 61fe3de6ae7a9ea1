// npm run test:faults: what may happen to a copy, done to one. `--short` is the part of it that `npm test` runs.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { Copy } from './faults/copy.mjs';
import { fullDisk, lostSocket, readOnly, slow, smallDisk } from './faults/database-faults.mjs';
import { editors } from './faults/editors.mjs';
import { galera } from './faults/galera-faults.mjs';
import { hostile } from './faults/hostile.mjs';
import { kills } from './faults/kills.mjs';
import { memory } from './faults/memory.mjs';
import { brokenOff, twoAtOnce } from './faults/starts.mjs';
import { requireBuild } from './house/build.mjs';
import { dataFolder } from './house/place.mjs';
import { runMain, say } from './house/say.mjs';

const usage = `npm run test:faults -- [--short] [--only NAME] [--kills N] [--minutes N] [--seed N] [--port N]`;
const sum = { passed: 0, failed: 0 };

async function part(name, only, work) {
  if (only && only !== name) return;
  const began = Date.now();
  try {
    const told = await work();
    sum.passed += 1;
    say(`ok  ${name}: ${told} (${Math.round((Date.now() - began) / 1000)} s)`);
  } catch (fault) {
    sum.failed += 1;
    say(`FAILED  ${name}: ${fault.message}`);
  }
}

/** A copy for one part, which goes with it. */
async function withCopy(folder, port, work) {
  const copy = new Copy(folder, port);
  try {
    await copy.start();
    return await work(copy);
  } finally {
    await copy.stop();
    copy.remove();
  }
}

await runMain(async () => {
  const { values } = parseArgs({
    options: {
      short: { type: 'boolean', default: false },
      only: { type: 'string' },
      kills: { type: 'string' },
      minutes: { type: 'string' },
      seed: { type: 'string', default: '7' },
      port: { type: 'string', default: '4395' },
      help: { type: 'boolean', default: false },
    },
  });
  if (values.help) return say(usage);
  const { short, only } = values;
  const seed = Number(values.seed);
  requireBuild('.next');
  const folder = (name) => join(dataFolder(`.data-faults-${process.pid}`), name);
  const run = (name, work) => part(name, only, work);
  const port = Number(values.port);
  try {
    await run('kills', () =>
      withCopy(folder('kills'), port, (copy) =>
        kills(copy, { count: Number(values.kills ?? (short ? 6 : 500)), seed }),
      ),
    );
    await run('hostile', () =>
      withCopy(folder('hostile'), port, (copy) => hostile(copy, { count: short ? 600 : 10_000, seed })),
    );
    await run('editors', () =>
      withCopy(folder('editors'), port, (copy) => editors(copy, { rounds: short ? 2 : 10 })),
    );
    await run('slow', () => withCopy(folder('slow'), port, (copy) => slow(copy)));
    if (!short) await run('socket', () => withCopy(folder('socket'), port, lostSocket));
    await run('read-only', () => withCopy(folder('read-only'), port, readOnly));
    if (!short) await run('full', () => onSmallDisk(folder('full'), port));
    await run('two-starts', async () => {
      const copy = new Copy(folder('two'), port);
      const told = await twoAtOnce(copy);
      copy.remove();
      return told;
    });
    await run('broken-off', () => brokenOff(folder('broken'), port, { points: short ? 2 : 20, seed }));
    await run('memory', () =>
      withCopy(folder('memory'), port, (copy) =>
        memory(copy, { seconds: values.minutes ? Number(values.minutes) * 60 : short ? 30 : 1800, seed }),
      ),
    );
    if (!short) await run('galera', () => galera(folder('galera'), port));
  } finally {
    rmSync(dataFolder(`.data-faults-${process.pid}`), { recursive: true, force: true });
  }
  if (sum.failed > 0) process.exitCode = 1;
  say(`${sum.passed} passed, ${sum.failed} failed`);
});

async function onSmallDisk(folder, port) {
  mkdirSync(folder, { recursive: true });
  const unmount = smallDisk(folder, 700);
  if (!unmount) return 'not done: this machine mounts no small disk';
  try {
    const copy = new Copy(folder, port);
    await copy.start();
    try {
      return await fullDisk(copy);
    } finally {
      await copy.stop();
    }
  } finally {
    unmount();
  }
}
