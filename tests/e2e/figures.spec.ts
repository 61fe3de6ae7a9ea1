import { expect, test } from '@playwright/test';

test('a figure typed for the job moves its clear, out of range it is refused, and one press takes it back', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/film');
  await page.getByRole('button', { name: 'Figures', exact: true }).click();
  const field = page.getByLabel('Clear that stays on flats, typed for the whole job');
  await field.fill('900');
  await field.press('Enter');
  await expect(page.getByText(/900 µm is outside 10–200 µm/)).toBeVisible();
  await field.fill('5 mil');
  await field.press('Enter');
  await expect(field).toHaveValue('127');
  try {
    // 127 µm and what sanding takes, in coats of 30 µm, are three more than 45 µm ask for.
    await expect(page.getByText(/floor 127/)).toBeVisible();
    await expect(page.getByText(/6 coats are needed for level Show/)).toBeVisible();
  } finally {
    await page
      .getByRole('button', { name: 'Back to what holds otherwise: Clear that stays on flats' })
      .click();
  }
  await expect(field).toHaveValue('');
  await expect(page.getByText(/floor 45/)).toBeVisible();
});
