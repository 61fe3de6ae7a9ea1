// Last of all journeys: the job that it takes in draws on the stock that others reckon with.
import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { readPdf } from '../../src/workers/documents/read-pdf.fixture';

test('a job after a pattern: quoted with a second way, damage approved on a telephone, a photo over a broken line, signed, handed over', async ({
  page,
  browser,
}, info) => {
  await page.goto('/jobs/new');
  await page.getByLabel('After the pattern of').selectOption('P-011');
  // Lower than any other, so that the next number stays what other journeys expect.
  const number = `A-${info.retry + 1}`;
  await page.getByLabel('Number', { exact: true }).fill(number);
  await page.getByLabel('Name of the object').fill('Sister van');
  await page.getByLabel('Owner', { exact: true }).fill('M. Vane');
  await page.getByRole('button', { name: 'Take in and plan' }).click();
  await page.waitForURL(`**/jobs/${number}/steps`);

  await page.goto(`/jobs/${number}/handover`);
  await expect(page.locator('summary', { hasText: 'What P-011 took' })).toBeVisible();
  const [, , other] = await page.getByLabel('Told beside it').locator('option').allTextContents();
  await page.getByLabel('Told beside it').selectOption(other!);
  await page.getByRole('button', { name: 'Make a quote from this plan' }).click();
  await expect(page.getByRole('table', { name: 'Ways side by side' })).toContainText('To pay');
  await page.getByRole('button', { name: 'Owner’s page' }).click();
  await page.getByLabel('For whom the link is').fill('M. Vane');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = /http\S+/.exec((await page.getByText(/Copy it now/).textContent())!)![0];
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, isMobile: true });
  const phone = await context.newPage();
  await phone.goto(link);
  await phone.getByLabel('Your name', { exact: true }).first().fill('M. Vane');
  await phone.getByLabel('Where you are').fill('at home');
  await phone.getByRole('button', { name: 'Accept' }).click();
  await expect(phone.getByText('Thank you: we have it.')).toBeVisible();

  // What was found stands in the list of the strip-down; from there the owner is asked.
  const panel = 'R1';
  const found = await page.request.post('/api/edit', {
    headers: { origin: new URL(page.url()).origin, 'sec-fetch-site': 'same-origin' },
    data: {
      kind: 'add-item',
      job: number,
      list: 'finds',
      item: {
        part: panel,
        hours: 5,
        what: 'rot in the gutter',
        onDate: new Date().toISOString().slice(0, 10),
      },
    },
  });
  expect(found.status(), await found.text()).toBe(200);
  await page.reload();
  await page.getByRole('button', { name: 'Owner’s page' }).click();
  const ask = page.getByRole('form', { name: /^Ask about rot/ });
  await ask.getByLabel('Price before tax').fill('320');
  await ask.getByLabel('Days more').fill('2');
  await ask.getByRole('button', { name: 'Ask the owner' }).click();
  await expect(ask).toBeHidden();
  await phone.goto(link);
  await phone.getByLabel('Your name', { exact: true }).fill('M. Vane');
  await phone.getByRole('button', { name: /^Yes, mend it: £320.00 more before tax, 2 days later/ }).click();
  await expect(phone.getByText('Thank you: we have it.')).toBeVisible();
  await expect(phone.getByText(/rot in the gutter: mend it, 2 days more/)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Make a quote from this plan' }).click();
  const changed = page.getByRole('region', { name: 'What quote 2 changes' });
  await expect(changed).toContainText('rot in the gutter: mend it, agreed by M. Vane');

  // The line breaks in the middle of a photo: it goes on where it stopped.
  const file = info.outputPath('large.jpg');
  await sharp({
    create: {
      width: 2400,
      height: 1600,
      channels: 3,
      background: '#777777',
      noise: { type: 'gaussian', mean: 128, sigma: 60 },
    },
  })
    .jpeg({ quality: 95 })
    .toFile(file);
  let pieces = 0;
  await page.route('**/api/uploads/*', (route) => {
    pieces += 1;
    return pieces === 2 ? route.abort('connectionreset') : route.continue();
  });
  await page.getByRole('button', { name: 'Photos', exact: true }).click();
  await page.getByLabel('What the next photos show').selectOption('found');
  await page.getByLabel('Add photos').setInputFiles(file);
  await expect(page.getByRole('list', { name: 'Time line' })).toBeVisible();
  expect(pieces).toBeGreaterThan(3);
  await page.getByLabel('the owner sees it').click();
  await expect(page.getByLabel('the owner sees it')).toBeChecked();
  await phone.goto(link);
  await expect(phone.locator('img[src*="/photos/"]')).toBeVisible();

  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await page.getByLabel('What it is', { exact: true }).fill('frame number');
  await page.getByLabel('As it reads').fill('CH 0042');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByLabel('Reads of frame number')).toHaveValue('CH 0042');
  await page.getByLabel('Who signed').fill('M. Vane');
  await page.getByRole('button', { name: 'Take it down' }).click();
  await expect(page.getByText('Where it was signed is missing.')).toBeVisible();
  await page.getByLabel('Where it was signed').fill('at the gate');
  await page.getByRole('button', { name: 'Take it down' }).click();
  await expect(page.getByText(/M. Vane, at the gate/)).toBeVisible();

  await page.getByRole('button', { name: 'Documents', exact: true }).click();
  const row = page.getByRole('row', { name: /^Handover file/ });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    row.getByRole('button', { name: 'PDF' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe(`${number}-handover-a4.pdf`);
  const pdf = readPdf(readFileSync(await download.path()));
  const words = pdf.pages.map((one) => one.words).join(' ');
  for (const said of [
    'Handover of Sister van',
    'Open ends',
    'CH 0042',
    'For the owner: M. Vane, at the gate',
    'damage found',
    `page ${pdf.pages.length} of ${pdf.pages.length}`,
  ])
    expect(words).toContain(said);
  expect(pdf.pages.reduce((sum, one) => sum + one.images, 0)).toBe(1);
  await page.goto(`/jobs/${number}/documents/handover`);
  await expect(page.getByRole('heading', { name: 'Handover of Sister van' })).toBeVisible();
  await context.close();
});

test('a note that was written at a step comes back before the same work on another job, until it is retired', async ({
  page,
}) => {
  await page.goto('/jobs/P-014/steps#sides/strip');
  await page.getByLabel('What happened').fill('gel ran under the rail');
  await page.getByLabel('What helps').fill('tape the rail first');
  await page
    .getByRole('form', { name: 'Write a note' })
    .getByRole('button', { name: 'Write it down' })
    .click();
  await expect(page.getByText('gel ran under the rail:')).toBeVisible();
  await page.goto('/jobs/P-016/steps#airframe/strip');
  await expect(page.getByText('gel ran under the rail:')).toBeVisible();
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Notes', exact: true }).click();
  await expect(page.getByRole('table', { name: 'Notes that come back' })).toContainText(
    'tape the rail first',
  );
  const row = page.getByRole('row', { name: /gel ran under the rail/ });
  await row.getByRole('button', { name: 'it is wrong' }).click();
  await row.getByLabel(/^Why the note/).fill('another gel');
  await row.getByRole('button', { name: 'Retire it' }).click();
  await expect(page.getByText('Retired: 1')).toBeVisible();
});
