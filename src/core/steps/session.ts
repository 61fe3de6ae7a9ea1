import {
  coatLitres,
  readySolids,
  transferEfficiency,
  windowFromFirst,
  type LayerRole,
  type Product,
} from '../film';
import { usualFigures, type Figures } from '../figures';
import { baseOf } from '../record';
import type { Part, Shape } from '../vehicle';
import type { StepDraft } from './draft';
import { quantityOf, type Faces } from './labour';
import type { LinkReason, Step, StepReason } from './step';

export interface SessionLayer {
  role: LayerRole;
  product: Product;
  coats: number;
  /** Number of the first coat and of all coats of this layer, when it is spread over several sessions. */
  firstCoat: number;
  allCoats: number;
  because: StepReason[];
  /** Panels that get this coat, counted within the session, where not all of them do; null for all. */
  partsOf: ((coat: number) => readonly Part[]) | null;
}

export interface SessionOptions {
  key: string;
  /** Key of its pass. */
  pass: string;
  subject: string;
  sections: string[];
  parts: readonly Part[];
  layers: SessionLayer[];
  after: readonly string[];
  faces: Faces;
  /** Sections whose insides are shut, and not touched in this session. */
  shut: string[];
}

export interface Session {
  key: string;
  /** Key of the first coat, whose start closes the window of what lies beneath. */
  firstCoat: string;
  lastCoat: string;
  lastProduct: Product;
  /** The coat from which the window of its last film runs. */
  opens: string;
  unload: string;
}

/** Operations that lay a role. */
const operationByRole: Partial<Record<LayerRole, string>> = {
  ground: 'spray-colour',
  candy: 'spray-cross',
  flake: 'spray-colour',
  intercoat: 'spray-clear',
  colour: 'spray-colour',
  topcoat: 'spray-colour',
  clear: 'spray-clear',
};
export const sprayOf = (role: LayerRole): string => operationByRole[role] ?? 'spray-primer';
const stateByRole: Partial<Record<LayerRole, Step['leaves']>> = {
  etch: 'epoxy',
  promoter: 'sealer',
  ground: 'colour',
  candy: 'colour',
  flake: 'colour',
  intercoat: 'clear',
  epoxy: 'epoxy',
  build: 'high-build',
  sealer: 'sealer',
  colour: 'colour',
  topcoat: 'colour',
  clear: 'clear',
};
const phaseByRole: Partial<Record<LayerRole, Step['phase']>> = {
  etch: 'epoxy',
  epoxy: 'epoxy',
  build: 'build',
  clear: 'clear',
};
/** The stretch of the job that a layer belongs to; loading and wiping go with the first layer of their session. */
const phaseOf = (role: LayerRole): Step['phase'] => phaseByRole[role] ?? 'colour';
/** Above an area the wet edge wants a second painter. */
export const paintersOn = (areaM2: number, figures: Figures): number =>
  areaM2 > figures('session.second-painter') ? 2 : 1;
/** Net litres of one coat over the faces of parts, and past their lines. */
export function litresOf(
  product: Product,
  parts: readonly Part[],
  faces: Faces,
  figures: Figures = usualFigures,
): number {
  const sheet = product.coating!;
  const solids = readySolids(sheet);
  return parts.reduce((sum, part) => {
    const at = { product: product.code, section: baseOf(part.section), panel: part.key };
    const litres = (areaM2: number, shape: Shape | 'inside') =>
      coatLitres(areaM2, sheet.dryUm, solids, transferEfficiency(sheet.method, shape, figures, at));
    const outsideL = faces === 'inside' ? 0 : litres(part.outsideM2 + (part.pastM2 ?? 0), part.shape);
    const isInside = part.insideM2 > 0 && faces !== 'outside';
    return sum + outsideL + (isInside ? litres(part.insideM2, 'inside') : 0);
  }, 0);
}

/**
 * One booth session: load, wipe, coats with their flashes, dust-free, unload, all under one hold of the booth.
 * Coats are linked with max = min(3 × flash, 90 min), so a session never crosses a closing.
 */
export function addSession(draft: StepDraft, options: SessionOptions): Session {
  const { key, subject, sections, parts, faces, shut } = options;
  const hold = key;
  const [opening] = options.layers;
  const phase = opening ? phaseOf(opening.role) : undefined;
  const common = { subject, sections, parts, hold, faces, shut, phase };
  const load = draft.work({
    ...common,
    key: `${key}/load`,
    operation: 'load',
    because: [],
    after: options.after,
  });
  const areaM2 = quantityOf(draft.operation('wipe'), parts, faces).amount;
  const painters = paintersOn(areaM2, draft.figures);
  const wipe = draft.work({
    ...common,
    key: `${key}/wipe`,
    operation: 'wipe',
    because: [],
    after: [],
    crew: painters,
  });
  // Loading is followed by the wipe, so that a booth is not held overnight for a vehicle that only stands in it.
  draft.link(load, wipe, { code: 'order' }, 0, draft.figures('session.load-to-wipe'));
  const { firstCoat, lastCoat, opens, coats } = addCoats(draft, options, { common, painters, areaM2, wipe });
  const lastProduct = options.layers.at(-1)!.product;
  // Nobody enters unprotected until the booth has cleared after the last coat with isocyanate.
  const clearing = lastProduct.hazards.includes('isocyanate') ? draft.figures('session.clearing') : 0;
  const dustFree = Math.max(clearing, draft.waits(lastProduct, 'dustFreeMin', 'booth'));
  const stand = draft.wait(`${key}/dust-free`, 'dust-free', subject, sections, dustFree, hold);
  draft.stepOf(stand).phase = phase ?? 'colour';
  const why: LinkReason = { code: 'dust-free', product: lastProduct.code, airC: draft.airC('booth') };
  draft.link(lastCoat, stand, why, 0, 0);
  const unload = draft.work({
    ...common,
    key: `${key}/unload`,
    operation: 'unload',
    because: [],
    after: [stand],
  });
  draft.stay({ key, kind: 'session', placeKind: 'booth', from: load, to: unload, subject });
  checkShift(draft, key, [wipe, ...coats.map((coat) => coat.key)]);
  return { key, firstCoat, lastCoat, lastProduct, opens, unload };
}

