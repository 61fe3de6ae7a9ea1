/** At least one of its literals must be true. Literal i: half `halves[i]` is at least `values[i]`. */
export class Clause {
  activity = 0;
  constructor(
    readonly halves: Int32Array,
    readonly values: Float64Array,
    /** Levels its literals stem from when it was learnt; 0 for one that was given. */
    readonly levels: number,
  ) {}

  static of(literals: Explanation, levels: number): Clause {
    const halves = new Int32Array(literals.length / 2);
    const values = new Float64Array(halves.length);
    for (let i = 0; i < halves.length; i += 1) {
      halves[i] = literals[i * 2]!;
      values[i] = literals[i * 2 + 1]!;
    }
    return new Clause(halves, values, levels);
  }

  swap(a: number, b: number): void {
    const { halves, values } = this;
    const half = halves[a]!;
    const value = values[a]!;
    halves[a] = halves[b]!;
    values[a] = values[b]!;
    halves[b] = half;
    values[b] = value;
  }
}

/** Literals one after the other: half, value, half, value, … All true, they force the consequence. */
export type Explanation = number[];
/** null: a decision or a given bound. A number: the edge of that index. */
export type Reason = null | number | Clause | Explanation;
