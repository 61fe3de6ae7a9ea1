import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey, schoolKeys, schoolOptions, type Job, type JobSection, type Schools } from '../record';
import { partsOfJob } from '../survey';
import type { Group } from './group';
import { clearSessions, roundsOf, situationOf } from './section-situation';
import { suits, type SectionSituation, type Situation } from './situation';
import { stackOf } from './stack';
import { loopOf, loops, rests, workStates, type WorkState } from './work-state';

const shelf = shelfOf(standardShelf);
const plainSchools = Object.fromEntries(schoolKeys.map((key) => [key, schoolOptions[key][0]])) as Schools;
const section: SectionSituation = {
  route: 'panel',
  substrate: 'steel',
  depth: 'bare',
  level: 'Show',
  old: 'enamel',
  strip: 'strip-disc',
  lays: new Set(['epoxy', 'clear'] as const),
  flags: new Set(['painted', 'beads'] as const),
  schools: plainSchools,
};

describe('does a section lie in a situation', () => {
  test.each<[string, Situation, boolean]>([
    ['nothing asked: everywhere', {}, true],
    ['the route', { route: ['panel', 'hull'] }, true],
    ['another route', { route: ['aircraft'] }, false],
    ['another substrate', { substrate: ['aluminium'] }, false],
    ['depth and level together', { depth: ['bare'], level: ['Show', 'Mirror'] }, true],
    ['depth but not level', { depth: ['bare'], level: ['Road'] }, false],
    ['the way it is stripped', { strip: ['strip-blast', 'strip-disc'] }, true],
    ['one of the layers is enough', { lays: ['etch', 'epoxy'] }, true],
    ['none of the layers', { lays: ['barrier'] }, false],
    ['all flags', { is: ['painted', 'beads'] }, true],
    ['one flag missing', { is: ['painted', 'loose'] }, false],
    ['a flag that must not be', { not: ['beads'] }, false],
    ['a flag that is not', { not: ['loose'] }, true],
    ['the school', { school: { filler: ['over-epoxy'] } }, true],
    ['another school', { school: { filler: ['on-metal'] } }, false],
    ['old finish', { old: ['lacquer'] }, false],
  ])('%s', (_name, when, expected) => {
    expect(suits(when, section)).toBe(expected);
  });
});

describe('the states of the work', () => {
  test('rest on states that exist, and without situations none rests on itself', () => {
    const beneath = (state: WorkState): readonly WorkState[] => {
      const own = rests[state]?.find((rest) => suits(rest.when, section));
      const at = workStates.indexOf(state);
      return own?.on ?? (at > 0 ? [workStates[at - 1]!] : []);
    };
    const walk = (state: WorkState, open: readonly WorkState[]): void => {
      expect(open).not.toContain(state);
      for (const one of beneath(state)) walk(one, [...open, state]);
    };
    for (const state of ['looked-again', 'build-ground', 'levelled'] as const) walk(state, []);
  });

  test('a loop’s top is one of its states and its ground is not', () => {
    for (const loop of loops) {
      expect(loop.states).toContain(loop.top);
      expect(loop.states).not.toContain(loop.ground);
      for (const state of loop.states) expect(loopOf(state)).toBe(loop);
    }
    expect(loopOf('masked')).toBeUndefined();
  });
});

const groupOf = (job: Job): Group => {
  const parts = partsOfJob(job);
  return {
    key: 'g',
    loose: false,
    hung: [],
    subject: 'g',
    sections: job.sections,
    parts,
    partsOf: (one) => parts.filter((part) => part.section === one.key),
    insideStackOf: (one) => stackOf(one, shelf),
    stackOf: (one) => stackOf(one, shelf),
  };
};
const situation = (job: Job, key: string, route: 'panel' | 'hull' | 'aircraft' = 'panel') =>
  situationOf(
    job,
    route,
    groupOf(job),
    job.sections.find((one) => one.key === key)!,
  );

