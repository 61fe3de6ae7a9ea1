import { generateSync } from 'otplib';
import { callerOf, type Asked, type Caller } from '../access/caller';
import { demoCookie, sessionCookie, tabletCookie } from '../access/cookies';
import { database } from '../database/client';
import { attemptCount, session } from '../database/schema';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import {
  accounts,
  changeAccount,
  firstManagerLink,
  makeAccount,
  makeAccountLink,
  setBadge,
} from './accounts';
import { changePassword, setByLink } from './own-account';
import { askSecondFactor, confirmSecondFactor } from './second-factor';
import { sessionsOf, takeBackSession } from './sessions';
import { enterSecondFactor, signIn, tapBadge, type SignedIn } from './sign-in';
import { endTablet, makeTablet, pairTablet, tablets } from './tablets';
import { commandWriter } from './unit-of-work';

beforeAll(freshDemo);
afterAll(closeAll);
afterEach(() => {
  process.env.COATREL_BOUND = '127.0.0.1:4380';
});

const from = { address: '192.0.2.7', agent: 'a test' };
const password = 'barley ochre lantern';
const cookies = (jar: Record<string, string>, headers: Record<string, string> = {}): Asked => ({
  cookie: (name) => jar[name],
  header: (name) => headers[name] ?? null,
});
const sealOf = (outcome: SignedIn): string => {
  if (outcome.status !== 'in') throw new Error(JSON.stringify(outcome));
  return outcome.begun.seal;
};
const callerBy = (seal: string) => callerOf(cookies({ [sessionCookie()]: seal }));
const reasonOf = (outcome: SignedIn) => ('reason' in outcome ? outcome.reason : outcome.status);

describe('the demo', () => {
  test('signs in by itself on this machine, as the manager or the role that is tried out', async () => {
    expect(await callerOf(cookies({}))).toMatchObject({ name: 'Wren', rights: ['manager'], how: 'demo' });
    expect(await callerOf(cookies({ [demoCookie()]: 'crew' }))).toMatchObject({ rights: ['crew'] });
  });

  test('lets nobody in over the network, nor whom another program speaks for', async () => {
    expect(await callerOf(cookies({}, { 'x-coatrel-forwarded': '1' }))).toBeNull();
    process.env.COATREL_BOUND = '0.0.0.0:4380';
    expect(await callerOf(cookies({}))).toBeNull();
  });
});

