import { demoShop } from '../../demo/shop';
import { jobFixture } from '../job.fixture';
import { shelfOf, standardShelf } from '../film';
import { planJob } from '../plan';
import { blankStepEdit, blankSurvey, type Job, type PartSurvey } from '../record';
import { addedPart, partsOfJob } from '../survey';
import { minuteAt } from '../units';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const planOf = (job: Job) =>
  planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
const job = jobFixture({ bodyKind: 'saloon', level: 'Road' });
const surveyed = (...own: (Partial<PartSurvey> & { key: string })[]): Job => ({
  ...job,
  surveyed: own.map((one) => ({ ...blankSurvey(one.key), ...one })),
});
const keysOf = (one: Job) => planOf(one).steps.map((step) => step.key);
const plain = planOf(job);
const plainKeys = plain.steps.map((step) => step.key);
/** The roof lies in the shell, curved, with no inside. */
const roofM2 = partsOfJob(job).find((part) => part.key === 'RF')!.outsideM2;
const shellM2 = partsOfJob(job)
  .filter((part) => part.section === 'shell')
  .reduce((sum, part) => sum + part.outsideM2, 0);

/** Blocks of the sequence that Show is sanded by. */
const byHand = [
  'colour-sand-p800',
  'colour-sand-p1000',
  'untape-edges-p1000',
  ...[1500, 2000, 3000, 5000].map((grit) => `colour-sand-p${grit}`),
].map((word) => `shell/${word}.RF`);

describe('panels of one section at several levels', () => {
  test.each(['Work', 'Show'] as const)(
    'a roof at %s has its steps with the shell and adds none of its own',
    (level) => {
      const own = planOf(surveyed({ key: 'RF', level }));
      const added = own.steps.map((step) => step.key).filter((key) => !plainKeys.includes(key));
      // Nibs are taken out where nothing is sanded; sanding by hand is other work than sanding by discs.
      const other = { Work: ['shell/nib'], Show: byHand }[level];
      expect(added.filter((key) => key.includes('nib') || /[:.]/.test(key))).toEqual(other);
      if (level === 'Work') expect(added).toEqual(other);
    },
  );

  test('blocking takes each panel its own time: 75 min/m² of the shell, 175 of the roof, all crowned by 1.3', () => {
    const step = planOf(surveyed({ key: 'RF', level: 'Show' })).steps.find(
      (one) => one.key === 'shell/block-1-p180',
    )!;
    const { rate, share, weighted } = step.figure;
    expect(rate * share * weighted).toBeCloseTo(1.3 * (75 * (shellM2 - roofM2) + 175 * roofM2), 6);
    expect(step.sections).toEqual(['shell', 'shell:Show']);
  });

  test('Work takes one blocking of two: the second round leaves its roof out, and so does the sanding of the clear', () => {
    const { steps } = planOf(surveyed({ key: 'RF', level: 'Work' }));
    const at = (key: string) => steps.find((one) => one.key === key)!;
    expect(at('shell/block-1-p180').sections).toContain('shell:Work');
    expect(at('shell/block-2-p240').sections).toEqual(['shell']);
    expect(at('shell/block-2-p240').figure.quantity).toBeCloseTo(shellM2 - roofM2, 6);
    expect(at('shell/colour-sand-p1500').sections).not.toContain('shell:Work');
  });

  test('all of it is sprayed in one session, with the coats of the highest level in it', () => {
    const clears = (one: Job) =>
      planOf(one).steps.filter((step) => step.coat?.role === 'clear' && step.sections.includes('shell'))
        .length;
    const [road, show] = [clears(job), clears(surveyed({ key: 'RF', level: 'Show' }))];
    expect(show).toBeGreaterThan(road);
    // The roof alone is at Show: as many as if the whole body were.
    expect(show).toBe(clears({ ...job, sections: job.sections.map((one) => ({ ...one, level: 'Show' })) }));
    const lower = planOf(surveyed({ key: 'RF', level: 'Work' }));
    for (const step of lower.steps.filter(
      (one) => one.coat?.role === 'clear' && one.sections.includes('shell'),
    ))
      expect(step.sections).toContain('shell:Work');
  });

  test('what keeps its paint stands apart', () => {
    const { steps } = planOf(surveyed({ key: 'RF', level: 'Keep' }));
    const kept = steps.filter((step) => step.sections.includes('shell:Keep'));
    expect(kept.filter((step) => step.coat)).toEqual([]);
    expect(kept.filter((step) => step.key.startsWith('shell/'))).toEqual([]);
  });
});

