import type { AuditReport, Finding } from '../../core/audit';
import { inThread } from '../workers/pool';
import { planningShop } from './planning-shop';
import { currentPlan } from './plans';

export interface InOrder {
  findings: Finding[];
  /** How many laws had something to be held against. */
  laws: number;
}

/** The working plan of a job held against the laws of the work; null where there is no such job. */
export async function inOrderOf(number: string): Promise<InOrder | null> {
  const planned = await currentPlan(number);
  if (!planned) return null;
  const { shop, shelf, operations } = planningShop(planned.shop);
  const given = { job: planned.stored.job, shop, shelf, operations };
  const { findings, applied }: AuditReport = await inThread({ kind: 'audit', plan: planned.plan, given });
  return { findings, laws: applied.size };
}
