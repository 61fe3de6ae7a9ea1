import type { Product } from '../../core/film';
import type { Offer } from '../../core/offer';
import type { Plan } from '../../core/plan';
import type { ConsumableTrial, Job, StockMove, WorkNote } from '../../core/record';
import type { Shop } from '../../core/shop';
import type { Minute } from '../../core/units';
import { database } from '../database/client';
import { accountInsert, type Account } from '../repositories/account-repository';
import { jobChanges } from '../repositories/job-changes';
import { offerInsert } from '../repositories/offer-repository';
import { saveAgreedPlan } from '../repositories/plan-repository';
import { insert } from '../repositories/row-change';
import { loadShop, shelfChanges, shopChanges } from '../repositories/shop-repository';
import { commandWriter, write } from './unit-of-work';

export type { Account };

/** A job with the plan that was agreed and the quote that was accepted; null for none. */
export interface ScenarioJob {
  job: Job;
  agreed: Plan | null;
  accepted: Offer | null;
}

/** A shop with its shelf and jobs, to begin with. */
export interface Scenario {
  shop: Shop;
  shelf: Product[];
  jobs: ScenarioJob[];
  moves: StockMove[];
  trials: ConsumableTrial[];
  notes: WorkNote[];
  /** Who may be tried out in a demo; none in a shop of one's own. */
  accounts: Account[];
  acceptedAt: Minute;
}

export const isEmpty = async (): Promise<boolean> => (await loadShop(database())) === null;

/** Stores a scenario in one write: all of it or nothing. */
export async function storeScenario(scenario: Scenario): Promise<void> {
  const outcome = await write(commandWriter, 'take-in-job', 'shop', async (connection) => {
    if (await loadShop(connection)) return { status: 'conflict', what: 'the shop', why: 'exists' };
    return {
      status: 'ok',
      room: 'shop',
      kind: 'demo',
      label: 'scenario loaded',
      undoable: false,
      changes: [
        ...shopChanges(scenario.shop),
        ...shelfChanges(scenario.shelf),
        ...scenario.moves.map((row) => insert('stockMove', row)),
        ...scenario.trials.map((row) => insert('trial', row)),
        ...scenario.accounts.map(accountInsert),
        ...scenario.notes.map((row) => insert('workNote', row)),
        ...scenario.jobs.flatMap(({ job }) => jobChanges(job)),
        ...scenario.jobs.flatMap(({ job, accepted }) =>
          accepted
            ? [
                offerInsert(accepted, {
                  answer: 'accepted',
                  answeredBy: job.owner,
                  answeredWhere: 'at the works',
                  answeredOn: accepted.madeOn,
                }),
              ]
            : [],
        ),
      ],
      also: async (one) => {
        for (const { job, agreed } of scenario.jobs)
          if (agreed)
            // The hash of inputs that no longer exist: the working plan will show how the job has moved since.
            await saveAgreedPlan(one, job.number, {
              inputHash: '0'.repeat(64),
              acceptedAt: scenario.acceptedAt,
              plan: agreed,
            });
      },
    };
  });
  if (outcome.status !== 'saved') throw new Error(`the scenario was not stored: ${JSON.stringify(outcome)}`);
}
