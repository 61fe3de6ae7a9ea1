import { expect, test } from '@playwright/test';

test('a colour is planned and not booked until a sample of it was accepted; a small one is refused, a refusal asks for another card', async ({
  page,
}) => {
  const steps = async () => {
    await page.goto('/jobs/P-015/steps');
    await expect(page.getByRole('heading', { name: 'The plan' })).toBeVisible();
  };
  await steps();
  const open = page.getByText(/Deep Estuary is planned and not booked/);
  await expect(open).toContainText('nobody has seen a sample of it');
  await page.goto('/jobs/P-015/scheme');
  await page.getByRole('button', { name: 'Colours', exact: true }).click();
  const form = page.getByRole('form', { name: 'Write down a sample' });
  const stands = page.getByRole('list', { name: 'What stands' });
  const samples = page.getByRole('table', { name: 'Samples' });
  await form.getByLabel('Colour of the sample').selectOption({ label: 'Deep Estuary' });
  await form.getByLabel('Height, mm').fill('200');
  await form.getByLabel('Said by').fill('Cressholme harbour');
  await form.getByLabel('Seen in').fill('quay, overcast');
  await form.getByRole('button', { name: 'Write down the sample' }).click();
  await expect(
    form.getByText(/200 mm is too small to accept a colour by: the shop asks for 300 mm/),
  ).toBeVisible();
  await form.getByLabel('Height, mm').fill('400');
  await form.getByLabel('Verdict').selectOption('refused');
  await form.getByRole('button', { name: 'Write down the sample' }).click();
  await expect(stands).toContainText('Deep Estuary refused: another card');
  try {
    await steps();
    await expect(page.getByText('Spray a test card of Deep Estuary, again after a refusal')).toBeVisible();
    await page.goto('/jobs/P-015/scheme');
    await page.getByRole('button', { name: 'Colours', exact: true }).click();
    await samples
      .getByRole('combobox', { name: /^Verdict of sample of Deep Estuary/ })
      .selectOption('accepted');
    await expect(stands).toContainText('Deep Estuary accepted');
    await steps();
    await expect(page.getByText(/Gull White is planned and not booked/)).toBeVisible();
    await expect(open).toBeHidden();
  } finally {
    await page.goto('/jobs/P-015/scheme');
    await page.getByRole('button', { name: 'Colours', exact: true }).click();
    await samples.getByRole('button', { name: /^Remove sample of Deep Estuary/ }).click();
  }
  await expect(stands).toContainText('Deep Estuary nobody has seen a sample');
});
