import type { Product } from '../../core/film';
import type { Plan } from '../../core/plan';
import type { ConsumableTrial, Job, StockMove } from '../../core/record';
import type { Shop } from '../../core/shop';
import type { Minute } from '../../core/units';
import { database } from '../database/client';
import { jobChanges } from '../repositories/job-repository';
import { saveAgreedPlan } from '../repositories/plan-repository';
import type { RowChange } from '../repositories/row-change';
import { applyChanges } from '../repositories/row-store';
import { loadShop, shelfChanges, shopChanges } from '../repositories/shop-repository';

/** A shop with its shelf and jobs, to begin with. */
export interface Scenario {
  shop: Shop;
  shelf: Product[];
  jobs: { job: Job; agreed: Plan | null }[];
  moves: StockMove[];
  trials: ConsumableTrial[];
  acceptedAt: Minute;
}

export const isEmpty = async (): Promise<boolean> => (await loadShop(database())) === null;

/** Stores a scenario in one transaction: all of it or nothing. */
export async function storeScenario(scenario: Scenario): Promise<void> {
  await database().transaction(async (connection) => {
    await applyChanges(connection, [
      ...shopChanges(scenario.shop),
      ...shelfChanges(scenario.shelf),
      ...scenario.moves.map((row): RowChange => ({ kind: 'insert', table: 'stockMove', row: { ...row } })),
      ...scenario.trials.map((row): RowChange => ({ kind: 'insert', table: 'trial', row: { ...row } })),
    ]);
    for (const { job, agreed } of scenario.jobs) {
      await applyChanges(connection, jobChanges(job));
      if (agreed)
        // The hash of inputs that no longer exist: the working plan will show how the job has moved since.
        await saveAgreedPlan(connection, job.number, {
          inputHash: '0'.repeat(64),
          acceptedAt: scenario.acceptedAt,
          plan: agreed,
        });
    }
  });
}
