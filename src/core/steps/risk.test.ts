import { shelfOf, standardShelf, type Family } from '../film';
import { isRisky } from './risk';
import type { Step } from './step';

const shelf = shelfOf(standardShelf);
const step = (operation: string, product: string | null, skipped = false) =>
  ({ operation, skipped, coat: product === null ? null : { product } }) as Pick<
    Step,
    'coat' | 'operation' | 'skipped'
  >;
const ofFamily = (family: Family) =>
  [...shelf.values()].find((one) => one.coating?.family === family)?.code ?? null;

describe('steps whose mistake costs the panel', () => {
  test.each<Family>(['candy', 'flake', 'effect-base', 'single-stage'])('%s at the gun', (family) => {
    expect(ofFamily(family)).not.toBeNull();
    expect(isRisky(step('spray', ofFamily(family)), shelf)).toBe(true);
  });
  test.each<Family>(['epoxy', 'clear'])('%s forgives', (family) => {
    expect(ofFamily(family)).not.toBeNull();
    expect(isRisky(step('spray', ofFamily(family)), shelf)).toBe(false);
  });
  test('a machine on film that is being cut, but not the hand on a block', () => {
    expect(['polish', 'disc-sand', 'block'].map((code) => isRisky(step(code, null), shelf))).toEqual([
      true,
      true,
      false,
    ]);
  });
  test('what is skipped risks nothing; a product that left the shelf is not guessed at', () => {
    expect(isRisky(step('polish', null, true), shelf)).toBe(false);
    expect(isRisky(step('spray', 'gone'), shelf)).toBe(false);
  });
});
