import { expect, test } from '@playwright/test';

test('keys walk between stations, move the day, find a step and show themselves', async ({ page }) => {
  await page.goto('/jobs/P-014/walkaround');
  await page.keyboard.press('g');
  await page.keyboard.press('5');
  await expect(page.getByRole('heading', { name: 'Bays' })).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Day shown' });
  await expect(slider).toHaveAttribute('aria-valuetext', 'Thu 24 Dec, day 32');
  await page.keyboard.press('.');
  await expect(slider).toHaveAttribute('aria-valuetext', 'Fri 25 Dec, day 33');
  await page.keyboard.press('t');
  await expect(slider).toHaveAttribute('aria-valuetext', 'Thu 24 Dec, day 32');
  await page.keyboard.press('/');
  await page.getByLabel('Find', { exact: true }).fill('colour sand body');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/steps#sides/);
  await expect(page.getByRole('complementary', { name: 'Colour sand by hand' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('the net shows the object as it will stand on the day, and arrows walk its panels', async ({ page }) => {
  await page.goto('/jobs/P-014/walkaround#B3L');
  const inspector = page.getByRole('complementary');
  await expect(inspector).toContainText('high-build');
  await page.getByRole('slider', { name: 'Day shown' }).focus();
  for (let week = 0; week < 6; week += 1) await page.keyboard.press('PageDown');
  await expect(inspector).toContainText('polished');
  await page.getByRole('listbox').focus();
  await page.keyboard.press('ArrowRight');
  await expect(inspector).toContainText('B4L');
  await expect(page.getByLabel('Outside area of this panel')).toHaveValue('0.97');
});

test('a block of the bays says why it is not earlier', async ({ page }) => {
  await page.goto('/jobs/P-014/bays');
  await page.getByRole('button', { name: 'Block, round 2 of 2' }).first().click();
  await expect(page.getByRole('complementary')).toContainText('Why not earlier');
  await expect(page.getByRole('complementary')).toContainText(/After “/);
});

test('writes from other pages, other hosts and of other shapes are refused in words', async ({
  request,
  baseURL,
}) => {
  const edit = { kind: 'job', job: 'P-014', seen: 1, set: { name: 'x' } };
  const own = { origin: baseURL! };
  expect(
    (
      await request.post('/api/edit', { data: edit, headers: { origin: 'http://elsewhere.example' } })
    ).status(),
  ).toBe(403);
  expect((await request.get('/', { headers: { host: 'elsewhere.example' } })).status()).toBe(421);
  const faulty = async (data: unknown) =>
    (await request.post('/api/edit', { data: data as object, headers: own })).json();
  expect(await faulty({ ...edit, set: { promised: '2027-02-30' } })).toMatchObject({
    faults: [{ place: 'set.promised' }],
  });
  expect(await faulty({ ...edit, set: { capLabourHours: -1 } })).toMatchObject({
    faults: [{ place: 'set.capLabourHours' }],
  });
  expect(await faulty({ ...edit, kind: 'constructor' })).toMatchObject({ faults: [{ place: 'kind' }] });
  expect(await faulty({ ...edit, job: 'P-999' })).toMatchObject({ faults: [{ place: 'job' }] });
  const large = await request.post('/api/edit', {
    data: { ...edit, set: { name: 'x'.repeat(10 * 1024 * 1024) } },
    headers: own,
  });
  expect(large.status()).toBe(413);
});
