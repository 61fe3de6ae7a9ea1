import type { Substrate } from '../vehicle';
import type { Family } from './family';
import type { Product } from './product';

export type StackFaultCode =
  | 'pair-not-named'
  | 'never-over'
  | 'lifts'
  | 'needs-clear'
  | 'needs-ground'
  | 'needs-sealer'
  | 'needs-promoter'
  | 'promoter-on-plastic-only'
  | 'needs-first-coat'
  | 'too-few-coats'
  | 'too-many-coats'
  | 'clear-over-200';

export interface StackFault {
  grade: 'error' | 'caution' | 'note';
  code: StackFaultCode;
  /** Product above (or the only one) and beneath, by code; beneath is null where a layer or a substrate is missing. */
  product: string;
  beneath: string | null;
}

/** Upper over lower: what the trade knows of two neighbours. The first rule that fits a pair speaks. */
const neighbours: readonly {
  upper: readonly Family[];
  lower: readonly Family[];
  grade: StackFault['grade'];
  code: StackFaultCode;
}[] = [
  {
    upper: ['polyester', 'gelcoat', 'filler', 'putty'],
    lower: ['etch', 'one-part'],
    grade: 'error',
    code: 'never-over',
  },
  { upper: ['one-part'], lower: ['etch'], grade: 'error', code: 'never-over' },
  {
    upper: [
      'build',
      'sealer',
      'base',
      'effect-base',
      'single-stage',
      'clear',
      'two-part-marine',
      'epoxy',
      'barrier',
    ],
    lower: ['one-part'],
    grade: 'error',
    code: 'lifts',
  },
  {
    upper: ['base', 'effect-base', 'waterborne-base', 'single-stage'],
    lower: ['polyester'],
    grade: 'caution',
    code: 'needs-sealer',
  },
];

const colourFamilies: readonly Family[] = [
  'base',
  'effect-base',
  'waterborne-base',
  'candy',
  'flake',
  'inter-clear',
];
const translucent: readonly Family[] = ['candy', 'flake'];

/** What the trade knows of one film over another; null where nothing speaks against the pair. */
export const pairRule = (upper: Family, lower: Family) =>
  upper === 'one-part' && lower === 'one-part'
    ? null
    : (neighbours.find((one) => one.upper.includes(upper) && one.lower.includes(lower)) ?? null);

interface CheckedLayer {
  product: Product;
  coats: number;
  dryUm: number;
}

/**
 * Everything about a stack that two data sheets or the trade forbid or warn of, from the substrate up. Epoxy over etch
 * passes only where **both** sheets name the pair.
 * @param layers bottom up, those with at least one coat
 */
export function checkStack(
  layers: readonly CheckedLayer[],
  substrate: Substrate,
  bare: boolean,
): StackFault[] {
  const faults: StackFault[] = [];
  const add = (grade: StackFault['grade'], code: StackFaultCode, product: Product, beneath: Product | null) =>
    faults.push({ grade, code, product: product.code, beneath: beneath?.code ?? null });
  const laid = layers.filter((layer) => layer.coats > 0 && layer.product.coating);
  const familyOf = (layer: CheckedLayer) => layer.product.coating!.family;
  for (const [i, layer] of laid.entries()) {
    const below = laid[i - 1];
    const sheet = layer.product.coating!;
    if (below) {
      const lower = below.product.coating!;
      const rule = pairRule(sheet.family, lower.family);
      if (rule) add(rule.grade, rule.code, layer.product, below.product);
      const named = sheet.pairs.includes(below.product.code) && lower.pairs.includes(layer.product.code);
      if (sheet.family === 'epoxy' && lower.family === 'etch' && !named)
        add('error', 'pair-not-named', layer.product, below.product);
    }
    if (layer.coats < sheet.coatsLeast && sheet.family !== 'build')
      add('caution', 'too-few-coats', layer.product, null);
    if (layer.coats > sheet.coatsMost && sheet.family !== 'build')
      add('note', 'too-many-coats', layer.product, null);
    if (sheet.family === 'clear' && layer.coats * layer.dryUm > 200)
      add('caution', 'clear-over-200', layer.product, null);
    if (translucent.includes(sheet.family) && !laid.slice(0, i).some((one) => /base/.test(familyOf(one))))
      add('error', 'needs-ground', layer.product, null);
    if (sheet.family === 'promoter' && substrate !== 'plastic')
      add('error', 'promoter-on-plastic-only', layer.product, null);
  }
  const top = laid.at(-1);
  if (top && colourFamilies.includes(familyOf(top))) add('error', 'needs-clear', top.product, null);
  const first = laid[0];
  if (first && substrate === 'plastic' && bare && familyOf(first) !== 'promoter')
    add('error', 'needs-promoter', first.product, null);
  const firstCoats: readonly Family[] = ['etch', 'epoxy', 'barrier', 'polyester'];
  const isMetal = substrate === 'steel' || substrate === 'galvanised' || substrate === 'aluminium';
  if (first && isMetal && bare && !firstCoats.includes(familyOf(first)))
    add('error', 'needs-first-coat', first.product, null);
  return faults;
}
