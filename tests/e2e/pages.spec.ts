import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

const stations = ['walkaround', 'scheme', 'film', 'steps', 'bays', 'stores', 'booth', 'log', 'handover'];
const pages = [
  '/',
  '/jobs/new',
  '/shop',
  '/shelf',
  ...stations.map((name) => `/jobs/P-014/${name}`),
  '/jobs/P-015/walkaround',
  '/jobs/P-014/documents/survey',
  '/jobs/P-014/documents/handover',
  '/jobs/P-014/documents/run-sheet',
  '/jobs/P-014/stores/card?session=roof%2Fpaint&product=clear-21',
  '/jobs/P-016/bays',
];

for (const path of pages)
  test(`${path} fits the window, keeps the content policy and is readable by machines`, async ({ page }) => {
    const complaints: string[] = [];
    page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));
    page.on('pageerror', (error) => complaints.push(String(error)));
    const answer = await page.goto(path, { waitUntil: 'networkidle' });
    expect(answer!.status()).toBe(200);
    expect(answer!.headers()['content-security-policy']).toMatch(/script-src 'self' 'nonce-[^']+'/);
    await expect(page.locator('h1')).toBeVisible();
    const size = await page.evaluate(() => [
      document.documentElement.scrollWidth,
      document.documentElement.scrollHeight,
    ]);
    expect(size).toEqual([1280, 800]);
    expect(complaints).toEqual([]);
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
    expect(violations.map((one) => `${one.id}: ${one.nodes[0]?.html}`)).toEqual([]);
  });

test('the dark variant is readable too', async ({ page, context, baseURL }) => {
  await context.addCookies([{ name: 'coatrel-theme', value: 'dark', url: baseURL! }]);
  await page.goto('/jobs/P-014/steps', { waitUntil: 'networkidle' });
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
  expect(violations.map((one) => `${one.id}: ${one.nodes[0]?.html}`)).toEqual([]);
});

test('a job that is not there is said so, with a way back', async ({ page }) => {
  const answer = await page.goto('/jobs/P-999/steps');
  expect(answer!.status()).toBe(404);
  await page.getByRole('link', { name: 'To the Yard' }).click();
  await expect(page.getByRole('heading', { name: 'Yard' })).toBeVisible();
});
