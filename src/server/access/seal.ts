import { sealData, unsealData } from 'iron-session';
import { keys } from './keys';

/** Seals a text for a cookie or a column: nobody reads or changes it without the key of this copy. */
export const sealed = (text: string): Promise<string> =>
  sealData({ text }, { password: keys().seal, ttl: 0 });

/** @returns null for what was not sealed here */
export async function unsealed(seal: string): Promise<string | null> {
  const { text } = await unsealData<{ text?: string }>(seal, { password: keys().seal, ttl: 0 }).catch(() => ({
    text: undefined,
  }));
  return text ?? null;
}
