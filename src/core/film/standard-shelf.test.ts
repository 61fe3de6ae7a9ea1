import { coatSystems, levels } from './coat-system';
import { ladders } from './ladder';
import { levelStandards } from './level-standard';
import { shelfOf } from './standard-shelf';
import { mixedVolumeSolids } from './spreading';
import { standardShelf } from './standard-shelf';

const shelf = shelfOf(standardShelf);
const coatings = standardShelf.filter((product) => product.coating !== null);

test('no code twice, and every product can be bought', () => {
  expect(shelf.size).toBe(standardShelf.length);
  for (const product of standardShelf) {
    expect(product.packs.length).toBeGreaterThan(0);
    for (const pack of product.packs) {
      expect(pack.size).toBeGreaterThan(0);
      expect(Number.isInteger(pack.priceMinor) && pack.priceMinor > 0).toBe(true);
    }
  }
});

test.each(coatings.map((product) => [product.code, product.coating!] as const))(
  '%s: a data sheet that could be true',
  (_code, sheet) => {
    const solids = mixedVolumeSolids(sheet.mix);
    expect(solids).toBeGreaterThan(0.03);
    expect(solids).toBeLessThanOrEqual(1);
    // Wet films of one coat: 20 µm at the thin end, two millimetres of sealant or compound at the thick one.
    expect(sheet.dryUm / solids).toBeGreaterThan(20);
    expect(sheet.dryUm / solids).toBeLessThanOrEqual(2000);
    expect(sheet.minAirC).toBeLessThan(sheet.sheetC);
    expect(sheet.maxAirC).toBeGreaterThan(sheet.sheetC);
    expect(sheet.flashMin).toBeLessThanOrEqual(sheet.sandAfterMin);
    if (sheet.recoatMaxMin !== null) expect(sheet.recoatMaxMin).toBeGreaterThan(sheet.flashMin);
  },
);

test('urethane coatings carry their isocyanate hazard', () => {
  for (const code of ['clear-21', 'single-stage', 'marine-topcoat-2k', 'aircraft-topcoat'])
    expect(shelf.get(code)!.hazards).toContain('isocyanate');
  expect(shelf.get('antifouling')!.hazards).toContain('biocide');
});

test('every layer of every coat system is a coating of the shelf', () => {
  for (const system of coatSystems)
    for (const layer of system.layers) expect(shelf.get(layer.product)?.coating).toBeTruthy();
});

test('no level asks for less work or fewer clears than the one below it', () => {
  const standards = levels.map((level) => levelStandards[level]);
  for (const [i, standard] of standards.slice(1).entries()) {
    const below = standards[i]!;
    expect(standard.clearCoats).toBeGreaterThanOrEqual(below.clearCoats);
    expect(standard.blockRounds * standard.blockMinPerM2).toBeGreaterThanOrEqual(
      below.blockRounds * below.blockMinPerM2,
    );
    expect(standard.fillerRounds * standard.filledShare).toBeGreaterThanOrEqual(
      below.fillerRounds * below.filledShare,
    );
  }
});

test('a ladder goes from coarse to fine and takes less with every grit', () => {
  for (const { steps } of Object.values(ladders)) {
    const sanding = steps.filter((step) => typeof step.grit === 'number');
    for (const [i, step] of sanding.slice(1).entries()) {
      expect(Number(step.grit)).toBeGreaterThan(Number(sanding[i]!.grit));
      expect(step.removalUm).toBeLessThan(sanding[i]!.removalUm);
    }
    expect(steps.findIndex((step) => typeof step.grit !== 'number')).toBe(
      sanding.length === steps.length ? -1 : sanding.length,
    );
  }
});
