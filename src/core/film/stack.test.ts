import {
  repairCard,
  checkStack,
  clearBudget,
  climateStops,
  completeSheet,
  coatSystems,
  filmColumn,
  gritSteps,
  grainUm,
  ladderMinutes,
  ladders,
  readySolids,
  shelfOf,
  speedFor,
  standardShelf,
  workLadders,
  type Product,
} from './index';

const shelf = shelfOf(standardShelf);
const layer = (code: string, coats: number) => {
  const product = shelf.get(code)!;
  return { product, coats, dryUm: product.coating!.dryUm };
};
const codes = (list: [string, number][], substrate: 'steel' | 'plastic' = 'steel', bare = true) =>
  checkStack(
    list.map(([code, coats]) => layer(code, coats)),
    substrate,
    bare,
  ).map((fault) => `${fault.grade} ${fault.code}`);

describe('what may lie on what', () => {
  test('epoxy over etch is an error until both sheets name the pair; one alone is not enough', () => {
    const etch = shelf.get('etch-primer')!;
    const epoxy = shelf.get('epoxy-primer')!;
    const named = (product: Product, pairs: string[]): Product => ({
      ...product,
      coating: { ...product.coating!, pairs },
    });
    const of = (lower: Product, upper: Product) =>
      checkStack(
        [lower, upper].map((product) => ({ product, coats: 1, dryUm: 10 })),
        'steel',
        true,
      ).map((fault) => fault.code);
    expect(of(etch, epoxy)).toEqual(['pair-not-named']);
    expect(of(named(etch, ['epoxy-primer']), epoxy)).toEqual(['pair-not-named']);
    expect(of(named(etch, ['epoxy-primer']), named(epoxy, ['etch-primer']))).toEqual([]);
  });

  test('polyester and one-part enamel never over etch; two-part lifts one-part', () => {
    expect(
      codes([
        ['etch-primer', 1],
        ['polyester-primer', 2],
      ]),
    ).toContain('error never-over');
    expect(
      codes([
        ['etch-primer', 1],
        ['marine-enamel-1k', 2],
      ]),
    ).toContain('error never-over');
    expect(
      codes([
        ['marine-primer-1k', 2],
        ['marine-topcoat-2k', 2],
      ]),
    ).toContain('error lifts');
    expect(
      codes(
        [
          ['marine-primer-1k', 2],
          ['marine-enamel-1k', 2],
        ],
        'steel',
        false,
      ),
    ).toEqual([]);
  });

  test('colour over thirsty polyester wants a sealer, a base wants its clear, a candy its ground', () => {
    expect(
      codes([
        ['epoxy-primer', 1],
        ['polyester-primer', 2],
        ['base-solid', 3],
        ['clear-21', 3],
      ]),
    ).toEqual(['caution needs-sealer']);
    expect(
      codes([
        ['epoxy-primer', 1],
        ['base-solid', 3],
      ]),
    ).toEqual(['error needs-clear']);
    expect(
      codes([
        ['epoxy-primer', 1],
        ['candy-mid', 3],
        ['clear-21', 3],
      ]),
    ).toEqual(['error needs-ground']);
  });

  test('plastic wants a promoter, metal does not; bare metal wants a first coat', () => {
    expect(
      codes(
        [
          ['base-solid', 3],
          ['clear-21', 2],
        ],
        'plastic',
      ),
    ).toEqual(['error needs-promoter']);
    expect(
      codes(
        [
          ['promoter', 1],
          ['base-solid', 3],
          ['clear-21', 2],
        ],
        'plastic',
      ),
    ).toEqual([]);
    expect(
      codes(
        [
          ['promoter', 1],
          ['base-solid', 3],
          ['clear-21', 2],
        ],
        'steel',
        false,
      ),
    ).toEqual(['error promoter-on-plastic-only']);
    expect(
      codes([
        ['high-build-41', 2],
        ['base-solid', 3],
        ['clear-21', 2],
      ]),
    ).toEqual(['error needs-first-coat']);
  });

  test('more than 200 µm of clear is warned of: seven coats of 30', () => {
    expect(
      codes([
        ['epoxy-primer', 1],
        ['base-solid', 3],
        ['clear-21', 6],
      ]),
    ).toEqual([]);
    expect(
      codes([
        ['epoxy-primer', 1],
        ['base-solid', 3],
        ['clear-21', 7],
      ]),
    ).toEqual(['note too-many-coats', 'caution clear-over-200']);
  });

  test.each(coatSystems.map((system) => [system.name, system] as const))(
    '%s: its own stack stands on each of its substrates',
    (_name, system) => {
      for (const substrate of system.substrates) {
        const stack = system.layers.map((one) =>
          layer(one.product, one.coats.rule === 'fixed' ? one.coats.count : 2),
        );
        const faults = checkStack(stack, substrate, system.route !== 'hull');
        expect(faults.filter((fault) => fault.grade === 'error')).toEqual([]);
      }
    },
  );

  test('every substrate has a complete system', () => {
    const covered = new Set(coatSystems.flatMap((system) => [...system.substrates]));
    expect([...covered].sort()).toEqual([
      'aluminium',
      'galvanised',
      'laminate',
      'plastic',
      'steel',
      'timber',
    ]);
  });
});

