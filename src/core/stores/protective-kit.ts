import { usualFigures, type Figures } from '../figures';
import type { Shelf } from '../film';
import type { Step } from '../steps';

export interface KitNeed {
  product: string;
  amount: number;
}

type Given = Pick<Step, 'crew' | 'minutes' | 'cautions' | 'coat' | 'kind' | 'operation'>;

/**
 * Protective kit a step uses up, for every person in it: gloves where anything touches the skin, a dust mask where it
 * is dry, cartridges by the hour where solvents are breathed, a suit with skin cover for each person who sprays. Air-fed
 * hoods belong to the booth and are not used up. Working defaults; sheet and local rules decide.
 */
export function kitOfStep(step: Given, shelf: Shelf, figures: Figures = usualFigures): KitNeed[] {
  if (step.crew === 0 || step.kind === 'passive') return [];
  const has = (...codes: string[]) => step.cautions.some((code) => codes.includes(code));
  const product = step.coat ? shelf.get(step.coat.product) : undefined;
  const sprays = product?.coating?.method === 'spray';
  const firstCoat = step.coat?.coat === 1;
  const needs: KitNeed[] = [];
  if (step.coat || has('solvent', 'caustic', 'acid', 'peroxide', 'chromate', 'biocide'))
    needs.push({ product: 'gloves', amount: step.crew });
  if (has('dust')) needs.push({ product: 'dust-mask', amount: step.crew });
  if (sprays && firstCoat) needs.push({ product: 'kit-spray', amount: step.crew });
  if (!sprays && has('solvent', 'isocyanate'))
    needs.push({ product: 'cartridge', amount: (step.crew * step.minutes) / figures('kit.cartridge') });
  return needs;
}

/** What each person wears at a step, in words; every item exists once for each person in the room. */
export function kitWords(step: Pick<Step, 'cautions' | 'operation'>): string[] {
  const has = (...codes: string[]) => step.cautions.some((code) => codes.includes(code));
  const words: string[] = [];
  if (has('isocyanate') && step.operation.startsWith('spray'))
    words.push('air-fed hood, suit and gloves: skin covered');
  else if (has('isocyanate')) words.push('half mask with cartridges, gloves, sleeves');
  else if (has('solvent')) words.push('half mask with cartridges, gloves');
  if (has('dust')) words.push('dust mask, eye protection');
  if (has('caustic', 'acid')) words.push('face shield, apron, long gloves');
  if (has('peroxide')) words.push('eye protection when mixing');
  return words;
}
