import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Browser, type Page } from '@playwright/test';

// The database of these journeys is their own: once a password is set, the demo signs nobody in by itself.
test.describe.configure({ mode: 'serial', retries: 0 });

const password = 'lantern gravel sluice';
let manager: Page;
let planner: Page;

const visitor = async (browser: Browser): Promise<Page> => (await browser.newContext()).newPage();

async function setPassword(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.getByLabel('New password').fill(password);
  await page.getByLabel('Once more').fill(password);
  await page.getByRole('button', { name: 'Set the password and sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Yard' })).toBeVisible();
}

const openAccounts = async (): Promise<void> => {
  await manager.goto('/shop');
  await manager.getByRole('button', { name: 'Accounts' }).click();
  await expect(manager.getByRole('table', { name: 'Accounts' })).toBeVisible();
};

/** Makes an account. @returns path of the link by which its password is set */
async function makeAccount(name: string, role: string, licence = ''): Promise<string> {
  await openAccounts();
  const form = manager.getByRole('form', { name: 'New account' });
  await form.getByLabel('Name', { exact: true }).fill(name);
  await form.getByLabel('Signs in as').fill(name.toLowerCase());
  await form.getByLabel('Role').selectOption({ label: role });
  await form.getByLabel('Licence').fill(licence);
  await form.getByRole('button', { name: 'Make the account' }).click();
  const told = manager.getByRole('status').filter({ hasText: 'Hand this link over' });
  await expect(told).toBeVisible();
  return new URL(/http\S+/.exec((await told.textContent())!)![0].replace(/It$/, '')).pathname;
}

const hasNoFaults = async (page: Page): Promise<void> => {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
  expect(violations.map((one) => one.id)).toEqual([]);
};

