import { chromium } from '@playwright/test';
import { requireFreePort, runCommand, startServer, stopServer } from './application.mjs';
import { chromiumOptions, demoClock } from './browser.mjs';
import { requireBuild } from './build.mjs';
import { PrivateDatabase } from './database.mjs';
import { dataFolder } from './place.mjs';

/**
 * Runs `work` with a browser and the production build on the demo data at a fixed clock, in a data folder of its own
 * that is removed afterwards.
 * @param {{ folder: string, port: number }} place
 * @param {(given: { browser: import('@playwright/test').Browser, address: string, pid: number }) => Promise<void>} work
 */
export async function withDemoServer({ folder, port }, work) {
  const data = dataFolder(folder);
  const database = new PrivateDatabase(data);
  const env = { COATREL_DATA: data, COATREL_NOW: demoClock };
  let server = null;
  let browser = null;
  try {
    await database.start();
    runCommand(['prepare'], env);
    requireBuild('.next');
    await requireFreePort('127.0.0.1', port);
    server = await startServer({ host: '127.0.0.1', port, folder: '.next', env });
    browser = await chromium.launch(chromiumOptions);
    await work({ browser, address: server.address, pid: server.child.pid });
  } finally {
    await browser?.close();
    await stopServer(server?.child);
    await database.stop();
    database.remove();
  }
}
