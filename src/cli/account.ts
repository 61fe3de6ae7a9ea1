import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder } from '../server/database/access';
import { isLoopbackOnly, ownOrigin } from '../server/access/on-net';
import { roleWords } from '../core/rights';
import { accounts, dropSecondFactor, firstManagerLink, makeAccountLink } from '../server/services/accounts';
import { endSessionsOfAccount } from '../server/services/sessions';
import { commandWriter, type EditOutcome } from '../server/services/unit-of-work';
import { CommandStopped } from './command-stopped';

const usage = `account list                     everybody who signs in
  account link NAME                a link by which NAME sets a new password, once and within a day
  account sign-out NAME            ends every session of NAME
  account drop-second-factor NAME  for who lost the telephone and the recovery codes`;

async function accountNamed(name: string | undefined) {
  if (!name) throw new CommandStopped(`say a sign-in name.\n  ${usage}`, 2);
  const found = (await accounts()).find((one) => one.signIn === name.toLowerCase());
  if (!found) throw new CommandStopped(`nobody signs in as ${name}; see: account list`, 2);
  if (found.ended)
    throw new CommandStopped(`the account ${name} has ended; a manager opens it again in Shop`, 2);
  return found;
}

/** Where the copy that runs from this folder is reached, as its start wrote it down. */
function runningAt(): string {
  try {
    const run: unknown = JSON.parse(readFileSync(join(dataFolder(), 'run.json'), 'utf8'));
    return run !== null && typeof run === 'object' && 'address' in run ? String(run.address) : ownOrigin();
  } catch {
    return ownOrigin();
  }
}

function requireSaved(outcome: EditOutcome): void {
  if (outcome.status !== 'saved') throw new CommandStopped(`it was not done: ${JSON.stringify(outcome)}`, 1);
}

async function list(): Promise<number> {
  for (const one of await accounts())
    console.log(
      [
        one.signIn,
        one.name,
        roleWords[one.role].name,
        one.ended ? 'ended' : one.has.includes('password') ? 'password' : 'no password',
        one.has.includes('totp') ? 'second factor' : '',
      ].join('\t'),
    );
  return 0;
}

async function link(name: string | undefined): Promise<number> {
  const { id } = await accountNamed(name);
  const { outcome, token } = await makeAccountLink(id, commandWriter);
  requireSaved(outcome);
  console.log(`${runningAt()}/set-password/${token}`);
  return 0;
}

/** For the start command: the path of the first manager's link, `demo` where the demo lets everybody in, or nothing. */
async function first(words: string[]): Promise<number> {
  const all = await accounts();
  const isDemo =
    all.some((one) => one.isDemo && !one.ended) && !all.some((one) => one.has.includes('password'));
  if (isDemo && words.includes('--demo-is-open') && isLoopbackOnly()) {
    console.log('demo');
    return 0;
  }
  const token = await firstManagerLink();
  if (token !== null) console.log(`/set-password/${token}`);
  return 0;
}

/** Who signs in, from the machine itself: whoever may run this reaches the data anyway. */
export async function account([what, name, ...words]: string[]): Promise<number> {
  switch (what) {
    case 'list':
      return list();
    case 'link':
      return link(name);
    case 'first':
      return first([name ?? '', ...words]);
    case 'sign-out':
      await endSessionsOfAccount((await accountNamed(name)).id);
      console.log(`${name} is signed out everywhere`);
      return 0;
    case 'drop-second-factor':
      requireSaved(await dropSecondFactor((await accountNamed(name)).id, commandWriter));
      console.log(`${name} signs in by password alone`);
      return 0;
    default:
      console.error(usage);
      return 2;
  }
}
