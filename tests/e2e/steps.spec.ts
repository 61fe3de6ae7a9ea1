import { expect, test } from '@playwright/test';

test('a school shows what it costs before it is switched, and the steps follow it', async ({ page }) => {
  await page.goto('/jobs/P-015/steps');
  await page.getByRole('button', { name: 'Schools' }).click();
  const row = page.getByRole('row', { name: /^Laid on with/ });
  await expect(row).toContainText('roller and tip, two people keep a wet edge');
  await row.getByRole('button', { name: 'what each costs' }).click();
  await expect(page.getByRole('row', { name: /^brush \+\d/ })).toBeVisible();
  await page.getByLabel('Laid on with, whole job').selectOption('brush');
  await expect(row).toContainText('brush, chosen for the job');
  await page.getByLabel('Laid on with, whole job').selectOption('');
  await expect(row).toContainText('two people keep a wet edge');
});

test('hours are typed in the list with the keyboard, and an emptied figure returns to the computed', async ({
  page,
}) => {
  await page.goto('/jobs/P-015/steps#topsides/mask');
  const row = page.locator('[id="row-topsides/mask"]');
  await expect(row).toHaveAttribute('aria-selected', 'true');
  await row.getByRole('button').focus();
  await page.keyboard.press('e');
  const field = row.getByLabel('Person-hours of Fine-line and cover');
  await field.fill('9.5');
  await page.keyboard.press('Enter');
  await expect(row).toContainText('by hand 9.5');
  await row.getByRole('button').focus();
  await page.keyboard.press('e');
  await row.getByLabel('Person-hours of Fine-line and cover').fill('');
  await page.keyboard.press('Enter');
  await expect(row).not.toContainText('by hand');
});

test('an order that goes round in a ring is refused at its field with what stands between', async ({
  page,
}) => {
  await page.goto('/jobs/P-015/steps#hull/wash');
  const choice = page.getByLabel('Step this one is to come after');
  await expect(choice).toBeEnabled();
  await choice.selectOption('topsides/mask');
  await expect(page.getByRole('alert').filter({ hasText: 'which waits for it' })).toBeVisible();
});

test('a step is put in after another and taken out again', async ({ page }) => {
  await page.goto('/jobs/P-015/steps#bottom/strip');
  await page.getByRole('button', { name: 'Add a step after this one' }).click();
  await page.getByLabel('Operation').selectOption('turn-over');
  await page.getByLabel('Name of the step').fill('Turn the cutter');
  await page.getByLabel('Person-hours', { exact: true }).fill('4');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const added = page.getByRole('button', { name: 'Turn the cutter' });
  await expect(added).toBeVisible();
  await added.click();
  await page.getByRole('button', { name: 'Take this step out' }).click();
  await expect(added).toHaveCount(0);
});

test('a licensed hold asks for the licence, keeps the release as unverified, and is open again when taken back', async ({
  page,
}) => {
  await page.goto('/jobs/P-016/steps#hold/weight');
  await page.getByLabel('Name', { exact: true }).fill('A. Engineer');
  await page.getByRole('button', { name: 'Enter the release' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Licence is missing' })).toBeVisible();
  await page.getByLabel('Licence').fill('L-66');
  await page.getByRole('button', { name: 'Enter the release' }).click();
  const inspector = page.getByRole('complementary');
  await expect(inspector).toContainText('Entered by the shop, unverified.');
  await expect(inspector).toContainText('L-66');
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: 'Enter the release' })).toBeVisible();
});

test('rounds are typed per section and the list has as many', async ({ page }) => {
  await page.goto('/jobs/P-015/steps');
  await page.getByRole('button', { name: 'Rounds' }).click();
  const field = page.getByLabel('Filler rounds of Topsides');
  await field.fill('2');
  await field.press('Enter');
  const rounds = page.getByRole('region', { name: 'Rounds of Topsides' });
  await expect(rounds.getByRole('row', { name: /^Fill and block 2/ })).toBeVisible();
  await field.fill('');
  await field.press('Enter');
  await expect(rounds.getByRole('row', { name: /^Fill and block 2/ })).toHaveCount(0);
});

test('an own operation of the shop stands in every job at its place, and goes again', async ({ page }) => {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Operations' }).click();
  await page.getByRole('button', { name: 'New operation' }).click();
  await page.getByLabel('Name of the operation').fill('Ionise');
  await page.getByLabel('Person-minutes a square metre').fill('1');
  await page.getByLabel('To be done before it is').selectOption('masked');
  await page.getByRole('form', { name: 'New operation' }).getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('complementary', { name: 'Ionise' })).toBeVisible();
  await page.goto('/jobs/P-015/steps');
  await expect(page.getByRole('button', { name: 'Ionise' }).first()).toBeVisible();
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Operations' }).click();
  await page.getByRole('button', { name: 'Ionise' }).click();
  await page.getByRole('button', { name: 'Take it out of the catalogue' }).click();
  await expect(page.getByRole('button', { name: 'Ionise' })).toHaveCount(0);
});
