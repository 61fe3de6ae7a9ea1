import { expect, test } from '@playwright/test';

test.describe.configure({ mode: 'serial' });

test('a coat tapped too early is told, insisted on with a reason, counted, and taken back', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/booth');
  await page.getByRole('button', { name: 'At the window' }).click();
  // Other journeys may have put a coat before it; the session is chosen by what it sprays.
  const sessions = page.getByLabel('Session', { exact: true });
  const build = sessions.locator('option', { hasText: /: Body sides and ends, sealer$/ }).first();
  await sessions.selectOption((await build.getAttribute('value'))!);
  await page.getByLabel('Batch on the tin').fill('SE 9');
  const tile = page.getByRole('button', { name: /^left body panel 2 B2L: / });
  await tile.click();
  await expect(page.getByText('Not begun: sealer 1')).toBeVisible();
  await page.getByLabel('Why it is begun all the same').fill('trial panel');
  await page.getByRole('button', { name: 'Begin all the same' }).click();
  await expect(tile).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('tab', { name: /sealer 1/ })).toContainText('1 of 58');
  await page.getByRole('button', { name: 'Cure clocks' }).click();
  await expect(page.getByRole('row', { name: /^B2L Sealer/ })).toContainText('batch SE 9');
  await page.goto('/jobs/P-014/log');
  await page.getByRole('button', { name: 'Entries' }).click();
  const entry = page
    .getByRole('row', { name: /coat Sealer, non-sanding, grey 4:1:1, coat 1 of 1.*B2L/ })
    .first();
  await expect(entry).toContainText('trial panel');
  await entry.getByRole('button').click();
  await expect(page.getByRole('cell', { name: /trial panel/ })).toHaveCount(0);
});

test('a step is begun, left with what remains, and the plan holds it running', async ({ page }) => {
  await page.goto('/jobs/P-016/log');
  const running = page.locator('section[aria-label]').filter({ hasText: ' used' }).last();
  const name = (await running.getAttribute('aria-label'))!;
  await running.getByRole('button', { name: 'Begin' }).click();
  const line = page.getByRole('region', { name, exact: true });
  await expect(line).toContainText('since');
  await line.getByLabel('Hours still to do').fill('3');
  await line.getByRole('button', { name: 'Leave off' }).click();
  await expect(line.getByRole('button', { name: 'Begin' })).toBeVisible();
  await page.getByRole('button', { name: 'Entries' }).click();
  await expect(page.getByRole('cell', { name: '180 min left' })).toBeVisible();
});

test('the log teaches, and a factor is accepted and returned', async ({ page }) => {
  await page.goto('/jobs/P-014/log');
  await page.getByRole('button', { name: 'Learned' }).click();
  const row = page.getByRole('row', { name: /^Strip by disc/ });
  await row.getByRole('button', { name: /^Accept/ }).click();
  await expect(row.getByRole('button', { name: 'Return Strip by disc to the rate alone' })).toBeVisible();
  await row.getByRole('button', { name: /^Return/ }).click();
  await expect(row.getByRole('button', { name: /^Accept/ })).toBeVisible();
});

test('the floor has no gap, the crew its hard days, and each panel its coats', async ({ page }) => {
  await page.goto('/jobs/P-014/bays');
  await page.getByRole('button', { name: 'Floor', exact: true }).click();
  await expect(
    page.getByRole('table', { name: 'Places one after the other' }).getByRole('row'),
  ).not.toHaveCount(1);
  await page.getByRole('button', { name: 'Crew', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Hard days' })).toBeVisible();
  await page.goto('/jobs/P-014/steps');
  await page.getByRole('button', { name: 'Panels', exact: true }).click();
  const wings = page.getByRole('table', { name: 'Panels of Front wings' });
  await expect(wings.getByRole('row').nth(1)).toContainText('epoxy 1, build 4, sealer 1, colour 3, clear 2');
});

test('a trade that waits is told its day; a system of the shop’s own is copied and removed', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/walkaround');
  await page.getByRole('button', { name: 'Others' }).click();
  await page.getByLabel('Add a trade: what').fill('seats');
  await page.getByRole('button', { name: 'Add a trade' }).click();
  await page.getByRole('button', { name: 'told this day' }).click();
  await expect(page.getByText('told', { exact: true })).toBeVisible();
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'systems', exact: true }).click();
  await page.getByRole('button', { name: 'Single stage', exact: true }).click();
  await page.getByLabel('Key of the new system').fill('our-single');
  await page.getByLabel('Name of the new system').fill('Our single stage');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Our single stage' }).click();
  await page.getByRole('button', { name: 'Remove this system' }).click();
  await expect(page.getByRole('button', { name: 'Our single stage' })).toHaveCount(0);
});

test('a run becomes planned sub-steps before its panel is sanded, and is taken out again', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/log');
  await page.getByRole('button', { name: 'Repairs', exact: true }).click();
  await page.getByLabel('What was found').selectOption({ label: 'Run' });
  await page.getByLabel('On panel').selectOption('B2L');
  await page.getByLabel('Where on it').fill('lower third');
  await page.getByRole('button', { name: 'Plan the repair' }).click();
  const row = page.getByRole('row', { name: /Run B2L/ });
  try {
    await expect(row.getByRole('listitem')).toHaveCount(5);
    await expect(row).toContainText('400 on a stick, on the putty only, until the putty is gone');
    await page.goto('/jobs/P-014/steps');
    await expect(page.getByRole('button', { name: /^Run: Fill over the run/ })).toBeVisible();
  } finally {
    await page.goto('/jobs/P-014/log');
    await page.getByRole('button', { name: 'Repairs', exact: true }).click();
    await row.getByRole('button').last().click();
    await expect(page.getByText('No flaw is written down.')).toBeVisible();
  }
});
