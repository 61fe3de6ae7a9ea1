import { demoShop } from '../../demo/shop';
import { coatRoundMin, motionOf } from '../booth';
import {
  filmColumn,
  filmFiguresOf,
  gritTakesAt,
  repairCards,
  shelfOf,
  standardShelf,
  takenBetween,
  type FilmColumn,
} from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { auditPlanOf } from '../plan/audit-plan';
import { planJob } from '../plan';
import { tapeRating } from '../plan/tape-rating';
import { blankSurvey, unchosenColour, type Job } from '../record';
import { fittingOf } from '../record/fitting.fixture';
import { dryMass } from '../readings/dry-mass';
import { strainDays, strainLimits } from '../readings/strain';
import { openStretches } from '../shop';
import { maskSheets } from '../readings/mask-sheets';
import { taperedBand } from '../scheme/band.fixture';
import { allowanceOf, cartridgeMl, partsOfJob, sealantCartridges } from '../survey';
import { bareMetalLimit, stackOf } from '../steps';
import { litresOf } from '../steps/session';
import { crewMinutes, shapeFactor } from '../steps/labour';
import { colourPools, drawnBySteps, sessionNeeds } from '../stores';
import { minuteAt } from '../units';
import { figureEntry, figureKeys, figuresFrom, type FigureEffect, type FigureKey, type TypedFigure } from '.';

const shelf = shelfOf(standardShelf);
const start = minuteAt('2026-11-23', 420, demoShop.timeZone);

const car = jobFixture(
  { dimensions: { length: 4.4, sideGlass: 0 }, level: 'Show' },
  { depth: 'stable', oldFinish: 'enamel' },
);
const kept = jobFixture({ bodyKind: 'saloon', level: 'Keep' }, { depth: 'scuff' });
const keptPanel = partsOfJob(kept)[0]!.key;
const skin = jobFixture({ bodyKind: 'low-wing' }, { depth: 'bare' });
const skinPanel = partsOfJob(skin)[0]!.key;
const piece = fittingOf({ part: partsOfJob(car)[0]!.key, maskMin: 60, choice: 'remove', state: 'off' });
/** A banded body, an airframe, a hull by roller, and one that keeps a thin film and is polished. */
const jobs: Job[] = [
  {
    ...car,
    fittings: (['clamp', 'bond', 'gas-free'] as const).map((waitsFor) => ({
      ...piece,
      id: waitsFor,
      waitsFor,
    })),
    // By block at Show, by disc at Road.
    sections: car.sections.map((one) => (one.key === 'roof' ? { ...one, level: 'Road' } : one)),
    colours: [unchosenColour, { ...unchosenColour, id: 'band', name: 'Band' }],
    constructions: [taperedBand({ colour: 'band' })],
    surveyed: [{ ...blankSurvey(partsOfJob(car)[0]!.key), substrate: 'aluminium' }],
  },
  {
    ...skin,
    readings: [
      { id: 'r2', part: skinPanel, um: 120, spot: '', onDate: '2026-11-20' },
    ] as unknown as Job['readings'],
  },
  jobFixture({ bodyKind: 'open-hull', dimensions: { length: 5 } }),
  {
    ...kept,
    readings: [
      { id: 'r1', part: keptPanel, um: 90, spot: '', onDate: '2026-11-20' },
    ] as unknown as Job['readings'],
  },
];

const ladderGrits = [600, 800, 1000, 1200, 1500, 2000, 2500, 3000, 5000, 'cut', 'polish'] as const;

const ofFilm: ReadonlySet<string> = new Set(['kept-thin', 'thin-clear', 'thin-topcoat', 'film-limit']);

const basePlans = jobs.map((job) =>
  planJob({ job, shop: demoShop, shelf, now: start, commitments: [], agreedStarts: new Map() }),
);

const open = openStretches(demoShop, '2026-11-20', 400);

