/** A literal (half ≥ value), or true for what always holds. */
export type Literal = readonly [half: number, value: number] | true;

export const opposite = ([half, value]: readonly [number, number]): readonly [number, number] => [
  half ^ 1,
  1 - value,
];

/** Collects variables, clauses and edges before the kernel is made. */
export class Logic {
  readonly domains: [least: number, most: number][] = [];
  readonly clauses: (readonly [number, number])[][] = [];
  readonly edges: { from: number; to: number; lag: number; when: Literal }[] = [];
  readonly #constants = new Map<number, number>();
  /** False when something was asked for that can never be. */
  consistent = true;

  variable(least: number, most: number): number {
    this.domains.push([least, most]);
    return this.domains.length - 1;
  }

  constant(value: number): number {
    const known = this.#constants.get(value) ?? this.variable(value, value);
    this.#constants.set(value, known);
    return known;
  }

  truth(): readonly [number, number] {
    return [this.variable(0, 1) * 2, 1];
  }

  /** A literal that is never true. */
  never(): Literal {
    return [this.constant(0) * 2, 1];
  }

  /** At least one; a true literal makes it void. */
  clause(...literals: Literal[]): void {
    if (literals.length === 0) this.consistent = false;
    if (literals.every((one) => one !== true)) this.clauses.push(literals);
  }

  imply(from: Literal, to: Literal): void {
    if (from === true) this.clause(to);
    else this.clause(opposite(from), to);
  }

  deny(literal: Literal): void {
    if (literal === true) this.consistent = false;
    else this.clause(opposite(literal));
  }

  atMostOne(literals: readonly Literal[]): void {
    for (let a = 0; a < literals.length; a += 1)
      for (let b = a + 1; b < literals.length; b += 1) {
        const [one, other] = [literals[a]!, literals[b]!];
        if (one === true) this.deny(other);
        else if (other === true) this.deny(one);
        else this.clause(opposite(one), opposite(other));
      }
  }

  /** True exactly when one of these is. */
  either(literals: readonly Literal[]): Literal {
    if (literals.includes(true)) return true;
    if (literals.length === 1) return literals[0]!;
    const whole = this.truth();
    for (const one of literals) this.imply(one, whole);
    this.clause(opposite(whole), ...literals);
    return whole;
  }
}
