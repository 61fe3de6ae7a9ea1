import { LRUCache } from 'lru-cache';

/** Links that opened nothing, in a minute, from which on only links that have opened a page before are looked up. */
const mostMisses = 200;
const minuteMs = 60_000;

interface Seen {
  /** When the present minute of counting began, and how many opened nothing since. */
  began: number;
  misses: number;
  /** Hashes of links that opened a page. */
  good: LRUCache<string, true>;
}

// One count for the process, whatever is loaded anew.
const store = globalThis as typeof globalThis & { coatrelGuesses?: Seen };
const seen = (): Seen =>
  (store.coatrelGuesses ??= { began: 0, misses: 0, good: new LRUCache({ max: 2000 }) });

/** Whether a link is looked up at all: while somebody guesses, only those that have opened a page before are. */
export function mayLookUp(hash: string, nowMs: number): boolean {
  const now = seen();
  if (nowMs - now.began > minuteMs) {
    now.began = nowMs;
    now.misses = 0;
  }
  return now.misses < mostMisses || now.good.has(hash);
}

/** What came of a look: a link that opens a page is known from then on, one that does not is counted. */
export function noteLook(hash: string, isGood: boolean): void {
  if (isGood) seen().good.set(hash, true);
  else seen().misses += 1;
}
