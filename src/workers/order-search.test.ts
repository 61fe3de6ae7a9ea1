import type { ScheduleProblem } from '../core/schedule';
import { OrderSearch, type OrderProgress } from './order-search';

const problem: ScheduleProblem = {
  now: 0,
  links: [],
  holds: [],
  facts: [],
  commitments: [],
  resources: [{ id: 'ann', open: null }],
  steps: ['a', 'b'].map((id) => ({
    id,
    kind: 'splittable',
    minutes: 30,
    uses: [['ann']],
    hold: null,
    notBefore: 0,
  })),
};

test('ends after its rounds, having told how far it was', async () => {
  const told: OrderProgress[] = [];
  const end = await new OrderSearch().run(problem, { rounds: 50, seed: 1 }, (one) => told.push(one));
  expect(end.rounds).toBe(50);
  expect(end.best!.end).toBe(60);
  expect(told.at(-1)!.rounds).toBe(50);
});

test('a request to stop is heard between two slices', async () => {
  const search = new OrderSearch();
  const end = await search.run(problem, { rounds: 1e9, seed: 1 }, () => search.stop());
  expect(end.rounds).toBeLessThan(1e9);
  expect(end.best).not.toBeNull();
});