describe('panels treated otherwise', () => {
  test('are taken down by themselves, by their own method, and painted with the rest', () => {
    const { steps } = planOf(surveyed({ key: 'RF', substrate: 'aluminium' }));
    const strip = steps.find((one) => one.key === 'shell/strip.RF')!;
    expect([strip.operation, strip.sections]).toEqual(['strip-chemical', ['shell:aluminium']]);
    expect(steps.find((one) => one.key === 'shell/strip')!.sections).toEqual(['shell']);
    const wipes = steps.filter((one) => one.operation === 'wipe' && one.sections.includes('shell'));
    for (const wipe of wipes) expect(wipe.sections).toContain('shell:aluminium');
  });

  test('bare plastic gets its promoter in the session of its primer, metal beside it none', () => {
    const { steps, warnings } = planOf(surveyed({ key: 'FP', substrate: 'plastic' }));
    const promoter = steps.filter((one) => one.coat?.role === 'promoter');
    expect(promoter.map((one) => [one.coat!.session, one.sections])).toEqual([
      ['body/epoxy', ['shell:plastic']],
    ]);
    const epoxy = steps.find((one) => one.key === 'body/epoxy/epoxy-1')!;
    expect(epoxy.sections).toContain('shell:plastic');
    expect(promoter[0]!.end).toBeLessThanOrEqual(epoxy.start);
    expect(warnings.filter((one) => one.code === 'stack')).toEqual([]);
    // Sound paint that is only scuffed is no bare plastic.
    const scuffed = planOf(surveyed({ key: 'FP', substrate: 'plastic', depth: 'scuff' }));
    expect(scuffed.steps.some((one) => one.coat?.role === 'promoter')).toBe(false);
  });

  test('a lot that the survey names keeps steps of its own', () => {
    expect(keysOf(surveyed({ key: 'RF', lot: 'later' }))).toContain('shell:later/mask');
  });

  test('150 panels of four levels, three depths and three substrates are no more than 400 steps', () => {
    const bare = partsOfJob(job);
    const extra = Array.from({ length: 150 - bare.length }, (_, i) =>
      addedPart(
        {
          key: `X${i}`,
          name: `extra ${i}`,
          section: job.sections[i % 2]!.key,
          lengthM: 1,
          widthM: 0.8,
          shape: 'curved',
        },
        bare,
      ),
    );
    const large: Job = { ...job, ownParts: extra };
    const parts = partsOfJob(large);
    expect(parts).toHaveLength(150);
    const [levels, depths, substrates] = [
      ['Work', 'Road', 'Show', 'Mirror'],
      ['bare', 'stable', 'scuff'],
      ['steel', 'aluminium', 'plastic'],
    ] as const;
    const mixed = parts.map((part, i) => ({
      ...blankSurvey(part.key),
      level: levels[i % 4]!,
      depth: depths[i % 3]!,
      substrate: substrates[(i >> 2) % 3]!,
    }));
    const keys = keysOf({ ...large, surveyed: mixed });
    expect(keys.length).toBeLessThanOrEqual(400);
    expect(Math.max(...keys.map((key) => key.length))).toBeLessThanOrEqual(120);
  });
});

describe('what keys do not know', () => {
  test('names of the section and of its colour', () => {
    const renamed: Job = {
      ...job,
      sections: job.sections.map((one) => ({ ...one, name: `New ${one.name}`, colour: one.colour })),
      colours: job.colours.map((one) => ({ ...one, name: 'Another green' })),
    };
    expect(keysOf(renamed)).toEqual(plainKeys);
  });

  test('a fixed start and what is done outlive a changed level of a panel and of the section', () => {
    const start = plain.steps.find((step) => step.key === 'shell/block-1-p180')!.start + 7 * 1440;
    const done = plain.steps.find((step) => step.key === 'shell/strip')!;
    const base: Job = {
      ...job,
      stepEdits: [{ ...blankStepEdit('shell/block-1-p180'), startAt: start }],
      facts: [
        {
          step: done.key,
          status: 'done',
          start: done.start,
          end: done.end,
          remainingMin: null,
          personMinutes: done.personMinutes,
          materialsMinor: null,
          uses: done.uses,
        },
      ],
    };
    const changed: Job[] = [
      { ...base, surveyed: [{ ...blankSurvey('RF'), level: 'Show' }] },
      { ...base, sections: base.sections.map((one) => ({ ...one, level: 'Show' })) },
      { ...base, sections: base.sections.map((one) => ({ ...one, method: 'chemical' as const })) },
    ];
    for (const one of changed) {
      const plan = planJob({
        job: one,
        shop: demoShop,
        shelf,
        now: done.end,
        commitments: [],
        agreedStarts: new Map(),
      });
      const at = (key: string) => plan.steps.find((step) => step.key === key)!;
      expect(at('shell/block-1-p180').pinnedAt).toBe(start);
      expect(at('shell/strip').state).toBe('done');
    }
  });
});
