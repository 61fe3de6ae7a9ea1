import { expect, test, type Page } from '@playwright/test';

const meter = (page: Page, name: string) => page.getByRole('img', { name: new RegExp(`^${name}`) }).first();

test('a new job becomes a plan, and the plan follows what is changed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'New job' }).click();
  await page.getByLabel('Name of the object').fill('Trial cutter');
  await page.getByLabel('Body kind').selectOption('open-hull');
  await page.getByLabel(/^Length/).fill('5');
  await page.getByLabel(/^Beam/).fill('1.9');
  await page.getByLabel(/^Height, keel/).fill('0.8');
  await page.getByLabel('Level').selectOption('Work');
  await page.getByRole('button', { name: 'Take in and plan' }).click();
  await expect(page).toHaveURL(/\/jobs\/P-017\/steps/);
  await expect(
    page.getByRole('button', { name: /Roller and tip|Marine urethane topcoat 2:1, coat 2 of 2/ }).first(),
  ).toBeVisible();
  const before = await meter(page, 'Labour hours').getAttribute('aria-label');

  // A higher level for the whole job: more rounds, more coats, more hours.
  await page.goto('/jobs/P-017/walkaround');
  const length = page.getByLabel('Length');
  await length.fill('6');
  await length.press('Enter');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await expect(meter(page, 'Labour hours')).not.toHaveAttribute('aria-label', before!);

  // Undo by key brings it back.
  await page.getByRole('heading', { name: 'Walkaround' }).click();
  await page.keyboard.press('u');
  await expect(page.getByText('Undone')).toBeVisible();
  await expect(page.getByLabel('Length')).toHaveValue('5');
  await expect(meter(page, 'Labour hours')).toHaveAttribute('aria-label', before!);
});

test('faults of a new job stand at their fields and nothing is written', async ({ page }) => {
  await page.goto('/jobs/new');
  await page.getByLabel('Number').fill('P-014');
  await page.getByLabel('Name of the object').fill('Double');
  await page.getByRole('button', { name: 'Take in and plan' }).click();
  await expect(page.getByText('the number P-014 is taken', { exact: true })).toBeVisible();
  await page.getByLabel('Number').fill('P-500');
  await page.getByLabel(/^Length/).fill('99');
  await page.getByRole('button', { name: 'Take in and plan' }).click();
  await expect(page.getByText('Length must lie between 2.5 and 15 m', { exact: true })).toBeVisible();
  await page.goto('/jobs/P-500/steps');
  await expect(page.getByText('There is nothing at this address')).toBeVisible();
});

test('typing the two missing clears clears the stop, and the agreed plan waits to be accepted', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/film');
  await expect(page.getByText('4 coats are needed for level Show')).toBeVisible();
  await page.getByRole('button', { name: 'Coats' }).click();
  const coats = page.getByLabel('clear coats of Front wings');
  await coats.fill('');
  await coats.press('Enter');
  await expect(page.getByText('4 coats are needed for level Show')).toBeHidden();
  await expect(coats).toHaveValue('4');
  await page.getByRole('button', { name: 'Accept plan' }).click();
  await expect(page.getByText('Working plan as agreed.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Accept plan' })).toBeHidden();
});

test('a second editor is told and nothing is overwritten', async ({ page, context }) => {
  await page.goto('/jobs/P-015/scheme');
  const other = await context.newPage();
  await other.goto('/jobs/P-015/scheme');
  for (const one of [page, other]) await one.getByRole('button', { name: 'Colours', exact: true }).click();
  const name = (one: Page) =>
    one
      .getByRole('row')
      .filter({ hasText: 'Bottom' })
      .getByLabel(/^Name of /);
  await name(page).fill('First Brown');
  await name(page).press('Enter');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await name(other).fill('Second Brown');
  await name(other).press('Enter');
  await expect(other.getByRole('alert').filter({ hasText: 'somebody changed this' })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Colours', exact: true }).click();
  await expect(name(page)).toHaveValue('First Brown');
});

test('leave of the painters moves the date, and taking it back restores it', async ({ page }) => {
  await page.goto('/jobs/P-014/steps');
  const ends = page.getByText(/^ends /);
  const before = await ends.textContent();
  for (const person of ['Ines', 'Marek']) {
    await page.goto('/shop');
    await page.getByLabel(`First day off of ${person}`).fill('2027-01-04');
    await page.getByLabel(`Last day off of ${person}`).fill('2027-01-29');
    await page
      .getByRole('row', { name: new RegExp(person) })
      .getByRole('button', { name: 'Add' })
      .click();
    await expect(
      page.getByRole('row', { name: new RegExp(person) }).getByText('Mon 4 Jan to Fri 29 Jan'),
    ).toBeVisible();
  }
  await page.goto('/jobs/P-014/steps');
  await expect(ends).not.toHaveText(before!);
  await page.goto('/shop');
  for (let left = 2; left > 0; left -= 1) {
    await page
      .getByRole('button', { name: /^Remove days off/ })
      .first()
      .click();
    await expect(page.getByRole('button', { name: /^Remove days off/ })).toHaveCount(left - 1);
  }
  await page.goto('/jobs/P-014/steps');
  await expect(ends).toHaveText(before!);
});
