import fc from 'fast-check';
import { writeFileSync } from 'node:fs';
import { demoShop } from '../src/demo/shop';
import { shelfOf, standardShelf } from '../src/core/film';
import { partsOfJob } from '../src/core/survey';
import { planJob } from '../src/core/plan';
import { minuteAt } from '../src/core/units';
import { randomJobs } from '../src/core/plan/random-job.fixture';
const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const out: any[] = [];
fc.sample(randomJobs, { numRuns: Number(process.argv[3] ?? 100), seed: 77 }).forEach((job, i) => {
  const plan: any = planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
  out.push({ kind: job.bodyKind, steps: plan.steps.map((s: any) => [s.key, s.start, s.minutes, s.personMinutes, s.name, JSON.stringify(s.because), s.sections.join(), JSON.stringify(s.coat)]), warn: plan.warnings.map((w: any) => JSON.stringify(w)), finish: plan.finish });
});
writeFileSync(process.argv[2]!, JSON.stringify(out));
