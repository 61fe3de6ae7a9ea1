// npm run bench: speed of the production build with the demo data; prints, judges nothing.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { withDemoServer } from './house/demo-server.mjs';
import { root } from './house/place.mjs';
import { runMain, say } from './house/say.mjs';

const pages = [
  '/',
  '/jobs/new',
  '/jobs/P-014/walkaround',
  '/jobs/P-014/film',
  '/jobs/P-014/steps',
  '/jobs/P-014/bays',
  '/jobs/P-014/stores',
  '/jobs/P-014/handover',
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

/** From a click on a panel to its selection, on a net of 150 panels read from a panel map, and from a zoom to its paint. */
async function netMs(browser, address) {
  const post = (path, body) =>
    fetch(address + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: address },
      body: JSON.stringify(body),
    });
  const days = { arrival: '2027-01-11', promised: '2027-12-17' };
  const caps = { capLabourHours: 0, capMaterialsMinor: 0, capBoothHours: 0 };
  const own = {
    number: 'B-150',
    name: 'Bench',
    owner: '',
    bodyKind: 'loose-parts',
    dimensions: {},
    level: 'Work',
  };
  await post('/api/jobs', { ...own, ...days, ...caps });
  const panels = Array.from(
    { length: 150 },
    (_, i) =>
      `<rect id="N${i}" x="${(i % 15) * 700}" y="${Math.floor(i / 15) * 700}" width="600" height="600"/>`,
  );
  const text = `<svg width="10500mm" viewBox="0 0 10500 7000">${panels.join('')}</svg>`;
  await post('/api/jobs/B-150/panel-map', { text, instead: false });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/jobs/B-150/walkaround`, { waitUntil: 'networkidle' });
  // Measured inside the page: the driver's own round trip takes longer than the work.
  const times = await page.evaluate(async () => {
    const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    const timed = async (act) => {
      const start = performance.now();
      act();
      await painted();
      return performance.now() - start;
    };
    const click = (element) => element.dispatchEvent(new MouseEvent('click', { bubbles: true }));
    const select = [];
    for (const i of [3, 77, 149, 20, 101])
      select.push(await timed(() => click(document.getElementById(`part-N${i}`))));
    const zoom = [];
    for (let i = 0; i < 3; i += 1)
      zoom.push(await timed(() => document.querySelector('[aria-label="Larger"]').click()));
    return { select, zoom };
  });
  await page.close();
  return times;
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

/** The owner's page behind a link, and the documents of the coach as PDF. */
async function handoverMs(address) {
  const made = await fetch(`${address}/api/jobs/P-014/owner-links`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ forWhom: 'bench', days: 5 }),
  });
  const { path } = await made.json();
  const load = async () => (await fetch(address + path)).text();
  await load();
  const owner = [];
  for (let i = 0; i < 3 * rounds; i += 1) owner.push(await timed(load));
  const documents = [];
  for (const kind of ['quote', 'statement', 'film', 'handover']) {
    const make = async () => (await fetch(`${address}/api/jobs/P-014/documents/${kind}/file`)).json();
    await make();
    documents.push(`${kind} ${(await timed(make)).toFixed(0)}`);
  }
  return { owner, documents };
}

/** The arithmetic of film, stores and steps by itself, in programs of their own. */
function core() {
  for (const script of ['scripts/bench-stores.ts', 'scripts/bench-steps.ts']) {
    const run = spawnSync(join(root, 'node_modules/.bin/tsx'), [script], { cwd: root, encoding: 'utf8' });
    say((run.stdout || run.stderr).trim());
  }
}

await runMain(async () => {
  core();
  await withDemoServer({ folder: '.data-bench', port: 4393 }, async ({ browser, address, pid }) => {
    for (const path of pages) {
      const load = async () => (await fetch(address + path)).text();
      await load();
      const times = [];
      for (let i = 0; i < rounds; i += 1) times.push(await timed(load));
      const kb = await scriptKb(browser, address + path);
      say(
        `${path.padEnd(26)} p95 ${p95(times).toFixed(0).padStart(4)} ms of ${rounds}   scripts ${kb.toFixed(0).padStart(4)} kB gzipped`,
      );
    }
    const edits = await editMs(browser, address);
    say(`an edit visible after      ${edits.map((ms) => ms.toFixed(0)).join(', ')} ms`);
    const net = await netMs(browser, address);
    const list = (times) => times.map((ms) => ms.toFixed(0)).join(', ');
    say(`150 panels: select         ${list(net.select)} ms; zoom ${list(net.zoom)} ms`);
    const { owner, documents } = await handoverMs(address);
    say(
      `owner’s page p95           ${p95(owner).toFixed(0)} ms of ${owner.length}; PDF: ${documents.join(', ')} ms`,
    );
    say(`server memory              ${memoryMb(pid).toFixed(0)} MB`);
  });
});
