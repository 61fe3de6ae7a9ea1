import { WorkSearch, type FoundOrder, type ScheduleProblem } from '../core/schedule';

/** How a search for a sooner end stands. */
export interface OrderProgress {
  rounds: number;
  seconds: number;
  /** No calendar ends before this minute. */
  earliest: number;
  best: FoundOrder | null;
}

/** A pause is made so often, in which a request to stop is heard and the page is told. */
const sliceMs = 200;

const breathe = () => new Promise<void>((done) => setTimeout(done));

/**
 * Looks for an order of a job's steps that ends sooner, in a thread of the browser. It ends by itself after so many rounds;
 * the same rounds give the same order, however long they take.
 */
export class OrderSearch {
  #stopped = false;

  stop(): void {
    this.#stopped = true;
  }

  /** @param tell called now and then with the best so far */
  async run(
    problem: ScheduleProblem,
    most: { rounds: number; seed: number },
    tell: (progress: OrderProgress) => void,
  ): Promise<OrderProgress> {
    this.#stopped = false;
    const began = performance.now();
    const search = new WorkSearch(problem, most.seed);
    const progress = (): OrderProgress => ({
      rounds: search.rounds,
      seconds: (performance.now() - began) / 1000,
      earliest: search.earliest,
      best: search.best,
    });
    while (search.rounds < most.rounds && !this.#stopped) {
      const until = performance.now() + sliceMs;
      // A round is short; only the pauses go by the clock, so that the order does not depend on it.
      do search.iterate(() => false);
      while (performance.now() < until && search.rounds < most.rounds);
      tell(progress());
      await breathe();
    }
    return progress();
  }
}
