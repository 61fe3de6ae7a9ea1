import { hash, verify } from '@node-rs/argon2';

/** Argon2id as OWASP recommends it: 19 MiB, two passes, one lane. */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export const leastLength = 12;
export const mostLength = 200;

/** Hash of a password or badge code, with its salt and cost in it. */
export const hashOf = (secret: string): Promise<string> => hash(secret.normalize('NFC'), cost);

let dummy: Promise<string> | null = null;

/** Whether a secret is the one behind a hash; where there is none it takes as long, so that names cannot be told apart. */
export async function isSecret(secret: string, kept: string | null): Promise<boolean> {
  const against = kept ?? (await (dummy ??= hashOf('no account has this one')));
  const matches = await verify(against, secret.normalize('NFC')).catch(() => false);
  return kept !== null && matches;
}

/** Loaded when somebody sets a password, which is rare: fifty thousand words. */
const commonWords = async (): Promise<ReadonlySet<string>> => {
  const { dictionary } = await import('@zxcvbn-ts/language-common');
  return new Set(dictionary['passwords-common']);
};

/** The shortest piece that, said over and over, makes a text. */
const pieceOf = (text: string): string => /^(.+?)\1+$/.exec(text)?.[1] ?? text;

/**
 * What speaks against a password: its length, a list of those that others use, and what everybody here knows.
 * @param near names that it must not be made of: of the account, the shop
 * @returns null where nothing does
 */
export async function weakness(password: string, near: readonly string[]): Promise<string | null> {
  if (password.length < leastLength) return `a password has at least ${leastLength} characters`;
  if (password.length > mostLength) return `a password has at most ${mostLength} characters`;
  const small = password.toLowerCase();
  const words = await commonWords();
  // Figures and signs at the ends, and saying it twice, make a known word no stranger.
  const bare = small.replace(/^[^a-z]+|[^a-z]+$/g, '');
  if ([small, pieceOf(small), bare, pieceOf(bare)].some((one) => one !== '' && words.has(one)))
    return 'this password is on the lists of those that are tried first';
  if (new Set(small).size < 5) return 'a password of so few different signs is guessed';
  const known = [...near, 'coatrel', 'password']
    .map((one) => one.toLowerCase())
    .filter((one) => one.length > 3)
    .sort((a, b) => b.length - a.length);
  const rest = known.reduce((left, one) => left.replaceAll(one, ''), small);
  return rest.length < 6 ? 'this password is made of names that everybody here knows' : null;
}