/** What plans and reckonings say, by what a figure may move; nothing in it hangs on the days of a calendar. */
function told(typed: readonly TypedFigure[]): Record<FigureEffect, unknown> {
  const shop = {
    ...demoShop,
    figures: typed.filter((one) => one.scope === 'shop' || one.scope === 'product'),
  };
  const ofJob = typed.filter((one) => one.scope !== 'shop' && one.scope !== 'product');
  const figures = figuresFrom(typed);
  const built = jobs
    .map((job) => readyJob({ ...job, figures: ofJob }, { shop, shelf }, start))
    .map((ready) => ({
      ...ready,
      network: ready.build(),
    }));
  const steps = built.flatMap(({ network }) => network.steps);
  const of = <T>(value: (step: (typeof steps)[number]) => T) => steps.map((step) => [step.key, value(step)]);
  const sessions = sessionNeeds(steps, shelf, { airOf: () => 20, figures });
  const drawn = drawnBySteps(steps, sessions, shelf, figures);
  const kit = new Set(['gloves', 'dust-mask', 'kit-spray', 'cartridge']);
  const shapes = ['flat', 'curved', 'beaded', 'riveted', 'tube'] as const;
  const [part] = partsOfJob(car);
  const areas = built.flatMap(({ sections }) => sections.map((section) => stackOf(section, shelf)));
  const ofColour = { role: 'colour' as const, colour: 'c', colourName: 'C' };
  return {
    litres: [
      of((step) => step.coat?.litres),
      ...['base-solid', 'varnish-1k', 'marine-primer-1k'].map((code) =>
        shapes.map((shape) => litresOf(shelf.get(code)!, [{ ...part!, shape }], 'both', figures)),
      ),
    ],
    mix: [
      sessions,
      colourPools(
        sessions,
        new Map(sessions.map((one) => [`${one.session}\n${one.product}`, ofColour])),
        figures,
      ),
    ],
    coats: areas.map(({ layers }) => layers.map((layer) => layer.coats)),
    'film limits': [
      built.map(({ network }) => network.warnings.filter(({ code }) => ofFilm.has(code))),
      areas.map(({ clear, layers }): FilmColumn =>
        filmColumn(
          [],
          layers.map((layer) => ({ ...layer, name: layer.role })),
          clear,
          'panel',
        ),
      ),
      ...jobs.map((job, i) => {
        // What must stay is told by the figures, whatever the plan.
        const audit = auditPlanOf(basePlans[i]!, { job: { ...job, figures: ofJob }, shop, shelf });
        return audit.surfaces.map(({ key }) => [audit.stopLine(key), audit.keptStop(key)]);
      }),
    ],
    'film taken': [
      steps.flatMap((step) => (step.grit ? [step.grit.takes] : [])),
      (['panel', 'hull'] as const).map((route) =>
        areas.map(({ clear, layers }) =>
          filmColumn(
            [],
            layers.map((layer) => ({ ...layer, name: layer.role })),
            clear,
            route,
            filmFiguresOf(figures),
          ),
        ),
      ),
      takenBetween(6, { most: 3, cut: false }, filmFiguresOf(figures)),
      repairCards(['base', 'clear'], gritTakesAt(figures)),
      ladderGrits.map(gritTakesAt(figures)),
    ],
    'edge taping': areas.map(({ clear }) => clear?.tapeThrough ?? null),
    minutes: [
      of((step) => [step.minutes, step.personMinutes]),
      [2, 3, 4].map((crew) => crewMinutes(1000, crew, figures)),
      (['surface', 'spray'] as const).map((kind) =>
        [...shapes, 'inside' as const].map((shape) => shapeFactor(kind, shape, figures)),
      ),
    ],
    crew: of((step) => step.crew),
    waits: [
      built.map(({ network }) => network.links),
      (['steel', 'galvanised', 'aluminium'] as const).map((metal) =>
        [10, 50, 61, 76, 99].map((humidity) => bareMetalLimit(metal, humidity, figures)),
      ),
    ],
    'masking material': of((step) =>
      step.needs.filter(({ product }) => shelf.get(product)?.kind === 'masking'),
    ),
    'tape dates': [false, true].map((outdoors) => {
      const places = demoShop.places.map((one) => ({ ...one, outdoors }));
      const rated = tapeRating(basePlans[0]!, { places }, figures);
      return maskSheets(basePlans[0]!, shelf, rated).map((sheet) => sheet.pullBy);
    }),
    'gun time': [true, false].map((isEffect) =>
      coatRoundMin(20, 1.5, motionOf({ role: 'base', isEffect, fanCm: 25 }, figures)),
    ),
    sealant: [
      steps.flatMap((step) => step.needs.filter(({ product }) => product === 'seam-sealer')),
      ...[50, 100, 150].map((seamM) => sealantCartridges(seamM, cartridgeMl(figures))),
    ],
    'filler batches': steps.flatMap((step) => step.spread ?? []),
    'protective kit': steps.map((step) => drawn.get(step.key)!.filter(({ product }) => kit.has(product))),
    strain: strainDays(
      basePlans,
      demoShop.people,
      open,
      demoShop.timeZone,
      '2026-11-20',
      strainLimits(figures),
    ),
    // Planned anew only where the limits are kept: else nothing is shared out for their sake.
    'shared work':
      figures('strain.kept') === 1
        ? planJob({
            job: { ...jobs[0]!, figures: ofJob },
            shop,
            shelf,
            now: start,
            commitments: [],
            agreedStarts: new Map(),
          }).steps.map(({ shares }) => shares.length)
        : [],
    'dry mass': jobs.map((job, i) => dryMass(basePlans[i]!, job, shelf, figures)),
    'hidden damage': [1960, 1990, 2010, 2024].flatMap((builtYear) =>
      (['none', 'some', 'many'] as const).map(
        (priorRepair) =>
          allowanceOf({ builtYear, priorRepair, finds: [], decisions: [] }, 60_000, 2026, figures)?.heldMin,
      ),
    ),
  };
}

