import { expect, test } from '@playwright/test';

test('a quote is made, the owner reads its page as on a telephone and accepts there; taken back, the link opens nothing', async ({
  page,
  browser,
}) => {
  await page.goto('/jobs/P-011/handover');
  await page.getByRole('button', { name: 'Make a quote from this plan' }).click();
  await expect(page.getByRole('button', { name: 'Quote 1' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Lines of the quote' })).toContainText('To pay');
  await page.getByRole('button', { name: 'Owner’s page' }).click();
  await page.getByLabel('For whom the link is').fill('the owner of the van');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const told = page.getByText(/Copy it now/);
  await expect(told).toBeVisible();
  const link = /http\S+/.exec((await told.textContent())!)![0];

  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, isMobile: true });
  const phone = await context.newPage();
  const scripts: string[] = [];
  phone.on('requestfinished', (request) => {
    if (request.resourceType() === 'script') scripts.push(request.url());
  });
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'Waits for you' })).toBeVisible();
  await expect(phone.getByRole('img', { name: 'Left side, to scale' })).toBeVisible();
  // Nothing leads into the shop from here, and no script is run.
  expect(await phone.locator('a[href]').count()).toBe(0);
  expect(scripts).toEqual([]);
  await phone.getByText('Read quote 1').click();
  await expect(phone.getByRole('table', { name: 'Lines of the quote' })).toContainText('To pay');
  await phone.getByLabel('Your name', { exact: true }).fill('M. Vane');
  await phone.getByLabel('Where you are').fill('at home');
  await phone.getByRole('button', { name: 'Accept' }).click();
  await expect(phone.getByText('Thank you: we have it.')).toBeVisible();
  await expect(phone.getByRole('heading', { name: 'Payments' })).toBeVisible();
  expect((await phone.goto(`${link.slice(0, -4)}AAAA`))!.status()).toBe(404);

  await page.reload();
  await expect(page.getByText('Accepted by M. Vane, at home')).toBeVisible();
  await page.getByRole('button', { name: 'Owner’s page' }).click();
  await expect(page.getByText('M. Vane accepts')).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText(/^taken back/)).toBeVisible();
  expect((await phone.goto(link))!.status()).toBe(404);
  await context.close();
});
