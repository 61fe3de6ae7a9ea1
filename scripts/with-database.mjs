// Runs a command with a private, empty test database, and removes it afterwards: node scripts/with-database.mjs jest …
import { spawnSync } from 'node:child_process';
import { requireWorker } from './house/build.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { requireNodePackages } from './house/packages.mjs';
import { dataFolder, root } from './house/place.mjs';
import { runMain } from './house/say.mjs';

await runMain(async () => {
  requireNodePackages();
  const data = dataFolder(`.data-test-${process.pid}`);
  const database = new PrivateDatabase(data);
  try {
    await database.start();
    // Ctrl-C ends the command; what follows here must still run.
    for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => {});
    const [command, ...words] = process.argv.slice(2);
    const run = spawnSync('npx', ['--no-install', command, ...words], {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, COATREL_DATA: data, COATREL_WORKER: requireWorker() },
    });
    process.exitCode = run.status ?? 1;
  } finally {
    await database.stop();
    database.remove();
  }
});
