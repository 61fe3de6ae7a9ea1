import {
  bestGroundCoat,
  hidingOver,
  lookOver,
  type LayerRole,
  type Shelf,
  type TranslucentGround,
} from '../film';
import { colourGrounds, type ColourGround } from '../steps';
import { baseOf, colourOfKey, isOfField, type Job, type JobSection } from '../record';
import { stackOf } from '../steps';

/** Another ground that a colour may meet: how it shows there. */
export interface OtherGround {
  name: string;
  /** Coats that hide it; null where none do, or where the colour shines through. */
  coats: number | null;
  /** Of a colour that shines through: its look there, and how far that is from the look over its own ground, ΔE00. */
  look: { hex: string; deltaE: number } | null;
}

/** A colour over what lies beneath it, wherever that is the same. */
export interface HidingRow {
  colour: string;
  name: string;
  hex: string;
  /** Names of the areas, and which of them are insides. */
  areas: string[];
  face: ColourGround['face'];
  product: string;
  role: LayerRole;
  coats: number;
  /** Name of the ground; empty where nobody knows it. */
  ground: string;
  /** Code of its product, or key of its colour; empty where nobody knows it. */
  groundKey: string;
  /** Film at which somebody found the ground hidden, µm; null where the spectrum tells. */
  hidesAtUm: number | null;
  /** Coats that hide it, and what shows after the planned ones, ΔE00; null for a colour that shines through. */
  hides: { coats: number | null; leftDeltaE: number; isHidden: boolean } | null;
  /** Of a colour that shines through; null where its ground is not known. */
  look: { hex: string; deltaE: number; mottleDeltaE: number; coatDeltaE: number } | null;
  others: OtherGround[];
  /** A ground coat of the shelf that makes it hide in the coats planned, or in fewer than its ground asks for. */
  groundCoat: { product: string; name: string; coats: number } | null;
  /** Where its coats are typed: with the colour, or with a section. */
  typedWith: { section: string } | 'colour';
}

/** White and silver stand for grounds that the job does not have yet. */
const trialGrounds: readonly TranslucentGround[] = [
  { name: 'white', l: 92, hex: null },
  { name: 'silver', l: null, hex: null, effect: 'silver' },
];

function othersOf(one: ColourGround, job: Job, used: ReadonlySet<string>): OtherGround[] {
  const grounds: TranslucentGround[] = job.colours
    .filter(({ id }) => used.has(id) && id !== one.colour)
    .map(({ id, name, hex }) => ({ key: id, name, l: null, hex }));
  const { dye } = one;
  if (dye === null)
    return grounds.map((ground) => ({
      name: ground.name,
      coats: hidingOver(one.laid, ground)?.coats ?? null,
      look: null,
    }));
  const others = [...trialGrounds, ...grounds].filter((ground) => ground.name !== one.ground?.name);
  return others.map((ground) => {
    const { hex, deltaE } = lookOver(dye, ground, one.layer.coats);
    return { name: ground.name, coats: null, look: { hex, deltaE } };
  });
}

/** What another sealer would do for a colour that does not hide its ground; null where it hides it or none helps. */
function groundCoatFor({ hiding, laid, groundProduct }: ColourGround, shelf: Shelf): HidingRow['groundCoat'] {
  if (!hiding || hiding.hidden) return null;
  const best = bestGroundCoat(laid, shelf.values());
  if (!best || best.product.code === groundProduct) return null;
  if (hiding.coats !== null && best.coats >= hiding.coats) return null;
  return { product: best.product.code, name: best.product.name, coats: best.coats };
}

/**
 * Each colour of a job over each ground that it gets, and how it would show over the others of the job.
 * @param areas as they are worked
 */
export function hidingRows(job: Job, areas: readonly JobSection[], shelf: Shelf): HidingRow[] {
  const byKey = new Map(areas.map((area) => [area.key, area]));
  const used = new Set(areas.flatMap((area) => (area.level === 'Keep' ? [] : [area.colour])));
  const rows = new Map<string, HidingRow>();
  for (const one of colourGrounds(job, areas, (area) => stackOf(area, shelf))) {
    const { area, colour, face, layer, ground, hiding, dye } = one;
    const withColour = isOfField(area) || face === 'inside';
    const typedWith = withColour ? 'colour' : { section: baseOf(area) };
    const key = [
      colour,
      face,
      layer.product.code,
      layer.coats,
      ground?.name,
      withColour ? '' : baseOf(area),
    ].join('|');
    const before = rows.get(key);
    if (before) {
      before.areas.push(byKey.get(area)!.name);
      continue;
    }
    const { name, hex } = colourOfKey(job, colour);
    rows.set(key, {
      colour,
      name,
      hex,
      areas: [byKey.get(area)!.name],
      face,
      product: layer.product.name,
      role: layer.role,
      coats: layer.coats,
      ground: ground?.name ?? '',
      groundKey: ground?.key ?? '',
      hidesAtUm: hiding?.typedUm ?? null,
      hides: hiding && { coats: hiding.coats, leftDeltaE: hiding.leftAfter, isHidden: hiding.hidden },
      look: dye && lookOver(dye, dye.ground, layer.coats),
      others: othersOf(one, job, used),
      groundCoat: groundCoatFor(one, shelf),
      typedWith,
    });
  }
  return [...rows.values()];
}
