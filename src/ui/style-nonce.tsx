'use client';

import { setNonce } from 'get-nonce';

/** Tells the packages that write a style of their own, as a dialog does to hold the page still, the page's nonce. */
export function StyleNonce({ nonce }: { nonce: string }) {
  setNonce(nonce);
  return null;
}