test('the shelf holds forty coatings and goods and more, and every row of the trade’s table', () => {
  expect(standardShelf.length).toBeGreaterThanOrEqual(40);
  const families = new Set(standardShelf.flatMap((product) => product.coating?.family ?? []));
  expect(families.size).toBe(25);
});

test('a sheet by weight: 98:2 at 1.6 and 1.05 kg/L have volume parts 61.25 and 1.905', () => {
  const sheet = shelf.get('polyester-primer')!.coating!;
  // (61.25 × 0.75 + 1.905 × 0.5) / 63.155
  expect(readySolids(sheet)).toBeCloseTo(0.74246, 4);
});

test('what a sheet leaves out has the middle of its family; what it states stays, a stated nothing too', () => {
  const sheet = completeSheet({
    family: 'clear',
    method: 'spray',
    dryUm: 30,
    sheetC: 20,
    minAirC: 10,
    maxAirC: 35,
    potLifeMin: 90,
    flashMin: 11,
    dustFreeMin: 60,
    recoatMaxMin: 1440,
    sandAfterMin: 900,
    coatsPerSession: 3,
    tapeAfterMin: null,
    mix: [{ label: 'clear', parts: 1, volumeSolids: 0.5 }],
  });
  expect(sheet).toMatchObject({ recoatMinMin: 11, tapeAfterMin: null, handleAfterMin: 720, maxHumidity: 80 });
});

describe('the film picture', () => {
  test('coach side: 35 epoxy, 4 × 60 build, 25, 3 × 14, 4 × 30 clear; what is left and what edges keep', () => {
    const clear = clearBudget({ ladder: ladders.hand, coatUm: 30, levelMinimum: 4, productMinimum: 2 });
    const column = filmColumn(
      [],
      [
        { role: 'epoxy', name: 'epoxy', coats: 1, dryUm: 35 },
        { role: 'build', name: 'build', coats: 4, dryUm: 60 },
        { role: 'sealer', name: 'sealer', coats: 1, dryUm: 25 },
        { role: 'colour', name: 'green', coats: 3, dryUm: 14 },
        { role: 'clear', name: 'clear', coats: 4, dryUm: 30 },
      ],
      clear,
      'panel',
    );
    // 33 + 240 × 0.625 + 25 + 42 + (120 − 32.9 − 4)
    expect(column.leftUm).toBeCloseTo(33 + 150 + 25 + 42 + 83.1, 6);
    // Edges: 21 − 2 + 144 × 0.4 + 15 + 25.2 + 31.2
    expect(column.edgeLeftUm).toBeCloseTo(19 + 57.6 + 15 + 25.2 + 31.2, 6);
    expect(column).toMatchObject({ floorUm: 45, edgeFloorUm: 30 });
    expect(column.topStartsUm).toBeCloseTo(column.leftUm - 83.1, 6);
  });

  test('kept layers stand at the bottom, and a layer without coats is not there', () => {
    const column = filmColumn(
      [{ name: 'enamel', um: 120, isStripped: false }],
      [{ role: 'topcoat', name: 'top', coats: 0, dryUm: 38 }],
      null,
      'panel',
    );
    expect(column.slices.map((slice) => [slice.kind, slice.laidUm])).toEqual([['kept', 120]]);
    expect(column.floorUm).toBeNull();
  });

  test('a rolled topcoat loses its nibs to the sanding before every coat', () => {
    const column = filmColumn([], [{ role: 'topcoat', name: 'top', coats: 3, dryUm: 35 }], null, 'hull');
    expect(column.leftUm).toBeCloseTo(105 - 3 * 6.5, 9);
  });
});

