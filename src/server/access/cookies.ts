import { isTls } from './on-net';

/** Over https a name that browsers bind to this host, its whole address and to https alone. */
const named = (name: string): string => (isTls() ? `__Host-${name}` : name);

export const sessionCookie = (): string => named('coatrel-session');
export const tabletCookie = (): string => named('coatrel-tablet');
/** The role that is tried out in the demo. */
export const demoCookie = (): string => named('coatrel-demo');

/** A cookie for `set-cookie`: read by no script, sent to nobody else. @param seconds until it ends; 0 takes it away */
export function cookieLine(name: string, value: string, seconds: number): string {
  const secure = isTls() ? '; Secure' : '';
  return `${name}=${value}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${seconds}${secure}`;
}
