import { createHash, createHmac, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { keys } from './keys';

/** 32 bytes of chance, as many as nobody guesses. */
export const newToken = (): string => randomBytes(32).toString('base64url');
export const isToken = (text: string): boolean => /^[A-Za-z0-9_-]{43}$/.test(text);
export const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Letters and figures that are not taken for each other. */
const plainSigns = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
/** A code to read from one screen and type on another: eight signs, a million million of them. */
export const newCode = (): string =>
  Array.from({ length: 8 }, () => plainSigns[randomInt(plainSigns.length)]).join('');
export const codeOf = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** The token by which a page of a session shows that it is ours; it hangs on the session and says nothing of it. */
export const pageToken = (sessionSha256: string): string =>
  createHmac('sha256', keys().seal).update(`page ${sessionSha256}`).digest('base64url');

/** Compares without telling by its time where two texts differ. */
export function isSame(a: string, b: string): boolean {
  const [left, right] = [Buffer.from(a), Buffer.from(b)];
  return left.length === right.length && timingSafeEqual(left, right);
}
