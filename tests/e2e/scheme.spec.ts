import { expect, test } from '@playwright/test';

test('the colours of the coach are put in another order, the plan follows, and the trade’s order comes back', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/scheme');
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
