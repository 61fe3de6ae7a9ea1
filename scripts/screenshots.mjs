// npm run shots: one picture of each main view from the demo data at a fixed clock, into docs/screenshots.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { withDemoServer } from './house/demo-server.mjs';
import { root } from './house/place.mjs';
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
  ['record', '/jobs/P-014/handover', 'light', ['button', 'Record']],
  ['range', '/jobs/P-014/log', 'light', ['button', 'Range']],
  ['warnings', '/jobs/P-014/steps?view=warnings', 'dark', ['button', 'What helps', 2]],
  ['elevations', '/jobs/P-016/scheme', 'light', ['button', 'Elevations']],
  ['three-ways', '/jobs/P-015/walkaround', 'light', ['button', 'Three ways']],
];

/** The owner's page as a telephone shows it. */
async function ownersPage(browser, address, folder) {
  const made = await fetch(`${address}/api/jobs/P-014/owner-links`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address, 'sec-fetch-site': 'same-origin' },
    body: JSON.stringify({ forWhom: 'the owner', days: 30 }),
  });
  const { path } = await made.json();
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, isMobile: true });
  const page = await context.newPage();
  await page.goto(address + path, { waitUntil: 'networkidle' });
  await page.screenshot({ path: join(folder, 'owner.png') });
  await context.close();
  say('owner.png');
}

await runMain(async () => {
  const wanted = process.argv.slice(2);
  const folder = join(root, process.env.COATREL_SHOTS ?? 'docs/screenshots');
  mkdirSync(folder, { recursive: true });
  await withDemoServer({ folder: '.data-shots', port: 4392 }, async ({ browser, address }) => {
    for (const [name, path, theme = 'light', press = null] of views) {
      if (wanted.length > 0 && !wanted.includes(name)) continue;
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
      await context.addCookies([{ name: 'coatrel-theme', value: theme, url: address }]);
      const page = await context.newPage();
      await page.goto(address + path, { waitUntil: 'networkidle' });
      if (press)
        await page
          .getByRole(press[0], { name: press[1] })
          .nth(press[2] ?? 0)
          .click();
      await page.getByText(/^(Planning three times|Reckoning) …$/).waitFor({ state: 'hidden' });
      if (name === 'warnings') await page.getByText('the warning is gone').waitFor();
      if (name === 'elevations') await page.getByRole('img', { name: 'From above, to scale' }).waitFor();
      // The range of the end comes from a thread of its own.
      if (path === '/' || path.startsWith('/jobs/P-')) await page.getByText(/P80 /).first().waitFor();
      await page.screenshot({ path: join(folder, `${name}.png`) });
      await context.close();
      say(`${name}.png`);
    }
    if (wanted.length === 0 || wanted.includes('owner')) await ownersPage(browser, address, folder);
  });
});