describe('what the survey makes of a section', () => {
  const job = jobFixture({ bodyKind: 'coupe', level: 'Show' });
  const surveyed = (over: object, of = partsOfJob(job)) => ({
    ...job,
    surveyed: of.map((part) => ({ ...blankSurvey(part.key), ...over })),
  });

  test('nothing surveyed: not recorded, lead untested, seams open', () => {
    const { flags } = situation(job, 'shell');
    for (const flag of ['painted', 'lead-untested', 'seams', 'openings'] as const)
      expect(flags).toContain(flag);
    expect(flags).not.toContain('recorded');
  });

  test('tested on every panel the test falls away, on all but one it does not', () => {
    expect(situation(surveyed({ leadTest: 'negative' }), 'shell').flags).not.toContain('lead-untested');
    const [, ...most] = partsOfJob(job);
    const partly = surveyed({ leadTest: 'negative' }, most);
    expect(situation(partly, 'shell').flags).toContain('lead-untested');
  });

  test('sealed seams, a protected spot that was read or not, and a scuffed section beside a panel left out', () => {
    expect(situation(surveyed({ seams: 'sealed' }), 'shell').flags).not.toContain('seams');
    const spot = { reference: 'unfaded red' };
    expect(situation(surveyed(spot), 'shell').flags).toContain('reference');
    const read = { ...spot, referenceColour: { l: 40, a: 50, b: 30, source: 'typed' as const } };
    expect(situation(surveyed(read), 'shell').flags).not.toContain('reference');
    const scuffed = { ...surveyed({ absent: true }, partsOfJob(job).slice(0, 1)) };
    const partial = {
      ...scuffed,
      sections: job.sections.map((one) => ({ ...one, depth: 'scuff' as const })),
    };
    expect(situation(partial, 'shell').flags).toContain('partial');
    expect(situation(scuffed, 'shell').flags).not.toContain('partial');
  });

  test('solvent is only tried where old paint stays; gelcoat and bare metal want neither test', () => {
    const with_ = (over: Partial<JobSection>) => ({
      ...job,
      sections: job.sections.map((one) => ({ ...one, ...over })),
    });
    expect(situation(with_({ depth: 'stable' }), 'shell').flags).toContain('solvent-untested');
    expect(situation(with_({ depth: 'bare' }), 'shell').flags).not.toContain('solvent-untested');
    const gelcoat = situation(with_({ oldFinish: 'gelcoat', depth: 'scuff' }), 'shell').flags;
    expect(gelcoat).not.toContain('solvent-untested');
    expect(gelcoat).not.toContain('lead-untested');
  });

  test('Keep lays nothing and so is not painted; silver is an effect colour, solid is not', () => {
    const keep = { ...job, sections: job.sections.map((one) => ({ ...one, level: 'Keep' as const })) };
    expect(situation(keep, 'shell').flags).not.toContain('painted');
    const silver = { ...job, sections: job.sections.map((one) => ({ ...one, system: 'silver-clear' })) };
    expect(situation(silver, 'shell').flags).toContain('effect-colour');
    expect(situation(job, 'shell').flags).not.toContain('effect-colour');
  });

  test('a hull is polished only at Show and above with a hard topcoat, a skin never', () => {
    const hull = (level: Job['level'], system: string) => {
      const base = jobFixture({ bodyKind: 'open-hull', level }, { system });
      return situation(base, 'topsides', 'hull').flags.has('polishes');
    };
    expect(hull('Show', 'marine-two-part')).toBe(true);
    expect(hull('Road', 'marine-two-part')).toBe(false);
    expect(hull('Show', 'marine-one-part')).toBe(false);
    const plane = jobFixture({ bodyKind: 'low-wing', level: 'Show' });
    expect(situation(plane, 'wings', 'aircraft').flags.has('polishes')).toBe(false);
  });
});

describe('rounds', () => {
  const rounds = (level: Job['level'], over: Partial<JobSection> = {}, bodyKind = 'coupe') => {
    const job = jobFixture({ bodyKind, level }, over);
    const one = job.sections[0]!;
    const route = bodyKind === 'open-hull' ? 'hull' : 'panel';
    return roundsOf(one, stackOf(one, shelf), situation(job, one.key, route));
  };

  test('by the trade’s table: filler and block rounds at Work, Road, Show, Mirror', () => {
    expect(rounds('Work')).toMatchObject({ filler: 1, build: 1 });
    expect(rounds('Road')).toMatchObject({ filler: 1, build: 2 });
    expect(rounds('Show')).toMatchObject({ filler: 2, build: 2 });
    expect(rounds('Mirror')).toMatchObject({ filler: 3, build: 4 });
  });

  test('typed rounds stand in their place; scuffed sections have none', () => {
    expect(rounds('Show', { rounds: { filler: 4, build: 1 } })).toMatchObject({ filler: 4, build: 1 });
    expect(rounds('Show', { depth: 'scuff' })).toMatchObject({ filler: 0, build: 0 });
  });

  test('a hull is faired once at Road, three times at Show, not at Work', () => {
    const hull = (level: Job['level']) => rounds(level, {}, 'open-hull').filler;
    expect([hull('Work'), hull('Road'), hull('Show')]).toEqual([0, 1, 3]);
  });

  test.each([
    [1, false, [1]],
    [3, false, [3]],
    [4, false, [3, 1]],
    [7, false, [3, 3, 1]],
    [2, true, [2]],
    [3, true, [2, 1]],
    [4, true, [2, 2]],
    [5, true, [3, 2]],
    [8, true, [3, 3, 2]],
  ])('%d clears, cut flat between: %s, go into sessions of %j at three a session', (coats, cut, sessions) => {
    const [one] = jobFixture({ bodyKind: 'coupe', level: 'Show' }, { coats: { clear: coats } }).sections;
    const schools = { ...plainSchools, clears: cut ? 'cut-and-clear' : 'one-session' } as const;
    expect(clearSessions(stackOf(one!, shelf), { route: 'panel', schools })).toEqual(sessions);
  });
});
