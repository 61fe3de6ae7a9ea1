import type { Product } from '../film';
import type { Caution } from '../safety';
import type { Operation } from './operation';
import type { Step } from './step';

const cautionByHazard: Partial<Record<Product['hazards'][number], Caution>> = {
  isocyanate: 'isocyanate',
  solvent: 'solvent',
  chromate: 'chromate',
  biocide: 'biocide',
  acid: 'acid',
  caustic: 'caustic',
  peroxide: 'peroxide',
};

/** What the hazards of a product ask to beware of. */
export const cautionsOf = (product: Product | undefined): Caution[] =>
  (product?.hazards ?? []).flatMap((hazard) => cautionByHazard[hazard] ?? []);

/** What is used up on `amount` of a measure. */
export const needsOf = (
  basis: Operation['basis'],
  consumes: Operation['consumes'],
  amount: number,
): Step['needs'] =>
  consumes.map((one) => ({ product: one.product, amount: one.perUnit * (basis === 'fixed' ? 1 : amount) }));
