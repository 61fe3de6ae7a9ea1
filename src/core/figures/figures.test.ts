import { demoShop } from '../../demo/shop';
import { coatRoundMin, motionOf } from '../booth';
import { filmColumn, shelfOf, standardShelf, type FilmColumn } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { auditPlanOf } from '../plan/audit-plan';
import { planJob } from '../plan';
import { blankSurvey, unchosenColour, type Job } from '../record';
import { maskSheets } from '../readings/mask-sheets';
import { taperedBand } from '../scheme/band.fixture';
import { allowanceOf, cartridgeMl, partsOfJob, sealantCartridges } from '../survey';
import { bareMetalLimit, stackOf } from '../steps';
import { litresOf } from '../steps/session';
import { crewMinutes, shapeFactor } from '../steps/labour';
import { colourPools, drawnBySteps, fillerPlan, sessionNeeds } from '../stores';
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
/** A banded body, an airframe, a hull by roller, and one that keeps a thin film and is polished. */
const jobs: Job[] = [
  {
    ...car,
    colours: [unchosenColour, { ...unchosenColour, id: 'band', name: 'Band' }],
    constructions: [taperedBand({ colour: 'band' })],
    surveyed: [{ ...blankSurvey(partsOfJob(car)[0]!.key), substrate: 'aluminium' }],
  },
  jobFixture({ bodyKind: 'low-wing' }, { depth: 'bare' }),
  jobFixture({ bodyKind: 'open-hull', dimensions: { length: 5 } }),
  {
    ...kept,
    readings: [
      { id: 'r1', part: keptPanel, um: 90, spot: '', onDate: '2026-11-20' },
    ] as unknown as Job['readings'],
  },
];

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
      built.map(({ network }) => network.warnings),
      areas.map(({ clear, layers }): FilmColumn =>
        filmColumn(
          [],
          layers.map((layer) => ({ ...layer, name: layer.role })),
          clear,
          'panel',
        ),
      ),
      ...jobs.map((job) => {
        const plan = planJob({
          job: { ...job, figures: ofJob },
          shop,
          shelf,
          now: start,
          commitments: [],
          agreedStarts: new Map(),
        });
        const audit = auditPlanOf(plan, { job: { ...job, figures: ofJob }, shop, shelf });
        return audit.surfaces.map(({ key }) => [audit.stopLine(key), audit.keptStop(key)]);
      }),
    ],
    minutes: [
      of((step) => [step.minutes, step.personMinutes]),
      [2, 3, 4].map((crew) => crewMinutes(1000, crew, figures)),
      [...shapes, 'inside' as const].map((shape) => shapeFactor('surface', shape, figures)),
    ],
    crew: of((step) => step.crew),
    waits: [
      built.map(({ network }) => network.links),
      (['steel', 'galvanised', 'aluminium'] as const).map((metal) => bareMetalLimit(metal, 50, figures)),
    ],
    'masking material': of((step) =>
      step.needs.filter(({ product }) => shelf.get(product)?.kind === 'masking'),
    ),
    'tape dates': maskSheets(basePlan, shelf, figures('tape.days')).map((sheet) => sheet.pullBy),
    'gun time': [true, false].map((isEffect) =>
      coatRoundMin(20, 1.5, motionOf({ role: 'base', isEffect, fanCm: 25 }, figures)),
    ),
    sealant: [50, 100, 150].map((seamM) => sealantCartridges(seamM, cartridgeMl(figures))),
    'filler batches': fillerPlan(2, 2, 20, 2.5, figures('filler.palette')).batches,
    'protective kit': steps.map((step) => drawn.get(step.key)!.filter(({ product }) => kit.has(product))),
    'hidden damage': [1960, 1990, 2010, 2024].flatMap((builtYear) =>
      (['none', 'some', 'many'] as const).map(
        (priorRepair) => allowanceOf({ builtYear, priorRepair, finds: [] }, 60_000, 2026, figures)?.heldMin,
      ),
    ),
  };
}
const basePlan = planJob({
  job: jobs[0]!,
  shop: demoShop,
  shelf,
  now: start,
  commitments: [],
  agreedStarts: new Map(),
});

/** What must move with something else: more coats are more of everything, more litres more mix. */
const follows: Partial<Record<FigureEffect, readonly FigureEffect[]>> = {
  coats: ['litres', 'mix', 'minutes', 'crew', 'waits', 'protective kit', 'masking material'],
  litres: ['mix'],
  minutes: ['crew', 'waits', 'protective kit', 'mix', 'litres', 'masking material'],
  crew: ['waits', 'protective kit'],
};

const usual = told([]);
/** Another sensible value: well within the range, on the side where there is more room. */
function other(key: FigureKey): number {
  const { usual: was, least, most, whole } = figureEntry(key);
  const value =
    most - was > was - least ? Math.min(most, was === 0 ? most / 10 : was * 1.7) : Math.max(least, was * 0.6);
  return whole ? Math.round(value) : value;
}

test.each(figureKeys)('%s moves what it says it moves, and nothing else', (key) => {
  const [scope] = figureEntry(key).scopes;
  const { moves } = figureEntry(key);
  const now = told([{ key, scope: scope!, of: '', value: other(key) }]);
  const moved = (Object.keys(usual) as FigureEffect[]).filter(
    (effect) => JSON.stringify(now[effect]) !== JSON.stringify(usual[effect]),
  );
  const mayMove = new Set<FigureEffect>([...moves, ...moves.flatMap((one) => follows[one] ?? [])]);
  expect(moved.filter((effect) => !mayMove.has(effect))).toEqual([]);
  expect(moved.some((effect) => moves.includes(effect))).toBe(true);
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
