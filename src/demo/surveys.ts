import {
  blankStepEdit,
  blankSurvey,
  type FilmReading,
  type Fitting,
  type Gauge,
  type Job,
  type Mark,
  type MarkKind,
  type PartSurvey,
  type JobLists,
  blankFitting,
} from '../core/record';
import { centreOf } from '../core/geometry';
import { netOfJob } from '../core/survey';
import { addDays } from '../core/units';

/** What was found on the walk round a demo job: findings by panel, marks as kind, size, depth and offset, film in µm. */
interface DemoSurvey {
  panels: Record<string, Partial<PartSurvey>>;
  marks: [
    part: string,
    kind: MarkKind,
    sizeMm: number,
    depthMm: number | null,
    dx: number,
    dy: number,
    mended: boolean,
  ][];
  readings: Record<string, { gauge: Gauge; um: number[] }>;
}

const coach: DemoSurvey = {
  panels: {
    B4L: {
      under: [
        { kind: 'old-filler', um: null, year: null, sound: false },
        { kind: 'enamel', um: 120, year: 1974, sound: true },
      ],
      solventTest: 'softens',
      leadTest: 'negative',
      note: 'hand-laid stripe beneath, photographed',
    },
    B3L: { solventTest: 'softens', leadTest: 'negative' },
    R1: { leadTest: 'negative', solventTest: 'holds' },
    C1L: { reference: 'unfaded original green under the gutter rail, 10 × 10 cm' },
  },
  marks: [
    ['B4L', 'dent', 60, 2.5, -0.35, -0.26, true],
    ['B4L', 'low', 80, 0.6, 0.35, 0.28, false],
    ['B6R', 'low', 120, 0.4, 0.35, 0.25, false],
    ['E1', 'rust', 40, null, 0, 0.5, true],
    ['R2', 'dent', 90, 4, 0.4, -0.6, true],
  ],
  readings: {
    B4L: { gauge: 'eddy', um: [184, 96, 178, 412, 190, 181] },
    B3L: { gauge: 'eddy', um: [176, 182, 169] },
    R1: { gauge: 'eddy', um: [121, 118, 126] },
  },
};

const cutter: DemoSurvey = {
  panels: {
    T1P: { solventTest: 'holds', leadTest: 'negative' },
    T2P: { solventTest: 'holds', leadTest: 'negative' },
    B2S: { under: [{ kind: 'unknown', um: null, year: null, sound: true }] },
  },
  marks: [
    ['T3P', 'crack', 120, 1, 0.5, 0.05, false],
    ['T4P', 'chip', 8, 1, -0.3, 0, false],
    ['TR', 'dull', 600, null, 0, 0.3, false],
    ['B2S', 'peel', 200, null, 0.5, 0.2, false],
  ],
  readings: {},
};

const trainer: DemoSurvey = {
  panels: {
    W1LU: { leadTest: 'negative', solventTest: 'softens' },
    F1L: { reference: 'builder’s stencil under the tailplane' },
  },
  marks: [
    ['W2LU', 'peel', 150, null, 0.4, 0.35, false],
    ['F3R', 'dent', 25, 0.8, 0.4, 0.3, false],
  ],
  readings: { W1LU: { gauge: 'eddy', um: [142, 150, 139] } },
};

const surveys: Record<string, DemoSurvey> = { 'P-014': coach, 'P-015': cutter, 'P-016': trainer };

const fitting = (id: string, name: string, part: string, own: Partial<Fitting>): Fitting => ({
  ...blankFitting,
  id,
  name,
  part,
  tag: id.replace('fitting-', ''),
  ...own,
});

/** The strip-down of the cutter: what has still to be decided. */
const stripDowns: Record<string, Partial<JobLists>> = {
  'P-015': {
    fittings: [
      fitting('fitting-1', 'bow eye and plate', 'T4P', { removeMin: 20, refitMin: 30 }),
      fitting('fitting-2', 'rubbing strake, port', 'T2P', { removeMin: 45, refitMin: 60, maskMin: 40 }),
      fitting('fitting-3', 'transom lamp', 'TR', { removeMin: 10, refitMin: 10, needs: 'buy' }),
    ],
    holes: [
      {
        id: 'hole-1',
        part: 'TR',
        diameterMm: 12,
        fromLeftMm: 140,
        fromTopMm: 60,
        action: 'fill',
        sealant: '',
        done: false,
        note: 'old log transducer',
      },
    ],
  },
};

/** What was agreed and noted on the way. */
const byHand: Record<string, (job: Job) => Pick<Job, 'scope' | 'stepEdits'>> = {
  'P-014': (job) => ({
    scope: [
      {
        id: 'scope-1',
        what: 'insides of the luggage flaps in Sluice Green',
        hours: 14,
        moneyMinor: 62000,
        days: 2,
        agreedBy: 'the owner, by telephone',
        onDate: addDays(job.arrival, 16),
      },
    ],
    stepEdits: [
      {
        ...blankStepEdit('roof/mask'),
        note: 'back-tape the waist band, no hard step on the cant rail',
      },
    ],
  }),
};

/** The job with its survey, dated to the day it arrived. */
export function surveyed(job: Job): Job {
  const survey = surveys[job.number];
  if (!survey) return job;
  const middles = new Map(netOfJob(job).map((part) => [part.key, centreOf(part.outline)]));
  const marks = survey.marks.map(([part, kind, sizeMm, depthMm, dx, dy, mended], i): Mark => {
    const [x, y] = middles.get(part)!;
    return {
      id: `mark-${i + 1}`,
      part,
      kind,
      x: x + dx,
      y: y + dy,
      sizeMm,
      depthMm,
      note: '',
      mended,
      round: 0,
    };
  });
  const readings = Object.entries(survey.readings).flatMap(([part, { gauge, um }]) =>
    um.map((one, i): FilmReading => ({
      id: `film-${part}-${i + 1}`,
      part,
      um: one,
      fromLeftMm: null,
      fromTopMm: null,
      gauge,
      source: 'typed',
      onDate: addDays(job.arrival, 1),
    })),
  );
  const lists = stripDowns[job.number] ?? {};
  const panels = Object.entries(survey.panels).map(([key, found]) => ({ ...blankSurvey(key), ...found }));
  const changed = byHand[job.number]?.(job) ?? {};
  return { ...job, ...lists, ...changed, surveyed: panels, marks, readings };
}
