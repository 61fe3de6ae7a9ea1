import {
  effectFamilies,
  hidingOver,
  lookOver,
  type CoatingSheet,
  type Family,
  type GroundRow,
  type LaidColour,
  type TranslucentColour,
  type TranslucentGround,
} from '../film';
import { colourOfKey, type Job, type JobColour, type JobSection } from '../record';
import type { SectionStack, StackLayer } from './stack';

/** What shows of a colour on one work area: how well it hides what lies beneath, or what it looks like over it. */
export interface ColourGround {
  area: string;
  colour: string;
  face: 'outside' | 'inside';
  layer: StackLayer;
  /** What lies beneath it; null where nobody knows the shade of that. */
  ground: TranslucentGround | null;
  /** Product of that; empty where it is not known. */
  groundProduct: string;
  laid: LaidColour;
  /** Of a colour that hides; null for one that shines through. */
  hiding: GroundRow | null;
  /** Of a colour that shines through; null where its ground is not known. */
  dye: TranslucentColour | null;
}

/** Families that show the ground, whatever their film. */
const translucent: ReadonlySet<Family> = new Set<Family>(['candy']);
/** Families that have the colour of the job in them. */
const coloured: ReadonlySet<Family> = new Set<Family>([
  'base',
  'waterborne-base',
  'single-stage',
  'one-part',
  'two-part-marine',
  'gelcoat',
]);

const effectOf = (sheet: CoatingSheet, product: string): 'silver' | 'pearl' =>
  sheet.family === 'effect-base' && product.includes('pearl') ? 'pearl' : 'silver';

/** What a layer leaves to lie on: its own shade, its effect, or the colour of the job. */
function groundOf({ product }: StackLayer, { id, hex }: JobColour): TranslucentGround | null {
  const sheet = product.coating!;
  if (sheet.shadeL !== null) return { key: product.code, name: product.name, l: sheet.shadeL, hex: null };
  if (effectFamilies.has(sheet.family) && sheet.family !== 'candy')
    return {
      key: product.code,
      name: product.name,
      l: null,
      hex: null,
      effect: effectOf(sheet, product.code),
    };
  return coloured.has(sheet.family) ? { key: id, name: product.name, l: null, hex } : null;
}

type OnStack = Pick<ColourGround, 'layer' | 'ground' | 'groundProduct' | 'laid' | 'hiding' | 'dye'>;

/**
 * The colouring layers of a stack with what each lies on; clears and locks between show everything. What hides the
 * undercoat is the lowest of them: what comes above it may shine through.
 */
function groundsOfStack({ layers }: SectionStack, colour: JobColour): OnStack[] {
  const { hex, hides } = colour;
  const laid = layers.filter((layer) => layer.coats > 0);
  let isHidden = false;
  return laid.flatMap((layer, at): OnStack[] => {
    const { family } = layer.product.coating!;
    const beneath = laid.slice(0, at).findLast((one) => groundOf(one, colour) !== null);
    const ground = beneath ? groundOf(beneath, colour) : null;
    const groundProduct = beneath?.product.code ?? '';
    const asked: LaidColour = {
      family,
      product: layer.product.code,
      hex,
      coatUm: layer.dryUm,
      planned: layer.coats,
      hides,
    };
    const plain: OnStack = { layer, ground, groundProduct, laid: asked, hiding: null, dye: null };
    if (translucent.has(family)) {
      if (!ground) return [plain];
      const coatsForLook = Math.max(1, layer.computedCoats);
      const dye: TranslucentColour = { hex, coatUm: layer.dryUm, coatsForLook, ground };
      return [{ ...plain, dye }];
    }
    const hiding = ground && !isHidden ? hidingOver(asked, ground) : null;
    if (hiding) isHidden = true;
    return hiding ? [{ ...plain, hiding }] : [];
  });
}

/**
 * Each colour of a job on each area that gets it, outside and inside, with what lies beneath it.
 * @param stackOf what is laid on an area as it is laid on that face, bottom up
 */
export function colourGrounds(
  job: Job,
  areas: readonly JobSection[],
  stackOf: (area: JobSection, face: ColourGround['face']) => SectionStack,
): ColourGround[] {
  return areas.flatMap((area): ColourGround[] => {
    if (area.level === 'Keep') return [];
    const of = (colour: string, face: ColourGround['face'], stack: SectionStack) =>
      groundsOfStack(stack, colourOfKey(job, colour)).map((one): ColourGround => ({
        area: area.key,
        colour,
        face,
        ...one,
      }));
    const inside = area.insideColour;
    return [
      ...of(area.colour, 'outside', stackOf(area, 'outside')),
      ...(inside === null ? [] : of(inside, 'inside', stackOf({ ...area, ...area.insideLaid }, 'inside'))),
    ];
  });
}

/**
 * A later colour at the line over one that was sprayed past it: how well it hides that, or what shows of it where it shines
 * through. Null where nothing is known of its film, or a sealer of its own lies between.
 * @param first what lies beneath at the line   @param onto the area of the later colour
 */
export function groundPastLine(
  job: Job,
  first: JobSection,
  onto: JobSection,
  stackOf: (area: JobSection) => SectionStack,
): { ground: string; layer: StackLayer; coats: number | null; deltaE: number } | null {
  const { id, name, hex } = colourOfKey(job, first.colour);
  const stack = stackOf(onto);
  // Its own sealer goes on between them.
  if (stack.layers.some((layer) => layer.role === 'sealer' && layer.coats > 0)) return null;
  const ground: TranslucentGround = { key: id, name, l: null, hex };
  const own = groundsOfStack(stack, colourOfKey(job, onto.colour));
  const lowest = own.find((one) => one.hiding !== null) ?? own.find((one) => one.dye !== null);
  if (!lowest) return null;
  const { layer, laid, dye } = lowest;
  if (dye) return { ground: name, layer, coats: null, deltaE: lookOver(dye, ground, layer.coats).deltaE };
  const row = hidingOver(laid, ground);
  return row && { ground: name, layer, coats: row.coats, deltaE: row.leftAfter };
}
