import fc from 'fast-check';
import { demoShop } from '../../demo/shop';
import { readJobBundle, writeJobBundle } from '../exchange';
import { levels, shelfOf, standardShelf } from '../film';
import { withWork } from '../log';
import { entry } from '../log/log.fixture';
import { blankStepEdit, blankSurvey, depths, type Job, type LogEntry, type PartSurvey } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { minuteAt } from '../units';
import { planJob, type Plan } from '.';
import { randomJobs } from './random-job.fixture';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-30', 720, demoShop.timeZone);
const planOf = (job: Job): Plan =>
  planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });

/** A job written to a file and read again: a rebuild from nothing but the record. */
function reread(job: Job): Job {
  const read = readJobBundle(
    writeJobBundle({ job, shop: demoShop, shelf: [...standardShelf], operations: [] }),
  );
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  return read.value.job;
}

const told = ({ steps, stays, budgets, warnings, programme, finish }: Plan) => ({
  steps: steps.map((one) => [one.key, one.start, one.end, one.state, one.uses, one.personMinutes]),
  stays: stays.map((one) => [one.key, one.place, one.start, one.end]),
  budgets,
  warnings,
  programme,
  finish,
});

interface Draw {
  kind: 'level' | 'depth' | 'colour' | 'panel' | 'order' | 'minutes' | 'log';
  at: number;
  nth: number;
}
const edits = fc.array(
  fc.record({
    kind: fc.constantFrom<Draw['kind']>('level', 'depth', 'colour', 'panel', 'order', 'minutes', 'log'),
    at: fc.nat(400),
    nth: fc.nat(40),
  }),
  { minLength: 2, maxLength: 5 },
);

function edited(job: Job, { kind, at, nth }: Draw): Job {
  const key = job.sections[at % job.sections.length]!.key;
  const section = (set: Partial<Job['sections'][number]>): Job => ({
    ...job,
    sections: job.sections.map((one) => (one.key === key ? { ...one, ...set } : one)),
  });
  switch (kind) {
    case 'level':
      return section({ level: levels[nth % levels.length]! });
    case 'depth':
      return section({ depth: depths[nth % depths.length]! });
    case 'colour':
      return section({ colour: job.colours[nth % job.colours.length]!.id });
    case 'panel':
      return withPanel(job, at, nth);
    case 'order': {
      const clocks = lotsOf(job, partsOfJob(job)).sections.map((one) => one.clock ?? one.key);
      return { ...job, colourOrder: [...new Set(clocks)].reverse() };
    }
    case 'minutes': {
      const steps = planOf(job).steps.filter((one) => one.crew > 0 && one.state === 'planned');
      const step = steps[at % Math.max(1, steps.length)];
      if (!step) return job;
      const edit = { ...blankStepEdit(step.key), personMinutes: 30 + nth };
      return { ...job, stepEdits: [...job.stepEdits.filter((one) => one.step !== step.key), edit] };
    }
    case 'log':
      return withWorkDone(job, at, nth);
  }
}

function withPanel(job: Job, at: number, nth: number): Job {
  const parts = partsOfJob(job);
  if (parts.length === 0) return job;
  const { key } = parts[at % parts.length]!;
  const before = job.surveyed.find((one) => one.key === key) ?? blankSurvey(key);
  const sets: Partial<PartSurvey>[] = [
    { level: levels[nth % levels.length]! },
    { lot: nth % 2 === 0 ? 'first' : '' },
    { section: job.sections[nth % job.sections.length]!.key },
  ];
  const set = { ...before, ...sets[nth % sets.length]! };
  return { ...job, surveyed: [...job.surveyed.filter((one) => one.key !== key), set] };
}

/** The next work begun two hours ago and ended an hour ago, as a whole or on its first panel. */
function withWorkDone(job: Job, at: number, nth: number): Job {
  const plan = planOf(job);
  const steps = plan.steps.filter((one) => one.crew > 0 && one.state === 'planned' && one.coat === null);
  const step = steps[at % Math.max(1, Math.min(6, steps.length))];
  if (!step) return job;
  const part = plan.parts.find((one) => step.sections.includes(one.section));
  const written = (kind: LogEntry['kind'], at: number): LogEntry =>
    entry({
      id: `log-${job.log.length + (kind === 'began' ? 0 : 1)}`,
      step: step.key,
      kind,
      at,
      people: [demoShop.people[0]!.id],
      parts: nth % 2 === 0 && part ? [part.key] : [],
    });
  const log = [...job.log, written('began', now - 120), written('ended', now - 60)];
  return { ...job, log: withWork({ ...job, log }, { shop: demoShop, shelf }, now) };
}

/** So many sequences of two to five edits; a thousand edits are about three hundred of them. */
const sequences = Number(process.env.COATREL_REBUILT ?? 12);

test('a job rebuilt from its record after every edit plans as the one that was edited in place', () => {
  fc.assert(
    fc.property(randomJobs, edits, (job, list) => {
      let [inPlace, rebuilt] = [job, reread(job)];
      for (const one of list) {
        inPlace = edited(inPlace, one);
        rebuilt = reread(edited(rebuilt, one));
      }
      expect(told(planOf(rebuilt))).toEqual(told(planOf(inPlace)));
    }),
    { numRuns: sequences, seed: 20261129 },
  );
});
