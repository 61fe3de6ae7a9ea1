/** Keys of the requests that this page sent, the latest of them: it has read what came of them. */
const own: string[] = [];
const most = 200;

/** A key for a request that is about to be sent. */
export function newRequestKey(): string {
  const key = crypto.randomUUID();
  own.push(key);
  if (own.length > most) own.shift();
  return key;
}

export const isOwnRequest = (key: string): boolean => own.includes(key);
