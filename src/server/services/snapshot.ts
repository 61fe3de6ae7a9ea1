import { database, type Connection } from '../database/client';
import { jobsOfRows, ofJob, whereJob, type JobTable, type StoredJob } from '../repositories/job-repository';
import {
  loadShop,
  ofShop,
  shopOfRows,
  type ShopTable,
  type StoredShop,
} from '../repositories/shop-repository';
import { readRows } from '../repositories/snapshot-rows';
import { agreedPlans, type AgreedPlans } from './agreed-plans';

export class NoShop extends Error {}

/** Everything plans are made from, as it stood at one moment. */
export interface Snapshot {
  shop: StoredShop;
  agreed: AgreedPlans;
  jobs: StoredJob[];
}

const shopTables: ReadonlySet<string> = new Set<ShopTable | 'agreedPlan'>([...ofShop, 'agreedPlan']);
const isOfJob = (name: JobTable | ShopTable | 'agreedPlan'): name is JobTable => !shopTables.has(name);

/**
 * Reads the shop, what is accepted, and one job or all of them in one statement, and so as they stood at one moment.
 * Accepted plans themselves are read again only where they changed.
 * @param number one job; null for all   @throws NoShop
 */
export async function readSnapshot(
  number: string | null,
  connection: Connection = database(),
): Promise<Snapshot> {
  const rows = await readRows(connection, [...ofShop, 'agreedPlan', 'job', ...ofJob], (name) =>
    number !== null && isOfJob(name) ? whereJob(name, number) : undefined,
  );
  const shop = shopOfRows(rows);
  if (!shop) throw new NoShop('the database holds no shop yet');
  const agreed = await agreedPlans(connection, rows.agreedPlan);
  return { shop, agreed, jobs: jobsOfRows(rows) };
}

/** @throws NoShop */
export async function requireShop(connection: Connection = database()): Promise<StoredShop> {
  const shop = await loadShop(connection);
  if (!shop) throw new NoShop('the database holds no shop yet');
  return shop;
}
