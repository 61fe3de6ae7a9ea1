/** to ≥ from + lag, on halves, while `when` (a literal) is true; half −1: always. */
export interface Edge {
  from: number;
  to: number;
  lag: number;
  whenHalf: number;
  whenValue: number;
}

/** All edges, laid out by the half they start from and by the literal they wait for. */
export class Edges {
  readonly all: Edge[] = [];
  /** Edges of half h stand at start[h] … start[h + 1] − 1. */
  start = new Int32Array(0);
  to = new Int32Array(0);
  lag = new Float64Array(0);
  index = new Int32Array(0);
  readonly waiting: number[][];

  constructor(private readonly halves: number) {
    this.waiting = Array.from({ length: halves }, () => []);
  }

  /** Adds an edge with its reading backwards. */
  add(from: number, to: number, lag: number, whenHalf: number, whenValue: number): void {
    for (const [a, b] of [
      [from, to],
      [to ^ 1, from ^ 1],
    ] as const) {
      if (whenHalf >= 0) this.waiting[whenHalf]!.push(this.all.length);
      this.all.push({ from: a, to: b, lag, whenHalf, whenValue });
    }
  }

  layOut(): void {
    const { halves, all } = this;
    this.start = new Int32Array(halves + 1);
    for (const { from } of all) this.start[from + 1]! += 1;
    for (let half = 0; half < halves; half += 1) this.start[half + 1]! += this.start[half]!;
    this.to = new Int32Array(all.length);
    this.index = new Int32Array(all.length);
    this.lag = new Float64Array(all.length);
    const next = this.start.slice();
    all.forEach(({ from, to, lag }, index) => {
      const at = next[from]!;
      next[from] = at + 1;
      this.to[at] = to;
      this.index[at] = index;
      this.lag[at] = lag;
    });
  }
}
