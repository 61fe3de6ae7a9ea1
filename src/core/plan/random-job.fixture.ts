import fc from 'fast-check';
import { figureEntry, figureKeys, type TypedFigure } from '../figures';
import { jobFixture } from '../job.fixture';
import { coatSystems, levels, type Level } from '../film';
import {
  blankSurvey,
  depths,
  withJobSchools,
  type Depth,
  type Job,
  type JobSection,
  type PartSurvey,
  type SchoolChoice,
  unchosenColour,
  type FinishClass,
  type Sample,
  type SampleVerdict,
  type StripMethodKey,
  fieldAreaKey,
  type Construction,
} from '../record';
import { drawnFinish, finishOf, type DrawnFinish } from './random-finish.fixture';
import { acceptedSample } from '../record/sample.fixture';
import { partsOfJob } from '../survey';
import { randomConstructions } from './random-scheme.fixture';
import { bodyKinds, type Substrate } from '../vehicle';

/** Methods that change what is covered, laid or opened, each with what may be chosen. */
const schools: fc.Arbitrary<SchoolChoice> = fc.record(
  {
    openings: fc.constantFrom('first-soft', 'first-hard', 'one-go'),
    tape: fc.constantFrom('wet', 'after-set'),
    clears: fc.constantFrom('one-session', 'cut-and-clear'),
    filler: fc.constantFrom('over-epoxy', 'on-metal'),
    'filler-sanding': fc.constantFrom('dry', 'wet'),
    assembly: fc.constantFrom('apart', 'assembled', 'loosely-hung'),
    sealer: fc.constantFrom('sealer', 'epoxy-wet', 'none'),
    'clear-over': fc.constantFrom('each', 'all'),
    'polish-time': fc.constantFrom('days', 'weeks'),
    texture: fc.constantFrom('none', 'before-colour', 'after-colour'),
    alignment: fc.constantFrom('before', 'after'),
    application: fc.constantFrom('roller', 'brush'),
    stripe: fc.constantFrom('first', 'last'),
    'hull-stand': fc.constantFrom('on-stands', 'keel-up', 'on-its-side'),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<SchoolChoice>;

interface Drawing {
  at: number;
  level: Level | null;
  depth: Depth | null;
  substrate: Substrate | null;
  method: StripMethodKey | null;
  lot: string;
  absent: boolean;
}

interface Drawn {
  kind: (typeof bodyKinds)[number];
  level: Level;
  depth: Depth;
  share: number;
  schools: SchoolChoice;
  sections: {
    level: Level | null;
    depth: Depth | null;
    colour: string | null;
    system: number | null;
    loose: boolean;
    insideColour: string | null;
    coats: JobSection['coats'];
  }[];
  panels: Drawing[];
  finish: DrawnFinish;
  constructions: Construction[];
  /** Figures typed for the job, each as a share of its usual one. */
  figures: { at: number; share: number }[];
  /** Pairs of sections and fields, by their number. */
  covers: [number, number][];
  /** What was said of the sample of the job's own colour. */
  firstVerdict: SampleVerdict | null;
  /** What the colours say of their system, coats, ground and look. */
  colours: {
    system: number | null;
    coats: number | null;
    groundCoat: string | null;
    hex: string;
    finish: FinishClass;
    /** What was said of its sample; null where nobody was shown one. */
    verdict: SampleVerdict | null;
  }[];
}

/** Counts that somebody typed, at least one coat each. */
const typedCoats: fc.Arbitrary<JobSection['coats']> = fc.dictionary(
  fc.constantFrom('epoxy', 'build', 'sealer', 'colour', 'clear', 'topcoat'),
  fc.integer({ min: 1, max: 4 }),
  { maxKeys: 2 },
);

const maybe = <T>(one: fc.Arbitrary<T>) => fc.option(one, { nil: null, freq: 2 });

const colourNames = ['First colour', 'Second colour', 'Third colour'] as const;

const jobKeys = figureKeys.filter((key) => figureEntry(key).scopes.includes('job'));
const figuresOf = (drawnFigures: Drawn['figures']): TypedFigure[] =>
  drawnFigures.map(({ at, share }): TypedFigure => {
    const key = jobKeys[at % jobKeys.length]!;
    const { usual, least, most, whole } = figureEntry(key);
    // A choice that is no by default is drawn as often as not.
    const wanted = usual === 0 ? least + (most - least) * (share / 1.8) : usual * share;
    const value = Math.min(most, Math.max(least, wanted));
    return { key, scope: 'job', of: '', value: whole ? Math.round(value) : value };
  });

/** Fields that are kept free of an earlier colour; most pairs name what is masked anyway. */
const coversOf = (
  pairs: readonly [number, number][],
  sections: readonly JobSection[],
): Job['colourCovers'] => {
  const scopes = sections.flatMap(({ key }) => [key, ...colourNames.map((name) => fieldAreaKey(key, name))]);
  const scope = (at: number) => scopes[at % scopes.length]!;
  return scopes.length === 0
    ? []
    : [
        ...new Map(
          pairs.map(([sprayed, covered]) => [
            `${scope(sprayed)} ${scope(covered)}`,
            { sprayed: scope(sprayed), covered: scope(covered) },
          ]),
        ).values(),
      ];
};

const drawn: fc.Arbitrary<Drawn> = fc.record({
  constructions: randomConstructions(colourNames),
  figures: fc.uniqueArray(
    fc.record({ at: fc.nat(200), share: fc.double({ min: 0.5, max: 1.8, noNaN: true }) }),
    { maxLength: 4, selector: ({ at }) => at % jobKeys.length },
  ),
  covers: fc.array(fc.tuple(fc.nat(40), fc.nat(40)), { maxLength: 4 }),
  colours: fc.array(
    fc.record({
      system: fc.option(fc.nat(20), { nil: null, freq: 1 }),
      coats: fc.option(fc.integer({ min: 1, max: 6 }), { nil: null, freq: 1 }),
      groundCoat: fc.option(fc.constantFrom('sealer-white', 'sealer-grey'), { nil: null, freq: 1 }),
      // What hides, what does not, and what lies between.
      hex: fc.constantFrom('#101010', '#eceae2', '#b03020', unchosenColour.hex),
      verdict: fc.constantFrom<SampleVerdict | null>(
        'accepted',
        'accepted',
        'accepted',
        'at-risk',
        'refused',
        null,
      ),
      // Lines in leaf are laid by hand on the finished film, fields of texture beneath the colour.
      finish: fc.constantFrom('leaf', 'texture', ...Array.from({ length: 5 }, () => unchosenColour.finish)),
    }),
    { minLength: 3, maxLength: 3 },
  ),
  firstVerdict: fc.constantFrom<SampleVerdict | null>('accepted', 'accepted', 'accepted', 'at-risk', null),
  kind: fc.constantFrom(...bodyKinds),
  finish: drawnFinish,
  level: fc.constantFrom(...levels),
  depth: fc.constantFrom(...depths),
  share: fc.double({ min: 0, max: 1, noNaN: true }),
  schools,
  sections: fc.array(
    fc.record({
      level: maybe(fc.constantFrom(...levels)),
      depth: maybe(fc.constantFrom(...depths)),
      colour: maybe(fc.constantFrom(...colourNames)),
      insideColour: fc.option(fc.constantFrom(...colourNames), { nil: null, freq: 1 }),
      system: fc.option(fc.nat(20), { nil: null, freq: 1 }),
      // One in three: with fewer, few jobs have loose pieces to hang.
      loose: fc.nat(2).map((one) => one === 0),
      coats: fc.oneof({ weight: 3, arbitrary: fc.constant({}) }, { weight: 1, arbitrary: typedCoats }),
    }),
    { minLength: 6, maxLength: 6 },
  ),
  panels: fc.array(
    fc.record({
      at: fc.nat(200),
      level: maybe(fc.constantFrom(...levels)),
      depth: maybe(fc.constantFrom(...depths)),
      substrate: maybe(fc.constantFrom<Substrate>('steel', 'galvanised', 'aluminium', 'plastic')),
      method: fc.option(fc.constantFrom('chemical', 'disc', 'blast', 'outside'), { nil: null, freq: 1 }),
      lot: fc.constantFrom('', '', 'first', 'second'),
      absent: fc.boolean(),
    }),
    { maxLength: 5 },
  ),
});

/**
 * Jobs over all kinds of body, levels, depths, methods, colours and lots, with panels that the survey treats otherwise or
 * that are absent. Bodies reach from the smallest to the usual, which the demo shop's booth holds.
 */
export const randomJobs: fc.Arbitrary<Job> = drawn.map((one) => {
  const dimensions = Object.fromEntries(
    one.kind.dimensions.map((each) => [each.key, each.min + (each.initial - each.min) * one.share]),
  );
  const base = jobFixture({ bodyKind: one.kind.key, dimensions, level: one.level }, { depth: one.depth });
  const systems = coatSystems.filter((system) => system.route === one.kind.route);
  const sections = base.sections.map((section, i) => {
    const own = one.sections[i % one.sections.length]!;
    const isApart = i > 0 && own.loose && one.kind.route === 'panel';
    return {
      ...section,
      loose: isApart || section.loose,
      group: isApart ? section.key : section.group,
      // What keeps its paint gets none.
      coats: (own.level ?? section.level) === 'Keep' ? {} : own.coats,
      system: own.system === null ? section.system : systems[own.system % systems.length]!.key,
      level: own.level ?? section.level,
      depth: own.depth ?? section.depth,
      colour: own.colour ?? section.colour,
      insideColour: own.insideColour,
    };
  });
  const colours = [
    ...base.colours,
    ...colourNames.map((id, i) => {
      const { system, coats, groundCoat, hex, finish } = one.colours[i]!;
      const key = system === null ? null : systems[system % systems.length]!.key;
      return { ...unchosenColour, id, name: id, hex, system: key, coats, groundCoat, finish };
    }),
  ];
  const verdicts = [one.firstVerdict, ...one.colours.map(({ verdict }) => verdict)];
  const samples = colours.flatMap(({ id }, i): Sample[] => {
    const verdict = verdicts[i] ?? null;
    return verdict === null ? [] : [acceptedSample(id, { verdict })];
  });
  const { constructions, schools: methods } = one;
  const colourCovers = coversOf(one.covers, sections);
  const figures = figuresOf(one.figures);
  const job: Job = {
    ...base,
    sections,
    colours,
    constructions,
    colourCovers,
    figures,
    samples,
    schools: methods,
  };
  const parts = partsOfJob(job);
  const kindRoute = one.kind.route;
  const surveyed = new Map<string, PartSurvey>();
  const panels = parts.length > 0 ? one.panels : [];
  for (const { at, substrate, method, ...own } of panels) {
    const { key } = parts[at % parts.length]!;
    // Skins of aircraft and laminates of hulls are what they are.
    const isSheet = kindRoute === 'panel';
    const [metal, by] = isSheet ? [substrate, method] : [null, null];
    surveyed.set(key, { ...blankSurvey(key), ...own, substrate: metal, method: by });
  }
  return withJobSchools({
    ...job,
    ...finishOf(one.finish, parts, job.arrival),
    surveyed: [...surveyed.values()],
  });
});
