import { expect, test } from '@playwright/test';

test('the colours of the coach are put in another order, the plan follows, and the trade’s order comes back', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
  await page.getByRole('button', { name: 'Order', exact: true }).click();
  const passes = page.getByRole('table', { name: 'Passes' });
  const names = () => passes.getByRole('rowheader').allTextContents();
  const before = await names();
  const place = (list: string[], name: string) => list.findIndex((one) => one.startsWith(name));
  expect(place(before, 'Colour, Roof')).toBeLessThan(place(before, 'Colour, Body sides and ends'));
  await passes.getByRole('button', { name: 'Colour, Body sides and ends: paint earlier' }).click();
  await expect(passes.getByRole('row', { name: /^Colour, Roof/ })).toContainText('your order');
  const after = await names();
  expect(place(after, 'Colour, Body sides and ends')).toBeLessThan(place(after, 'Colour, Roof'));
  await page.getByRole('button', { name: 'Back to the trade’s order' }).click();
  await expect(passes.getByRole('row', { name: /^Colour, Body sides and ends/ })).toContainText(
    'from the top down',
  );
  expect(await names()).toEqual(before);
});

test('a tapering band is laid out by keyboard; steps, tape and days follow; orders are compared and one is taken', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
  await page.getByLabel('Name of what is laid out').fill('Waist band');
  await page.getByLabel('In colour').selectOption({ label: 'Pale Barley' });
  await page.getByRole('button', { name: 'Lay out' }).press('Enter');
  const own = page.getByRole('button', { name: /^Waist band/ });
  await own.click();
  try {
    const width = page.getByLabel('Width, mm; or place: width; …');
    await width.fill('0: 220; 7600: 90');
    await width.press('Enter');
    const stations = page.getByRole('table', { name: 'Stations' });
    await expect(stations.getByRole('row').last()).toContainText('90.0');
    const height = page.getByLabel('Height, mm; or place: height; …');
    const before = Number(await height.inputValue());
    await page.getByRole('application').focus();
    await page.keyboard.press('Shift+ArrowUp');
    await page.keyboard.press('Shift+ArrowUp');
    await expect(height).toHaveValue(String(before + 20));
    await page.goto('/jobs/P-014/steps');
    await expect(
      page.getByText('Lay out and tape the field, cover the colours that stand').first(),
    ).toBeVisible();
    await page.goto('/jobs/P-014/scheme');
    await page.getByRole('button', { name: 'Order', exact: true }).click();
    const passes = page.getByRole('table', { name: 'Passes' });
    await expect(passes.getByText(/m fine line$/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Search the order of colours and masks' }).click();
    const orders = page.getByRole('article');
    await expect(orders).toHaveCount(3);
    await page.getByRole('button', { name: 'Take this order' }).first().click();
    await expect(page.getByRole('button', { name: 'Back to the trade’s order' })).toBeVisible();
  } finally {
    await page.goto('/jobs/P-014/scheme');
    await own.click();
    await page.getByRole('button', { name: 'Remove Waist band' }).click();
    await expect(page.getByText(/Nothing is laid out yet/)).toBeVisible();
    await page.getByRole('button', { name: 'Order', exact: true }).click();
    await expect(page.getByRole('table', { name: 'Passes' })).toBeVisible();
    const back = page.getByRole('button', { name: 'Back to the trade’s order' });
    if (await back.isVisible()) await back.click();
    await expect(back).toBeHidden();
  }
});
