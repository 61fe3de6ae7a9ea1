import { demoScenario } from '../src/demo/load-demo';
import { demoShop } from '../src/demo/shop';
import { shelfOf, standardShelf } from '../src/core/film';
import { planJob } from '../src/core/plan';
import { recordsOf } from '../src/core/warnings';
import { tryRemedies } from '../src/core/warnings/replan';
import { minuteAt } from '../src/core/units';
const now = minuteAt('2026-12-24', 640, demoShop.timeZone);
const { jobs } = demoScenario(now);
const shelf = shelfOf(standardShelf);
for (const { job } of jobs) {
  if (job.number === 'P-011') continue;
  const given = { job, shop: demoShop, shelf, now, promised: new Map(), agreedStarts: new Map() };
  const plan = planJob({ ...given, commitments: [] } as never);
  for (const r of recordsOf(plan, { job, shop: demoShop })) {
    console.log(job.number, r.grade, r.law, r.station, r.key, JSON.stringify(r.measure), r.step, r.by && new Date(r.by * 60000).toISOString());
    const t = tryRemedies(given as never, r.key);
    for (const one of t?.tried ?? []) console.log('      ', JSON.stringify(one.change).slice(0, 140), one.settles ? 'SETTLES' : 'no', one.figures.finishDate, one.figures.labourMin - t!.base.labourMin, one.brings.map((b) => b.code).join());
  }
}