describe('grits', () => {
  test('medians of the standard: P80 201, P150 100, P600 25.8, P2500 8.4; makers’ grades are marked', () => {
    expect([80, 150, 600, 2500, 77].map(grainUm)).toEqual([201, 100, 25.8, 8.4, null]);
  });

  test('80 to 320 by block is long (46.2/201 = 0.23), 240 to 400 is fair (0.60), 400 to 320 goes backwards', () => {
    expect(gritSteps([80, 320], 'block')[0]).toMatchObject({ verdict: 'long' });
    expect(gritSteps([240, 400], 'block')[0]).toMatchObject({ verdict: 'fair' });
    expect(gritSteps([400, 320], 'machine')[0]).toMatchObject({ verdict: 'backwards' });
    // 1500 to 5000 by machine: 4/12.6 = 0.317.
    expect(gritSteps([1500, 5000], 'machine')[0]!.ratio).toBeCloseTo(0.3175, 3);
  });

  test('the ladders of the colour have no long step', () => {
    for (const { steps, hand } of Object.values(ladders)) {
      const grits = steps.flatMap((step) => (typeof step.grit === 'number' ? [step.grit] : []));
      for (const step of gritSteps(grits, hand ? 'block' : 'machine')) expect(step.verdict).toBe('fair');
    }
    expect(workLadders.length).toBeGreaterThan(5);
  });

  test('hand ladder 800 to 5000: 25 + 5 × 12 and 12 + 8 + 6 minutes a square metre; a light cut 6', () => {
    expect(ladderMinutes(ladders.hand)).toEqual([25, 12, 12, 12, 12, 12, 12, 8, 6]);
    expect(ladderMinutes(ladders.discs)).toEqual([8, 4, 12, 8]);
    expect(ladderMinutes(ladders.light)).toEqual([6]);
  });
});

describe('air', () => {
  const limits = { minAirC: 12, maxAirC: 32, minSurfaceC: 12, maxHumidity: 80, dewMarginC: 3 };

  test('18 °C, 65 %: dew point 11.3; a surface of 14.4 °C passes, 14.2 does not', () => {
    const of = (surfaceC: number) => climateStops(limits, { airC: 18, humidity: 65, surfaceC });
    expect(of(14.4)).toEqual([]);
    expect(of(14.2).map((stop) => stop.code)).toEqual(['dew']);
  });

  test('cold, wet and cold steel are each named', () => {
    const stops = climateStops(limits, { airC: 8, humidity: 90, surfaceC: 6 });
    expect(stops.map((stop) => stop.code)).toEqual(['air-cold', 'surface-cold', 'humid', 'dew']);
  });

  test('reducer: fast at 16 °C, medium at 20, slow at 27, very slow at 33; a step slower on a large side', () => {
    expect([16, 20, 27, 33].map((airC) => speedFor(airC, 5))).toEqual([
      'fast',
      'medium',
      'slow',
      'very slow',
    ]);
    expect(speedFor(20, 30)).toBe('slow');
    expect(speedFor(33, 30)).toBe('very slow');
  });
});

test('repair cards: through clear is a panel, through candy all of it, one-part a spot; a run is never coated', () => {
  expect(repairCard('burn-through', ['epoxy', 'base', 'clear']).reach).toBe('panel');
  expect(repairCard('burn-through', ['base', 'candy', 'clear']).reach).toBe('whole');
  expect(repairCard('burn-through', ['one-part']).reach).toBe('spot');
  expect(repairCard('fish-eye', ['epoxy', 'base', 'clear']).coats).toBe('clear');
  expect(repairCard('fish-eye', ['single-stage']).coats).toBe('colour');
  expect(repairCard('run', ['base', 'clear']).works.map((one) => one.operation)).toEqual([
    'mend-putty',
    'mend-by-hand',
    'mend-grit',
    'mend-grit',
    'mend-pad',
  ]);
});
