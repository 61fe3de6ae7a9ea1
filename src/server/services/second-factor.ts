import { generateSecret, generateURI, verify } from 'otplib';
import { toDataURL } from 'qrcode';
import { nowSeconds } from '../access/now';
import { sealed, unsealed } from '../access/seal';
import { codeOf, newCode, sha256 } from '../access/tokens';
import { database } from '../database/client';
import { log } from '../log';
import { dropSecrets, keepSecret, secretOf, takeStep } from '../repositories/account-repository';

/** A code is taken while it is shown, and one before and after: clocks of telephones differ. Seconds. */
const tolerance = 30;
const recoveryCodes = 8;

async function stepOf(seal: string, token: string, after: number): Promise<number | null> {
  const secret = await unsealed(seal);
  if (secret === null || !/^\d{6}$/.test(token)) return null;
  const found = await verify({ secret, token, epochTolerance: tolerance, afterTimeStep: after || undefined });
  return found.valid && 'timeStep' in found ? found.timeStep : null;
}

/** Begins a second factor: its key as a picture to read with a telephone, and as text to type there. */
export async function askSecondFactor(
  accountId: string,
  label: string,
): Promise<{ picture: string; secret: string }> {
  const secret = generateSecret();
  await keepSecret(database(), accountId, 'totp-asked', await sealed(secret), nowSeconds());
  const uri = generateURI({ issuer: 'Coatrel', label, secret });
  return { picture: await toDataURL(uri, { margin: 1, scale: 6 }), secret };
}

/**
 * Ends what `askSecondFactor` began, once the telephone shows the right code.
 * @returns recovery codes, each good once, told this once; null where the code is wrong
 */
export async function confirmSecondFactor(accountId: string, code: string): Promise<string[] | null> {
  const asked = await secretOf(database(), accountId, 'totp-asked');
  const step = asked && (await stepOf(asked.secret, code.replace(/\s/g, ''), 0));
  if (!asked || step === null) return null;
  const codes = Array.from({ length: recoveryCodes }, newCode);
  await database().transaction(async (one) => {
    await keepSecret(one, accountId, 'totp', asked.secret, nowSeconds());
    await takeStep(one, accountId, step);
    await keepSecret(one, accountId, 'recovery', JSON.stringify(codes.map(sha256)), nowSeconds());
    await dropSecrets(one, accountId, ['totp-asked']);
  });
  log().info({ account: accountId }, 'a second factor was set up');
  return codes;
}

/** Whether a code is that of the telephone, or a recovery code; each opens once. */
export async function isSecondFactor(accountId: string, typed: string): Promise<boolean> {
  const kept = await secretOf(database(), accountId, 'totp');
  if (!kept) return false;
  const step = await stepOf(kept.secret, typed.replace(/\s/g, ''), kept.lastStep);
  if (step !== null) return takeStep(database(), accountId, step);
  return takeRecoveryCode(accountId, codeOf(typed));
}

const listOf = (text: string): string[] => {
  const read: unknown = JSON.parse(text);
  return Array.isArray(read) ? read.filter((one): one is string => typeof one === 'string') : [];
};

const takeRecoveryCode = (accountId: string, code: string): Promise<boolean> =>
  database().transaction(async (one) => {
    const kept = await secretOf(one, accountId, 'recovery');
    const left = kept ? listOf(kept.secret) : [];
    if (!left.includes(sha256(code))) return false;
    const rest = left.filter((other) => other !== sha256(code));
    await keepSecret(one, accountId, 'recovery', JSON.stringify(rest), nowSeconds());
    log().warn({ account: accountId, left: rest.length }, 'a recovery code was used');
    return true;
  });