describe('an account', () => {
  let manager: Caller;

  test('the first manager sets a password by a link, once; the link of a start before opens nothing', async () => {
    const older = await firstManagerLink();
    const token = await firstManagerLink();
    expect(reasonOf(await setByLink(older!, password, from))).toContain('opens nothing');
    expect(reasonOf(await setByLink(token!, 'short', from))).toContain('at least 12');
    expect(reasonOf(await setByLink(token!, 'password1234', from))).toContain('lists');
    expect(reasonOf(await setByLink(token!, 'pellbrook-manager', from))).toContain('names');
    const caller = await callerBy(sealOf(await setByLink(token!, password, from)));
    expect(caller).toMatchObject({ name: 'Manager', rights: ['manager'], how: 'link', needs: null });
    manager = caller!;
    expect(reasonOf(await setByLink(token!, password, from))).toContain('opens nothing');
    expect(await firstManagerLink()).toBeNull();
  });

  test('from then on the demo lets nobody in', async () => {
    expect(await callerOf(cookies({}))).toBeNull();
  });

  test('name and password sign in; a wrong one is told in the same words as a wrong name', async () => {
    expect(await callerBy(sealOf(await signIn(' MANAGER ', password, from)))).toMatchObject({
      how: 'password',
    });
    const wrong = [await signIn('manager', 'wrong', from), await signIn('nobody', password, from)];
    expect(wrong.map(reasonOf)).toEqual(['Name or password is wrong.', 'Name or password is wrong.']);
  });

  test('ten wrong passwords from one address shut the name for it, for a quarter of an hour, and for nobody else', async () => {
    const other = { ...from, address: '192.0.2.8' };
    for (let i = 0; i < 10; i += 1) await signIn('manager', `wrong ${i}`, other);
    expect(await signIn('manager', password, other)).toMatchObject({ status: 'shut', minutes: 15 });
    expect((await signIn('manager', password, from)).status).toBe('in');
  });

  test('a cookie that was not sealed here, or was changed, is nobody’s', async () => {
    const seal = sealOf(await signIn('manager', password, from));
    expect(await callerBy('x'.repeat(200))).toBeNull();
    expect(await callerBy(`${seal.slice(0, -8)}AAAAAAAA`)).toBeNull();
  });

  test('a session that was taken back, or has ended, opens nothing', async () => {
    const seal = sealOf(await signIn('manager', password, from));
    const caller = await callerBy(seal);
    const key = caller!.session!.slice(0, 16);
    expect((await sessionsOf(null)).map((one) => one.key)).toContain(key);
    expect(await takeBackSession(key, 'somebody-else')).toBe(false);
    expect(await takeBackSession('%', null)).toBe(false);
    expect(await takeBackSession(key, null)).toBe(true);
    expect(await callerBy(seal)).toBeNull();
    const other = sealOf(await signIn('manager', password, from));
    await database().update(session).set({ endsAt: 1 });
    expect(await callerBy(other)).toBeNull();
  });

  test('a new password signs the other sessions out', async () => {
    const [here, there] = [await signIn('manager', password, from), await signIn('manager', password, from)];
    const caller = (await callerBy(sealOf(here)))!;
    expect(await changePassword(caller, 'wrong', 'gravel sluice umbrella')).toMatchObject({
      place: 'password',
    });
    expect(await changePassword(caller, password, 'gravel sluice umbrella')).toEqual({ status: 'done' });
    expect(await callerBy(sealOf(there))).toBeNull();
    expect(await callerBy(sealOf(here))).not.toBeNull();
    expect(await changePassword(caller, 'gravel sluice umbrella', password)).toEqual({ status: 'done' });
  });

  test('a shop is never without a manager who can sign in', async () => {
    const [own] = (await accounts()).filter((one) => one.signIn === 'manager');
    const { id, seen, name, signIn: as, personId, licence } = own!;
    const given = { name, signIn: as, personId, licence, role: 'reader' as const, ended: false };
    expect(await changeAccount(id, seen, given, commandWriter)).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'role' }],
    });
  });

  test('who is no manager makes no account; an engineer has a licence; two do not sign in as one', async () => {
    const given = { name: 'Jo', signIn: 'jo', role: 'crew' as const, personId: null, licence: '' };
    const planner = { author: 'p', rights: ['planner'] as const };
    expect((await makeAccount(given, planner)).outcome).toMatchObject({ status: 'forbidden' });
    const engineer = await makeAccount({ ...given, role: 'engineer' }, commandWriter);
    expect(engineer.outcome).toMatchObject({ faults: [{ place: 'licence' }] });
    expect((await makeAccount(given, commandWriter)).outcome).toMatchObject({ status: 'saved' });
    expect((await makeAccount(given, commandWriter)).outcome).toMatchObject({
      faults: [{ place: 'signIn' }],
    });
  });

  test('an account that ends is signed out and signs in no more', async () => {
    const { id } = await makeAccount(
      { name: 'Kit', signIn: 'kit', role: 'crew', personId: null, licence: '' },
      commandWriter,
    );
    const { token } = await makeAccountLink(id, commandWriter);
    const seal = sealOf(await setByLink(token, password, from));
    const kit = (await accounts()).find((one) => one.id === id)!;
    const { name, signIn: as, role, personId, licence, seen } = kit;
    const given = { name, signIn: as, role, personId, licence, ended: true };
    expect(await changeAccount(id, seen, given, commandWriter)).toMatchObject({ status: 'saved' });
    expect(await callerBy(seal)).toBeNull();
    expect(reasonOf(await signIn('kit', password, from))).toBe('Name or password is wrong.');
  });

  test('a second factor: half in after the password, each code once, recovery codes once', async () => {
    const { secret, picture } = await askSecondFactor(manager.accountId!, 'Manager');
    expect(picture).toMatch(/^data:image\/png;base64,/);
    expect(await confirmSecondFactor(manager.accountId!, '000000')).toBeNull();
    const codes = (await confirmSecondFactor(manager.accountId!, generateSync({ secret })))!;
    expect(codes).toHaveLength(8);
    const half = await signIn('manager', password, from);
    expect(half).toMatchObject({ status: 'in', needs: 'second-factor' });
    const caller = (await callerBy(sealOf(half)))!;
    expect(caller).toMatchObject({ rights: [], needs: 'second-factor' });
    // The code that set it up was used.
    const used = await enterSecondFactor(caller, generateSync({ secret }), from);
    expect(reasonOf(used)).toContain('used before');
    const whole = await enterSecondFactor(
      caller,
      `${codes[0]!.slice(0, 4)} ${codes[0]!.slice(4).toLowerCase()}`,
      from,
    );
    expect(await callerBy(sealOf(whole))).toMatchObject({ rights: ['manager'], hasSecondFactor: true });
    // What was half is over.
    expect(await callerBy(sealOf(half))).toBeNull();
    const again = (await callerBy(sealOf(await signIn('manager', password, from))))!;
    expect(reasonOf(await enterSecondFactor(again, codes[0]!, from))).toContain('used before');
    for (let i = 0; i < 5; i += 1) await enterSecondFactor(again, '123456', from);
    expect(await enterSecondFactor(again, codes[1]!, from)).toMatchObject({ status: 'shut' });
  });

  test('over the network a manager without a second factor reads only', async () => {
    const { id } = await makeAccount(
      { name: 'Max', signIn: 'max', role: 'manager', personId: null, licence: '' },
      commandWriter,
    );
    const { token } = await makeAccountLink(id, commandWriter);
    const seal = sealOf(await setByLink(token, password, from));
    process.env.COATREL_BOUND = '0.0.0.0:4380';
    expect(await callerBy(seal)).toMatchObject({
      rights: ['manager', 'reader'],
      needs: 'own-second-factor',
    });
  });
});

