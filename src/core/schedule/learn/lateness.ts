import type { Explanation } from './clause';
import type { Kernel, Propagator } from './kernel';

export interface LateTerm {
  /** Variable of the latest end of a job. */
  end: number;
  due: number;
  weight: number;
}

/** Σ weight × minutes late ≤ limit. */
export class LatenessLimit implements Propagator {
  limit = Infinity;

  constructor(private readonly terms: readonly LateTerm[]) {}

  subscribe(kernel: Kernel): void {
    for (const { end } of this.terms) kernel.wake(end * 2, this);
  }

  /** What lateness there is at least. */
  least(kernel: Kernel): number {
    return this.terms.reduce((total, term) => total + lateOf(kernel, term), 0);
  }

  propagate(kernel: Kernel): boolean {
    if (this.limit === Infinity) return true;
    const sum = this.least(kernel);
    if (sum > this.limit) return kernel.fail(this.#because(kernel, -1));
    for (let k = 0; k < this.terms.length; k += 1) {
      const term = this.terms[k]!;
      const most = term.due + Math.floor((this.limit - sum + lateOf(kernel, term)) / term.weight);
      if (most < kernel.most(term.end))
        if (!kernel.enqueue(term.end * 2 + 1, -most, this.#because(kernel, k))) return false;
    }
    return true;
  }

  #because(kernel: Kernel, except: number): Explanation {
    const why: Explanation = [];
    this.terms.forEach(({ end, due }, k) => {
      if (k !== except && kernel.least(end) > due) why.push(end * 2, kernel.least(end));
    });
    return why;
  }
}

const lateOf = (kernel: Kernel, { end, due, weight }: LateTerm): number =>
  weight * Math.max(0, kernel.least(end) - due);
