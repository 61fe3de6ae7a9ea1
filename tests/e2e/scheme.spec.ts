import { expect, test } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

test('the colours of the coach are put in another order, the plan follows, and the trade’s order comes back', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
  await page.getByRole('button', { name: 'Order', exact: true }).click();
  const passes = page.getByRole('table', { name: 'Passes' });
  const names = () => passes.getByRole('rowheader').allTextContents();
  const before = await names();
  const place = (list: string[], name: string) => list.findIndex((one) => one.startsWith(name));
  // The band is a mask for the sides; the roof is taped over all of them.
  expect(place(before, 'Colour, Gravel Ochre on Body sides')).toBeLessThan(
    place(before, 'Colour, Body sides and ends'),
  );
  expect(place(before, 'Colour, Body sides and ends')).toBeLessThan(place(before, 'Colour, Roof'));
  await passes.getByRole('button', { name: 'Colour, Roof: paint earlier' }).click();
  const back = page.getByRole('button', { name: 'Back to the trade’s order' });
  await expect(back).toBeVisible();
  const after = await names();
  expect(place(after, 'Colour, Roof')).toBeLessThan(place(after, 'Colour, Body sides and ends'));
  await back.click();
  await expect(back).toBeHidden();
  expect(await names()).toEqual(before);
});

test('a tapering band is laid out by keyboard; steps, tape and days follow; orders are compared and one is taken', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
  await page.getByLabel('Name of what is laid out').fill('Upper band');
  await page.getByLabel('In colour').selectOption({ label: 'Pale Barley' });
  await page.getByRole('button', { name: 'Lay out' }).press('Enter');
  const own = page.getByRole('button', { name: /^Upper band/ });
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
    // Cleared as they are now, so that only the order has to go back.
    const asNow = orders.filter({ hasText: 'one clear over all' });
    await asNow.getByRole('button', { name: 'Take this order' }).first().click();
    await expect(page.getByRole('button', { name: 'Back to the trade’s order' })).toBeVisible();
  } finally {
    await page.goto('/jobs/P-014/scheme');
    await own.click();
    await page.getByRole('button', { name: 'Remove Upper band' }).click();
    await expect(own).toHaveCount(0);
    await page.getByRole('button', { name: 'Order', exact: true }).click();
    await expect(page.getByRole('table', { name: 'Passes' })).toBeVisible();
    const back = page.getByRole('button', { name: 'Back to the trade’s order' });
    if (await back.isVisible()) await back.click();
    await expect(back).toBeHidden();
  }
});

test('the band is printed on sheets at true scale, read by another reader; elevations go to the owner', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
  await page.getByRole('button', { name: /^Waist band/ }).waitFor();
  const link = page
    .getByRole('listitem')
    .filter({ hasText: /^Left side, mask map/ })
    .getByRole('link', { name: 'A4' });
  const answer = await page.request.get((await link.getAttribute('href'))!);
  expect(answer.headers()['content-type']).toBe('application/pdf');
  const pdf = await getDocument({ data: new Uint8Array(await answer.body()) }).promise;
  // 7.6 m and 10 mm round it, in steps of 263 mm of A4 laid across, and the overview.
  expect(pdf.numPages).toBe(1 + 29);
  const second = await pdf.getPage(2);
  const { items } = await second.getTextContent();
  const text = items.flatMap((item) => ('str' in item ? [item.str] : [])).join(' ');
  expect(text).toContain('row 1 from below, column 1 from the front, page 2 of 30');
  // A4 laid across, in points.
  expect(second.view.map(Math.round)).toEqual([0, 0, 842, 595]);

  await page.getByRole('button', { name: 'Elevations', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Left side, to scale' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'From above, to scale' })).toBeVisible();
  const picture = await page.request.get('/api/jobs/P-014/elevations?as=png');
  expect([picture.status(), picture.headers()['content-type']]).toEqual([200, 'image/png']);

  await page.getByRole('button', { name: 'Masks', exact: true }).click();
  const masks = page.getByRole('table', { name: 'Masks', exact: true });
  await expect(masks.getByRole('row', { name: /^B1 / })).toContainText('Roof');
});

test('a scheme is kept, another colour tried on the wings, both are planned side by side and the first is chosen', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
  await page.getByRole('button', { name: 'Alternatives', exact: true }).click();
  const article = (name: string) => page.getByRole('article', { name, exact: true });
  await expect(article('Without the band')).toContainText('−');
  try {
    await page.getByLabel('Name of the kept scheme').fill('Green wings');
    await page.getByRole('button', { name: 'Keep the scheme as it stands' }).click();
    await expect(article('Green wings')).toContainText('stands now');
    await page.getByRole('button', { name: 'Colours', exact: true }).click();
    await page.getByLabel('Colour of Front wings', { exact: true }).selectOption({ label: 'Gravel Ochre' });
    await expect(page.getByRole('row', { name: /^Gravel Ochre/ }).first()).toContainText('Front wings');
    await page.getByRole('button', { name: 'Alternatives', exact: true }).click();
    await page.getByRole('button', { name: /^Take this scheme.*Green wings/ }).click();
    await page.getByLabel('Chosen by').fill('A. Owner');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(article('Green wings')).toContainText('Chosen by A. Owner');
    await expect(article('Before Green wings')).toBeVisible();
  } finally {
    await page.goto('/jobs/P-014/scheme');
    await page.getByRole('button', { name: 'Colours', exact: true }).click();
    await page.getByLabel('Colour of Front wings', { exact: true }).selectOption({ label: 'Sluice Green' });
    await page.getByRole('button', { name: 'Alternatives', exact: true }).click();
    for (const name of ['Before Green wings', 'Green wings']) {
      const own = article(name);
      if (!(await own.isVisible())) continue;
      await own.getByRole('button', { name: /^Remove/ }).click();
      await expect(own).toHaveCount(0);
    }
  }
});