test('the first manager sets a password by the link of the start command; from then on everybody signs in', async ({
  browser,
}) => {
  manager = await visitor(browser);
  const stranger = await visitor(browser);
  await stranger.goto('/');
  await expect(stranger.getByRole('heading', { name: 'Yard' })).toBeVisible();
  await setPassword(manager, process.env.COATREL_FIRST_LINK!);
  await stranger.goto('/jobs/P-014/steps');
  await expect(stranger.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await hasNoFaults(stranger);
  await stranger.getByLabel('Name').fill('manager');
  await stranger.getByLabel('Password').fill('not this one');
  await stranger.getByRole('button', { name: 'Sign in' }).click();
  await expect(stranger.getByRole('alert').filter({ hasText: 'Name or password is wrong.' })).toBeVisible();
  await stranger.getByLabel('Password').fill(password);
  await stranger.getByRole('button', { name: 'Sign in' }).click();
  // One comes to the page that was asked for.
  await expect(stranger).toHaveURL(/\/jobs\/P-014\/steps$/);
  await stranger.context().close();
  await openAccounts();
  await hasNoFaults(manager);
});

test('two people type in one field: the second is told, and chooses; nothing is lost', async ({
  browser,
}) => {
  planner = await visitor(browser);
  await setPassword(planner, await makeAccount('Tess', 'Planner'));
  for (const page of [manager, planner]) await page.goto('/jobs/P-015/walkaround');
  const length = (page: Page) => page.getByLabel('Length', { exact: true });
  await length(planner).fill('8.8');
  await length(manager).fill('8.7');
  await length(manager).press('Enter');
  await expect(manager.getByText('Saved', { exact: true })).toBeVisible();
  // The planner’s page follows by itself while the planner still types.
  const told = planner.getByRole('alert').filter({ hasText: 'Somebody changed this to “8.7”' });
  await expect(told).toBeVisible();
  await expect(length(planner)).toHaveValue('8.8');
  await told.getByRole('button', { name: 'Save “8.8”' }).click();
  await expect(planner.getByText('Saved', { exact: true })).toBeVisible();
  // And the manager’s follows the planner’s.
  await expect(length(manager)).toHaveValue('8.8');
  await length(manager).fill('8.5');
  await length(manager).press('Enter');
  await expect(length(planner)).toHaveValue('8.5');
});

test('a tablet is paired, a badge is tapped, the log names who did it; taken back, it opens nothing', async ({
  browser,
}) => {
  await openAccounts();
  await manager.getByLabel('Badge code of Jun').fill('4711');
  await manager.getByRole('row', { name: /Jun/ }).getByRole('button', { name: 'Set', exact: true }).click();
  await expect(manager.getByText('Badge code set')).toBeVisible();
  const form = manager.getByRole('form', { name: 'New tablet' });
  await form.getByLabel('Tablet').fill('Booth window');
  await form.getByRole('button', { name: 'Make a pairing code' }).click();
  const code = /[A-Z2-9]{8}/.exec(
    (await manager.getByRole('status').filter({ hasText: '/pair' }).textContent())!,
  )![0];
  const tablet = await (await browser.newContext({ viewport: { width: 800, height: 1280 } })).newPage();
  await tablet.goto('/pair');
  await tablet.getByLabel('Pairing code').fill(code);
  await tablet.getByRole('button', { name: 'Pair this tablet' }).click();
  await expect(tablet.getByRole('heading', { name: 'Who works here?' })).toBeVisible();
  await hasNoFaults(tablet);
  await tablet.goto('/jobs/P-014/booth');
  await expect(tablet.getByText('tap your name above')).toBeVisible();
  await tablet.goto('/sign-in');
  await tablet.getByRole('button', { name: 'Jun' }).click();
  for (const figure of '4711') await tablet.getByRole('button', { name: figure, exact: true }).click();
  await expect(tablet.getByRole('heading', { name: 'Yard' })).toBeVisible();
  await expect(tablet.getByText(/^Crew: keeps the log/)).toBeVisible();
  await tablet.goto('/jobs/P-014/walkaround#B3L');
  await expect(tablet.getByRole('button', { name: 'Accept plan' })).toHaveCount(0);
  expect((await tablet.request.get('/shop')).status()).toBe(403);

  await openAccounts();
  await manager
    .getByRole('row', { name: /Booth window/ })
    .getByRole('button', { name: 'Take back' })
    .click();
  await expect(manager.getByText('Tablet taken back')).toBeVisible();
  await tablet.goto('/jobs/P-014/booth');
  await expect(tablet.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await tablet.context().close();
});

test('a licensed engineer signs a hold with the account, and can do nothing else', async ({ browser }) => {
  const engineer = await visitor(browser);
  await setPassword(engineer, await makeAccount('Osric', 'Licensed engineer', 'LE-9001'));
  await engineer.goto('/jobs/P-016/steps#hold/weight');
  await expect(engineer.getByText('You sign as Osric, with the licence of your account.')).toBeVisible();
  await expect(engineer.getByRole('button', { name: 'Accept plan' })).toHaveCount(0);
  await engineer.getByRole('button', { name: 'Enter the release' }).click();
  const inspector = engineer.getByRole('complementary');
  await expect(inspector).toContainText('Signed by the engineer’s own sign-in.');
  await expect(inspector).toContainText('LE-9001');
  await expect(inspector).toContainText('Osric');
  const token = await engineer.locator('meta[name="page-token"]').getAttribute('content');
  const answer = await engineer.request.post('/api/edit', {
    headers: { origin: new URL(engineer.url()).origin, 'x-page-token': token! },
    data: { kind: 'job', job: 'P-016', seen: 1, set: { name: 'x' } },
  });
  expect(answer.status()).toBe(403);
  expect(await answer.text()).toContain('Not with the rights of licensed engineer');
  await engineer.context().close();
});

test('a manager takes a session back; the page of that person asks to sign in', async () => {
  await openAccounts();
  await manager
    .getByRole('table', { name: 'Signed in now' })
    .getByRole('row', { name: /Tess/ })
    .getByRole('button', { name: 'Sign out' })
    .click();
  await expect(manager.getByText('Session taken back')).toBeVisible();
  await planner.goto('/jobs/P-015/walkaround');
  await expect(planner.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await manager.goto('/jobs/P-016/log');
  await manager.getByRole('button', { name: 'Changes' }).click();
  await expect(manager.getByRole('table', { name: /Changes/ })).toContainText('Osric');
});

test('a job goes into the trash and comes back as it stood', async () => {
  await manager.goto('/shop');
  await manager.getByRole('button', { name: 'Safe keeping' }).click();
  const form = manager.getByRole('form', { name: 'Put a job into the trash' });
  await form.getByLabel('Put a job into the trash: job').selectOption('P-015');
  await form.getByLabel('Its number once more').fill('P-01');
  await form.getByRole('button', { name: 'Put it away' }).click();
  await expect(form.getByRole('alert')).toContainText('type P-015');
  await form.getByLabel('Its number once more').fill('P-015');
  await form.getByRole('button', { name: 'Put it away' }).click();
  await expect(manager.getByRole('table', { name: 'Trash' })).toContainText('P-015');
  await hasNoFaults(manager);
  expect((await manager.request.get('/jobs/P-015/steps')).status()).toBe(404);
  await manager.getByRole('button', { name: 'Bring back' }).click();
  await expect(manager.getByText('The trash is empty.')).toBeVisible();
  await manager.goto('/jobs/P-015/walkaround');
  await expect(manager.getByLabel('Length', { exact: true })).toHaveValue('8.5');
});