/** What all the coats of a session have in common. */
interface Sprayed {
  common: Pick<SessionOptions, 'subject' | 'sections' | 'parts' | 'faces' | 'shut'> & { hold: string };
  painters: number;
  areaM2: number;
  wipe: string;
}

/** The coats one after another, each within its window of what came before: the wipe, then the flash of the last coat. */
function addCoats(draft: StepDraft, options: SessionOptions, { common, painters, areaM2, wipe }: Sprayed) {
  const { key, sections, parts, faces, layers } = options;
  const coats: { key: string; product: Product }[] = [];
  let last = wipe;
  let window: { min: number; max: number; why: LinkReason } = {
    min: 0,
    // Cleaned panels wait no longer than this; later they are wiped again.
    max: draft.figures('session.wipe-to-coat'),
    why: { code: 'wiped' },
  };
  for (const [at, layer] of layers.entries()) {
    const word = coatWord(layers, at);
    const { product } = layer;
    const flash = draft.waits(product, 'flashMin', 'booth');
    // A short flash stays with the painter; a longer one is plain waiting.
    const attended = flash <= draft.figures('session.attended-flash') ? flash : 0;
    for (let i = 0; i < layer.coats; i += 1) {
      const coat = layer.firstCoat + i;
      const coated = layer.partsOf?.(i + 1) ?? parts;
      const coatedKeys = new Set(coated.map((part) => part.section));
      const isLast = layer === layers.at(-1) && i === layer.coats - 1;
      const step = draft.work({
        ...common,
        parts: coated,
        sections: layer.partsOf ? sections.filter((one) => coatedKeys.has(one)) : sections,
        key: `${key}/${word}-${coat}`,
        operation: sprayOf(layer.role),
        name: `${product.name}, coat ${coat} of ${layer.allCoats}`,
        because: [
          { code: 'layer', role: layer.role, product: product.code, coat, of: layer.allCoats },
          ...layer.because,
        ],
        after: [],
        crew: painters,
        flashMin: isLast ? 0 : attended,
        pass: options.pass,
        phase: phaseOf(layer.role),
        leaves: stateByRole[layer.role] ?? null,
        coat: {
          session: key,
          role: layer.role,
          product: product.code,
          coat,
          of: layer.allCoats,
          areaM2: layer.partsOf ? quantityOf(draft.operation('wipe'), coated, faces).amount : areaM2,
          faces,
          dryUm: product.coating!.dryUm,
          litres: litresOf(product, coated, faces, draft.figures),
        },
      });
      draft.link(last, step, window.why, window.min, window.max);
      coats.push({ key: step, product });
      last = step;
      window = {
        min: flash - attended,
        max: Math.min(3 * flash, 90) - attended,
        why: { code: 'flash', product: product.code, airC: draft.airC('booth') },
      };
    }
  }
  return { firstCoat: coats[0]!.key, lastCoat: last, opens: opensWindow(coats), coats };
}

/** A role that comes again in a session is told apart by how often it came. */
function coatWord(layers: readonly SessionLayer[], at: number): string {
  const { role } = layers[at]!;
  const nth = layers.slice(0, at).filter((one) => one.role === role).length + 1;
  return nth === 1 ? role : `${role}.${nth}`;
}

/** The coat from which the window of the last film runs: its last, or the first of those that are one with it. */
function opensWindow(coats: readonly { key: string; product: Product }[]): string {
  const { product, key } = coats.at(-1)!;
  if (!windowFromFirst.has(product.coating!.family)) return key;
  const other = coats.findLastIndex((one) => one.product !== product);
  return coats[other + 1]!.key;
}

/** Wipe and coats must fit one shift. */
function checkShift(draft: StepDraft, session: string, worked: readonly string[]): void {
  const shiftMin = longestShift(draft);
  const minutes = worked.reduce((sum, key) => sum + draft.stepOf(key).minutes, 0);
  if (minutes > shiftMin) draft.warn({ code: 'session-over-shift', session, minutes, shiftMin });
}

export const longestShift = (draft: StepDraft): number =>
  Math.max(0, ...draft.context.shop.shifts.map((shift) => shift.endMin - shift.startMin));

/** Links the last coat of a session to work on that film: not before it can be sanded. */
export function afterSanding(draft: StepDraft, session: Session, to: string): void {
  const airC = draft.airC('bay');
  const min = draft.waits(session.lastProduct, 'sandAfterMin', 'bay');
  draft.link(session.lastCoat, to, { code: 'sand-after', product: session.lastProduct.code, airC }, min);
}
