// Builds the steps of a full repaint of 150 parts in 40 lots (about 1 500 steps) and prints the times.
import { shelfOf, standardShelf } from '../src/core/film';
import { jobFixture } from '../src/core/job.fixture';
import { blankSurvey, type Job } from '../src/core/record';
import { buildSteps } from '../src/core/steps';
import { lotsOf, partsOfJob } from '../src/core/survey';
import { demoShop } from '../src/demo/shop';

const parts = 150;
const lots = 40;
const base = jobFixture({
  bodyKind: 'box-body',
  level: 'Mirror',
  dimensions: { length: 14, width: 2.5, height: 3.4 },
});
const kept = partsOfJob(base).filter((part) => part.section === 'sides');
const ownParts = Array.from({ length: parts }, (_, i) => ({ ...kept[i % kept.length]!, key: `X${i}` }));
const job: Job = {
  ...base,
  ownParts,
  surveyed: [
    ...partsOfJob(base).map((part) => ({ ...blankSurvey(part.key), absent: true })),
    ...ownParts.map((part, i) => ({ ...blankSurvey(part.key), lot: `lot ${i % lots}` })),
  ],
};
const worked = lotsOf(job, partsOfJob(job));
const context = {
  job: { ...job, sections: worked.sections },
  parts: worked.parts,
  shop: demoShop,
  shelf: shelfOf(standardShelf),
};

buildSteps(context);
const times = Array.from({ length: 7 }, () => {
  const start = performance.now();
  buildSteps(context);
  return performance.now() - start;
}).sort((a, b) => a - b);
const { steps } = buildSteps(context);
console.log(
  `steps of ${worked.parts.length} parts in ${worked.sections.length} lots: ${steps.length} steps, median ${times[3]!.toFixed(0)} ms, worst ${times[6]!.toFixed(0)} ms (asked: under 300 ms)`,
);
