import { withDemoServer } from './house/demo-server.mjs';
await withDemoServer({ folder: '.data-look', port: 4397 }, async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = async (name) => { await page.waitForTimeout(600); await page.screenshot({ path: `/tmp/look-${name}.png` }); };
  await page.goto(`${address}/jobs/P-014/scheme`);
  await page.getByRole('button', { name: 'Order', exact: true }).click();
  await shot('order');
  await page.getByRole('button', { name: /Search the order/ }).click();
  await page.getByRole('article', { name: 'Order 1' }).waitFor({ timeout: 60000 });
  await page.getByRole('article', { name: 'Order 1' }).scrollIntoViewIfNeeded();
  await shot('orders');
  await page.goto(`${address}/jobs/P-014/steps`); await page.waitForTimeout(800); await shot('steps');
});
