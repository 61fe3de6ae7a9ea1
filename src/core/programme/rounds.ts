/** A typed count that does not divide evenly puts the odd coats into the first rounds. */
export const coatsInRound = (coats: number, round: number, rounds: number): number =>
  round > rounds ? 0 : Math.max(1, Math.floor(coats / rounds) + (round <= coats % rounds ? 1 : 0));
