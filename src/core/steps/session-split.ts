import type { LayerRole, Product } from '../film';
import type { Part } from '../vehicle';
import { crewMinutes, quantityOf, type Faces } from './labour';
import { longestShift, paintersOn, sprayOf, type SessionLayer } from './session';
import type { StepDraft } from './draft';

export interface Unsplit {
  layers: readonly SessionLayer[];
  parts: readonly Part[];
  faces: Faces;
}

/**
 * What a film suffers when it stands overnight between two sessions, and is masked, wiped and dusted anew: a buried clear or
 * an inter-coat clear is made for it, a dense colour bears it, effect colours and candies show it.
 */
const breakAfter: Partial<Record<LayerRole, number>> = {
  clear: 0,
  intercoat: 0,
  colour: 1,
  topcoat: 1,
  epoxy: 1,
  build: 1,
  sealer: 2,
  ground: 3,
  flake: 4,
  candy: 6,
};
const usualBreak = 2;
/** A session more weighs more than any choice of breaks, a session over its shift more than some more of them. */
const aSession = 1000;
const overShift = 20 * aSession;

/**
 * The layers of a pass in as few sessions as each fit a shift, from loading to the last coat, a further one after the last
 * was unloaded. They are broken between layers, where the film beneath bears it best, and where a product would lie thicker
 * than it bears in one session. A layer is never broken: what no shift holds is left to a warning.
 */
export function splitByShift(draft: StepDraft, pass: Unsplit): SessionLayer[][] {
  const { layers } = pass;
  const shiftMin = longestShift(draft);
  const loadMin = moveMinutes(draft, 'load');
  const unloadMin = moveMinutes(draft, 'unload');
  const wipeMin = loadMin + wipeMinutes(draft, pass);
  const spans = layers.map((layer) => layerSpan(draft, pass, layer));
  const all =
    wipeMin + spans.reduce((sum, { coatsMin }) => sum + coatsMin, 0) - (spans.at(-1)?.lastFlashMin ?? 0);
  if (layers.length < 2 || (all <= shiftMin && tooThick(layers) === 0)) return [[...layers]];
  /** The cheapest way to lay all layers below an index, and where its last session begins. */
  const best: { cost: number; from: number }[] = [{ cost: 0, from: 0 }];
  for (let to = 1; to <= layers.length; to += 1) {
    let found = { cost: Number.POSITIVE_INFINITY, from: 0 };
    let span = wipeMin - spans[to - 1]!.lastFlashMin;
    for (let from = to - 1; from >= 0; from -= 1) {
      span += spans[from]!.coatsMin;
      const over =
        Math.max(0, span + (from > 0 ? unloadMin : 0) - shiftMin) + tooThick(layers.slice(from, to));
      const kept = from === 0 ? 0 : (breakAfter[layers[from - 1]!.role] ?? usualBreak);
      const cost = best[from]!.cost + aSession + (over > 0 ? overShift + over : 0) + kept;
      if (cost < found.cost) found = { cost, from };
    }
    best.push(found);
  }
  const lists: SessionLayer[][] = [];
  for (let to = layers.length; to > 0; to = best[to]!.from) lists.unshift(layers.slice(best[to]!.from, to));
  return lists.map((list, i) =>
    i === 0
      ? list
      : list.map((layer) => ({ ...layer, because: [...layer.because, { code: 'shift-limit' as const }] })),
  );
}

/** Coats of one product beyond what it bears in a session, where it comes in several layers of one. */
function tooThick(layers: readonly SessionLayer[]): number {
  const coats = new Map<Product, number>();
  const comesAgain = layers.some((one, i) =>
    layers.slice(0, i).some((other) => other.product === one.product),
  );
  if (!comesAgain) return 0;
  for (const layer of layers) coats.set(layer.product, (coats.get(layer.product) ?? 0) + layer.coats);
  return [...coats].reduce(
    (sum, [product, own]) =>
      sum + Math.max(0, own - (product.coating?.coatsPerSession ?? Number.POSITIVE_INFINITY)),
    0,
  );
}

function moveMinutes(draft: StepDraft, operation: 'load' | 'unload'): number {
  const { worked, crew } = draft.reckon({ operation, parts: [] });
  return crewMinutes(worked, crew, draft.figures);
}

function wipeMinutes(draft: StepDraft, { parts, faces }: Unsplit): number {
  const areaM2 = quantityOf(draft.operation('wipe'), parts, faces).amount;
  const { worked, crew } = draft.reckon({
    operation: 'wipe',
    parts,
    faces,
    crew: paintersOn(areaM2, draft.figures),
  });
  return crewMinutes(worked, crew, draft.figures);
}

/** Minutes of all coats of a layer with the flash after each, and the flash after its last. */
function layerSpan(draft: StepDraft, { parts, faces }: Unsplit, layer: SessionLayer) {
  const areaM2 = quantityOf(draft.operation('wipe'), parts, faces).amount;
  const flashMin = draft.waits(layer.product, 'flashMin', 'booth');
  let coatsMin = 0;
  for (let coat = 1; coat <= layer.coats; coat += 1) {
    const own = layer.partsOf?.(coat) ?? parts;
    const operation = sprayOf(layer.role);
    const { worked, crew } = draft.reckon({
      operation,
      parts: own,
      faces,
      crew: paintersOn(areaM2, draft.figures),
    });
    coatsMin += crewMinutes(worked, crew, draft.figures) + flashMin;
  }
  return { coatsMin, lastFlashMin: flashMin };
}