describe('a tablet', () => {
  let jar: Record<string, string>;
  let id: string;

  test('is paired once, by a code', async () => {
    const { code } = await makeTablet(
      { name: 'Booth window', placeId: 'booth', role: 'painter' },
      commandWriter,
    );
    expect((await pairTablet('AAAA AAAA', from)).status).toBe('refused');
    const paired = await pairTablet(`${code.slice(0, 4)}-${code.slice(4).toLowerCase()}`, from);
    if (paired.status !== 'paired') throw new Error(paired.status);
    jar = { [tabletCookie()]: paired.begun.seal };
    expect((await pairTablet(code, from)).status).toBe('refused');
    expect(await callerOf(cookies(jar))).toMatchObject({
      name: 'Booth window',
      accountId: null,
      rights: ['painter', 'reader'],
      how: 'tablet',
    });
    id = (await tablets())[0]!.id;
  });

  test('a badge opens it with what both may; five wrong codes shut it', async () => {
    await setBadge('demo-crew', '4711', commandWriter);
    const bare = (await callerOf(cookies(jar)))!;
    const tapped = await tapBadge(bare, 'demo-crew', '4711', from);
    const caller = await callerOf(cookies({ ...jar, [sessionCookie()]: sealOf(tapped) }));
    expect(caller).toMatchObject({ name: 'Jun', rights: ['crew', 'painter'], how: 'badge', tabletId: id });
    for (let i = 0; i < 5; i += 1)
      expect(reasonOf(await tapBadge(bare, 'demo-crew', `000${i}`, from))).toBe('This badge code is wrong.');
    expect(await tapBadge(bare, 'demo-crew', '4711', from)).toMatchObject({ status: 'shut' });
    await database().delete(attemptCount);
  });

  test('a badge code is worth nothing elsewhere', async () => {
    const other: Caller = { ...(await callerOf(cookies(jar)))!, tabletId: null };
    expect((await tapBadge(other, 'demo-crew', '4711', from)).status).toBe('refused');
  });

  test('taken back it reads nothing, and who was tapped in is out', async () => {
    const tapped = await tapBadge((await callerOf(cookies(jar)))!, 'demo-crew', '4711', from);
    const [own] = await tablets();
    expect(await endTablet(own!.id, own!.seen, commandWriter)).toMatchObject({ status: 'saved' });
    expect(await callerOf(cookies(jar))).toBeNull();
    expect(await callerBy(sealOf(tapped))).toBeNull();
  });
});
