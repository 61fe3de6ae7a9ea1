import { expect, test, type Page } from '@playwright/test';

/** Presses Tab until the element in focus has this label or name; fails after a long way round. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 120; presses += 1) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const element = document.activeElement as (HTMLElement & { labels?: NodeListOf<HTMLElement> }) | null;
      const label = element?.labels?.[0]?.textContent ?? '';
      return element?.getAttribute('aria-label') ?? (label || (element?.textContent ?? ''));
    });
    if (name.test(focused)) return;
  }
  throw new Error(`Tab never came to ${name}`);
}

test('a trainer aircraft is surveyed from nothing to an accepted strip decision, with the keyboard alone', async ({
  page,
}) => {
  await page.goto('/');
  await tabTo(page, /New job/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'New job' })).toBeVisible();
  await expect(page.getByLabel('Name of the object')).toBeEnabled();
  await tabTo(page, /^Name of the object/);
  await page.keyboard.type('Survey trainer');
  await tabTo(page, /^Body kind/);
  await page.keyboard.type('Low');
  await tabTo(page, /^Take in and plan/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/jobs\/P-\d+\/steps/);
  await page.keyboard.press('g');
  await page.keyboard.press('1');
  await expect(page.getByRole('listbox', { name: 'Net of panels, to scale' })).toBeVisible();
  await tabTo(page, /^Net of panels/);

  // The first panel and its neighbour: peeling on both, the second by repeating.
  await page.keyboard.press('ArrowRight');
  const inspector = page.getByRole('complementary');
  await expect(inspector).toContainText('F1L');
  await page.keyboard.press('3');
  await expect(page.locator('title', { hasText: 'peeling on F1L' })).toHaveCount(1);
  await page.keyboard.press('ArrowRight');
  await expect(inspector).toContainText('F2L');
  await page.keyboard.press('r');
  await expect(page.locator('title', { hasText: 'peeling on F2L' })).toHaveCount(1);

  // A dent too many on the second: undone.
  await page.keyboard.press('1');
  await expect(page.locator('title', { hasText: 'dent on F2L' })).toHaveCount(1);
  await page.keyboard.press('u');
  await expect(page.locator('title', { hasText: 'dent on F2L' })).toHaveCount(0);

  // Both selected, the advice accepted, and the decision read on its page.
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(inspector).toContainText('and 1 more');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved')).toBeVisible();
  await tabTo(page, /^Measure$/);
  // Radix moves the focus a moment after the key, so the next key waits for it, as a hand would.
  for (const name of ['Condition', 'Beneath', 'How far']) {
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('tab', { name })).toBeFocused();
  }
  await expect(inspector).toContainText('Advice: to the sound layer');
  await expect(inspector).toContainText('1 × peeling marked');
  await expect(inspector).toContainText('never on aircraft skins');
  await expect(page.getByLabel('Depth of the selection')).toHaveValue('stable');

  // The plan has taken it up.
  await page.keyboard.press('Escape');
  await page.keyboard.press('g');
  await page.keyboard.press('4');
  await expect(page.getByRole('button', { name: 'Sand to the stable layer, feather' }).first()).toBeVisible();
});

test('a panel map that is none is refused by its path, a good one becomes panels', async ({ page }) => {
  await page.goto('/jobs/P-015/walkaround');
  await page.getByRole('tab', { name: 'Panels' }).click();
  const chooser = page.getByLabel('Panel map, SVG with a width in mm and ids');
  await expect(chooser).toBeEnabled();
  const map = (inside: string) => ({
    name: 'map.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(`<svg width="2000mm" viewBox="0 0 2000 1000">${inside}</svg>`),
  });
  await chooser.setInputFiles(map('<path id="LID" d="M0 0L500 0L500 400"/>'));
  await expect(page.getByRole('alert').filter({ hasText: 'path LID: is not closed' })).toBeVisible();
  await chooser.setInputFiles(map('<path id="LID" data-name="locker lid" d="M0 0H500V400H0Z"/>'));
  await expect(page.getByRole('option', { name: /LID locker lid/ })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByRole('option', { name: /LID locker lid/ })).toHaveCount(0);
});

test('a photo of a panel is kept and shown, and what is no photo is refused', async ({ page }) => {
  await page.goto('/jobs/P-014/walkaround#B4L');
  await page.getByRole('tab', { name: 'Condition' }).click();
  const chooser = page.getByLabel('Add a photo of B4L');
  await expect(chooser).toBeEnabled();
  await chooser.setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no photo') });
  await expect(page.getByText('the file is no photo that can be read')).toBeVisible();
  await chooser.setInputFiles({ name: 'dent.png', mimeType: 'image/png', buffer: await page.screenshot() });
  await expect(page.getByRole('img', { name: /^B4L on/ })).toBeVisible();
});

test('the survey sheet carries the findings of every surveyed panel', async ({ page }) => {
  await page.goto('/jobs/P-014/documents/survey');
  const row = page.getByRole('row', { name: /B4L left body panel 4/ });
  await expect(row).toContainText('dent 60 × 2.5 mm, mended');
  await expect(row).toContainText('96–412, median 183');
  await expect(page.getByText(/Test for lead and chromate before anything dry/)).toBeVisible();
});
