/**
 * Seconds since 1970 by the machine's own clock: a fixed clock of demonstrations keeps nobody signed in for ever.
 */
export const nowSeconds = (): number => Math.floor(Date.now() / 1000);