/** What must move with something else: more coats are more of everything, more litres more mix. */
const work = ['litres', 'minutes', 'crew', 'waits', 'protective kit', 'masking material'] as const;
const follows: Partial<Record<FigureEffect, readonly FigureEffect[]>> = {
  // Edges that are taped are steps more or fewer.
  'edge taping': [...work, 'film taken'],
  'film taken': ['coats', 'film limits', 'edge taping', ...work, 'mix'],
  'film limits': ['film taken'],
  coats: [
    'film taken',
    'edge taping',
    'litres',
    'mix',
    'minutes',
    'crew',
    'waits',
    'protective kit',
    'masking material',
  ],
  litres: ['mix'],
  minutes: ['crew', 'waits', 'protective kit', 'mix', 'litres', 'masking material'],
  crew: ['waits', 'protective kit'],
};

const usual = told([]);
/** What is still sensible, on either side. */
const others = (key: FigureKey): number[] => {
  const { usual: was, least, most } = figureEntry(key);
  return [least, most].filter((value) => value !== was);
};

test.each(figureKeys)('%s moves what it says it moves, and nothing else', (key) => {
  const [scope] = figureEntry(key).scopes;
  const { moves } = figureEntry(key);
  const moved = others(key).flatMap((value) => {
    const now = told([{ key, scope: scope!, of: '', value }]);
    return (Object.keys(usual) as FigureEffect[]).filter(
      (effect) => JSON.stringify(now[effect]) !== JSON.stringify(usual[effect]),
    );
  });
  const mayMove = new Set<FigureEffect>([...moves, ...moves.flatMap((one) => follows[one] ?? [])]);
  expect(moved.filter((effect) => !mayMove.has(effect))).toEqual([]);
  for (const effect of moves) expect([effect, moved.includes(effect)]).toEqual([effect, true]);
});

test('a figure typed at its default changes nothing', () => {
  const typed = figureKeys.map((key): TypedFigure => ({
    key,
    scope: 'shop',
    of: '',
    value: figureEntry(key).usual,
  }));
  const now = told(typed);
  for (const effect of Object.keys(usual) as FigureEffect[])
    expect([effect, JSON.stringify(now[effect]) === JSON.stringify(usual[effect])]).toEqual([effect, true]);
});
