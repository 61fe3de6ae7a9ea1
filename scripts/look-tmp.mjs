import { withDemoServer } from './house/demo-server.mjs';
await withDemoServer({ folder: '.data-look', port: 4397 }, async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.setDefaultTimeout(15000);
  const shot = async (name) => { await page.waitForTimeout(600); await page.screenshot({ path: `/tmp/look-${name}.png` }); };
  const tryIt = async (name, fn) => { try { await fn(); } catch (e) { console.log(name, String(e).slice(0, 300)); await shot(name + '-failed'); } };
  await tryIt('money', async () => {
    await page.goto(`${address}/jobs/P-014/stores`);
    await page.getByRole('button', { name: 'Money', exact: true }).click();
    await page.getByLabel('Cap on').selectOption({ label: 'all: masking' });
    await page.getByLabel('Cap in money').fill('100');
    await page.getByRole('button', { name: 'Set a cap' }).click();
    await page.waitForTimeout(2500);
    await page.getByLabel('Cap on').selectOption({ index: 12 });
    await page.getByLabel('Cap in amount').fill('3');
    await page.getByRole('button', { name: 'Set a cap' }).click();
    await page.waitForTimeout(2500);
    await page.getByRole('heading', { name: /^Ledger/ }).scrollIntoViewIfNeeded();
    await shot('caps');
  });
  await tryIt('out', async () => {
    await page.goto(`${address}/jobs/P-014/walkaround`);
    await page.getByRole('button', { name: 'Others', exact: true }).click();
    await page.getByLabel('Add outside work: what').fill('bumper to the plater');
    await page.getByRole('button', { name: 'Add outside work' }).click();
    await page.waitForTimeout(2500);
    await page.getByLabel(/^Hour it leaves/).fill('23:10');
    await page.getByLabel(/^Hour it leaves/).blur();
    await page.waitForTimeout(1500);
    await shot('out');
  });
  await tryIt('warn', async () => {
    await page.goto(`${address}/jobs/P-014/steps`);
    await page.getByRole('button', { name: 'Warnings', exact: true }).click();
    const row = page.getByRole('main').getByText(/Hand sanding:/).first();
    await row.scrollIntoViewIfNeeded();
    await shot('warn');
    const card = page.locator('li,tr,section').filter({ hasText: /Hand sanding:/ }).last();
    await card.getByRole('button', { name: /What helps/ }).click();
    await page.waitForTimeout(9000);
    await shot('warn2');
  });
  await tryIt('shelf', async () => {
    await page.goto(`${address}/shelf`);
    await page.getByRole('button', { name: 'Antifouling' }).first().click();
    await shot('shelf');
  });
});
