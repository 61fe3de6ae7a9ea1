import fc from 'fast-check';
import { demoShop } from '../../demo/shop';
import { auditPlan, laws, type Finding, type Law } from '../audit';
import { shelfOf, standardShelf } from '../film';
import type { Job } from '../record';
import { minuteAt } from '../units';
import { auditPlanOf } from './audit-plan';
import { planJob } from '.';
import { randomJobs } from './random-job.fixture';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);

function audited(job: Job) {
  const given = { job, shop: demoShop, shelf };
  const plan = planJob({ ...given, now, commitments: [], agreedStarts: new Map() });
  const { findings, applied } = auditPlan(auditPlanOf(plan, given));
  // Rounds of blocking may outlast a tape: then the law asks for a warning with the days.
  const warned = plan.warnings.some((one) => one.code === 'old-tape');
  const unsaid = findings.filter((one) => !(one.insisted || (warned && one.breach === 'cover-too-old')));
  return { unsaid, applied };
}

const told = (findings: readonly Finding[]) =>
  findings.map(({ law, breach, surfaces, steps, figure, limit }) =>
    [law, breach, steps.join(' > '), surfaces.slice(0, 3).join(), figure, limit].join(' | '),
  );

/** So many jobs: forty in every run, all of them by `npm run test:audit`. */
const runs = Number(process.env.COATREL_AUDITED ?? 40);
const seed = Number(process.env.COATREL_SEED ?? 20261129);

test('plans of random jobs break no law, and every law had its chance', () => {
  const applied = new Map<Law, number>();
  fc.assert(
    fc.property(randomJobs, (job) => {
      const report = audited(job);
      for (const [law, times] of report.applied) applied.set(law, (applied.get(law) ?? 0) + times);
      expect(told(report.unsaid)).toEqual([]);
    }),
    { numRuns: runs, seed },
  );
  // Holds stand behind gates that a random job does not open.
  for (const law of laws) if (law !== 15) expect([law, (applied.get(law) ?? 0) >= 50]).toEqual([law, true]);
});
