// npm run shots: one picture of each main view from the demo data at a fixed clock, into docs/screenshots.
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { requireFreePort, runCommand, startServer, stopServer } from './house/application.mjs';
import { requireBuild } from './house/build.mjs';
import { chromiumOptions, demoClock } from './house/browser.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { dataFolder, root } from './house/place.mjs';
import { runMain, say } from './house/say.mjs';

const views = [
  ['yard', '/'],
  ['new-job', '/jobs/new'],
  ['walkaround', '/jobs/P-014/walkaround#B4L'],
  ['scheme', '/jobs/P-014/scheme'],
  ['film', '/jobs/P-014/film'],
  ['steps', '/jobs/P-014/steps#sides/block-2'],
  ['bays', '/jobs/P-014/bays'],
  ['stores', '/jobs/P-014/stores'],
  ['booth', '/jobs/P-014/booth'],
  ['log', '/jobs/P-014/log'],
  ['handover', '/jobs/P-014/handover'],
  ['shop', '/shop'],
  ['shelf', '/shelf'],
  ['walkaround-hull', '/jobs/P-015/walkaround'],
  ['walkaround-aircraft', '/jobs/P-016/walkaround'],
  ['bays-dark', '/jobs/P-014/bays', 'dark'],
];

await runMain(async () => {
  const wanted = process.argv.slice(2);
  const folder = join(root, process.env.COATREL_SHOTS ?? 'docs/screenshots');
  mkdirSync(folder, { recursive: true });
  const data = dataFolder('.data-shots');
  const database = new PrivateDatabase(data);
  const env = { COATREL_DATA: data, COATREL_NOW: demoClock };
  let server = null;
  let browser = null;
  try {
    await database.start();
    runCommand(['prepare'], env);
    requireBuild('.next');
    await requireFreePort('127.0.0.1', 4392);
    server = await startServer({ host: '127.0.0.1', port: 4392, folder: '.next', env });
    browser = await chromium.launch(chromiumOptions);
    for (const [name, path, theme = 'light'] of views) {
      if (wanted.length > 0 && !wanted.includes(name)) continue;
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
      await context.addCookies([{ name: 'coatrel-theme', value: theme, url: server.address }]);
      const page = await context.newPage();
      await page.goto(server.address + path, { waitUntil: 'networkidle' });
      await page.screenshot({ path: join(folder, `${name}.png`) });
      await context.close();
      say(`${name}.png`);
    }
  } finally {
    await browser?.close();
    await stopServer(server?.child);
    await database.stop();
    database.remove();
  }
});
