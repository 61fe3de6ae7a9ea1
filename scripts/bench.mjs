// npm run bench: speed of the production build with the demo data; prints, judges nothing.
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { requireFreePort, runCommand, startServer, stopServer } from './house/application.mjs';
import { requireBuild } from './house/build.mjs';
import { chromiumOptions, demoClock } from './house/browser.mjs';
import { PrivateDatabase } from './house/database.mjs';
import { dataFolder } from './house/place.mjs';
import { runMain, say } from './house/say.mjs';

const pages = [
  '/',
  '/jobs/new',
  '/jobs/P-014/walkaround',
  '/jobs/P-014/film',
  '/jobs/P-014/steps',
  '/jobs/P-014/bays',
  '/jobs/P-014/stores',
  '/shop',
  '/shelf',
];
const rounds = 20;
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.ceil(times.length * 0.95) - 1];

async function timed(work) {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

const memoryMb = (pid) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;

/** Gzipped bytes of all scripts a page loads at first. */
async function scriptKb(browser, address) {
  const page = await browser.newPage();
  const bodies = [];
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script') bodies.push(response.body());
  });
  await page.goto(address, { waitUntil: 'networkidle' });
  const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body).length);
  await page.close();
  return sizes.reduce((sum, size) => sum + size, 0) / 1024;
}

/** From the key that ends an edit to the changed meter on the screen. */
async function editMs(browser, address) {
  const page = await browser.newPage();
  await page.goto(`${address}/jobs/P-014/walkaround`, { waitUntil: 'networkidle' });
  const meter = page.getByRole('img', { name: /^Labour hours/ });
  const length = page.getByLabel('Length');
  const times = [];
  for (const value of ['7.7', '7.8', '7.9', '8.0', '7.6']) {
    const before = await meter.getAttribute('aria-label');
    await length.fill(value);
    const start = performance.now();
    await length.press('Enter');
    await page.waitForFunction(
      (old) => document.querySelector('[aria-label^="Labour hours"]').getAttribute('aria-label') !== old,
      before,
    );
    times.push(performance.now() - start);
  }
  await page.close();
  return times;
}

await runMain(async () => {
  const data = dataFolder('.data-bench');
  const database = new PrivateDatabase(data);
  const env = { COATREL_DATA: data, COATREL_NOW: demoClock };
  let server = null;
  let browser = null;
  try {
    await database.start();
    runCommand(['prepare'], env);
    requireBuild('.next');
    await requireFreePort('127.0.0.1', 4393);
    server = await startServer({ host: '127.0.0.1', port: 4393, folder: '.next', env });
    browser = await chromium.launch(chromiumOptions);
    for (const path of pages) {
      const load = async () => (await fetch(server.address + path)).text();
      await load();
      const times = [];
      for (let i = 0; i < rounds; i += 1) times.push(await timed(load));
      const kb = await scriptKb(browser, server.address + path);
      say(
        `${path.padEnd(26)} p95 ${p95(times).toFixed(0).padStart(4)} ms of ${rounds}   scripts ${kb.toFixed(0).padStart(4)} kB gzipped`,
      );
    }
    const edits = await editMs(browser, server.address);
    say(`an edit visible after      ${edits.map((ms) => ms.toFixed(0)).join(', ')} ms`);
    say(`server memory              ${memoryMb(server.child.pid).toFixed(0)} MB`);
  } finally {
    await browser?.close();
    await stopServer(server?.child);
    await database.stop();
    database.remove();
  }
});
