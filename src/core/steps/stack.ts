import {
  clearBudget,
  filmFiguresOf,
  coatSystemOf,
  effectFamilies,
  ladders,
  gritTakesAt,
  laddersAt,
  levelStandards,
  standardLadder,
  type ClearBudget,
  type CoatingSheet,
  type CoatSystem,
  type Ladder,
  type LadderKey,
  type LayerRole,
  type Product,
  type Shelf,
  type SystemLayer,
} from '../film';
import { figuresFrom } from '../figures';
import { baseOf, type Job, type JobSection, type SchoolChoice } from '../record';
import type { Shop } from '../shop';
import { usualClears } from './usual-clears';

/** Key of the ladder a section is sanded by: the manager's school, else the level's. */
export const ladderKeyOf = (section: Pick<JobSection, 'level' | 'ladder'>): LadderKey =>
  section.ladder ?? levelStandards[section.level].ladder;

type Sanded = Pick<JobSection, 'level' | 'ladder' | 'ways'>;
/** That ladder, as the shop has it. A key nobody knows any more falls back to the level's. */
export const ladderOf = (section: Sanded): Ladder =>
  section.ways?.ladders.find((one) => one.key === ladderKeyOf(section)) ??
  standardLadder(ladderKeyOf(section)) ??
  ladders[levelStandards[section.level].ladder];

/** Sections with their system, grit sequence and figures as this shop and job have them. */
export function withShopWays(
  job: Job,
  { systems, ladders: own, figures: typed }: Pick<Shop, 'systems' | 'ladders' | 'figures'>,
): Job {
  const isUsual = systems.length === 0 && own.length === 0 && typed.length === 0 && job.figures.length === 0;
  if (isUsual) return job;
  const figures = [...typed, ...job.figures];
  const at = figuresFrom(figures);
  const sections = job.sections.map((section) => ({
    ...section,
    ways: {
      system: coatSystemOf(section.system, systems),
      ladders: laddersAt(own, gritTakesAt(at, { section: section.key })),
      systems,
      figures,
    },
  }));
  return { ...job, sections };
}

/** One layer of a section as it will be laid. */
export interface StackLayer {
  role: LayerRole;
  product: Product;
  coats: number;
  dryUm: number;
  /** The manager typed this count; the computed one stands beside it. */
  typed: boolean;
  computedCoats: number;
}

export interface SectionStack {
  layers: StackLayer[];
  clear: ClearBudget | null;
  missing: string[];
  /** Planned dry film in all, µm, before any sanding. */
  totalUm: number;
}

/**
 * The layers of a section from its system, level and depth: epoxy only on bare metal, build per block round, clear by
 * the clear budget. Products that the shelf lacks are listed and left out.
 */
export function stackOf(section: JobSection, shelf: Shelf): SectionStack {
  const system = section.ways?.system ?? coatSystemOf(section.system);
  const standard = levelStandards[section.level];
  const lead = section.lead ?? section.level;
  const layers: StackLayer[] = [];
  const missing: string[] = [];
  let clear: ClearBudget | null = null;
  const all = system ? withLock(layersOn(section, system), section, shelf) : [];
  for (const [at, layer] of all.entries()) {
    const product = shelf.get(underColour(layer, section.schools.sealer));
    if (!product?.coating) {
      missing.push(layer.product);
      continue;
    }
    const { dryUm } = product.coating;
    let computed = 0;
    switch (layer.coats.rule) {
      case 'fixed':
        computed = layer.coats.count;
        break;
      case 'level':
        computed = layer.coats.byLevel[lead];
        break;
      case 'per-round':
        // Nothing is built up and blocked over a finish that is only scuffed.
        computed =
          section.depth === 'scuff'
            ? 0
            : layer.coats.count *
              Math.max(section.depth === 'bare' ? 1 : 0, section.rounds.build ?? standard.blockRounds);
        break;
      case 'budget':
        clear = clearsOf(section, product.coating);
        computed = clear.coats;
    }
    if (layer.role === 'sealer' && section.schools.sealer === 'none') computed = 0;
    // Etch bites metal; plastic has its promoter.
    if (layer.role === 'etch' && section.substrate === 'plastic') computed = 0;
    if (layer.role === 'promoter' && section.substrate !== 'plastic') computed = 0;
    if (
      section.level === 'Keep' ||
      ((layer.role === 'epoxy' || layer.role === 'etch') && section.depth !== 'bare')
    )
      computed = 0;
    // A count that is typed is that of the topmost layer of its role.
    const isTopmost = all.findLastIndex((one) => one.role === layer.role) === at;
    const typedCoats = isTopmost ? section.coats[layer.role] : undefined;
    const coats = typedCoats ?? computed;
    const typed = typedCoats !== undefined;
    if (coats > 0 || typed)
      layers.push({ role: layer.role, product, coats, dryUm, typed, computedCoats: computed });
  }
  return { layers, clear, missing, totalUm: layers.reduce((sum, one) => sum + one.coats * one.dryUm, 0) };
}

/**
 * The layers of a system on what a section is made of: bare plastic holds no film without a promoter beneath it; bare metal
 * among plastic panels gets epoxy where they get their promoter.
 */
function layersOn({ substrate, depth }: JobSection, { layers, route }: CoatSystem): readonly SystemLayer[] {
  if (route !== 'panel' || depth !== 'bare') return layers;
  const has = (...roles: readonly LayerRole[]) => layers.some((layer) => roles.includes(layer.role));
  if (substrate === 'plastic') return has('promoter') ? layers : [once('promoter', 'promoter'), ...layers];
  const isForPlastic = has('promoter') && !has('etch', 'epoxy', 'primer');
  return isForPlastic && metals.has(substrate) ? [once('epoxy', 'epoxy-primer'), ...layers] : layers;
}

/** Effect colours that are taped before they are cleared get a coat of inter-coat clear beneath the tape. */
function withLock(
  layers: readonly SystemLayer[],
  { clearOver }: JobSection,
  shelf: Shelf,
): readonly SystemLayer[] {
  const isEffect = ({ product }: SystemLayer) => {
    const sheet = shelf.get(product)?.coating;
    return sheet !== undefined && sheet !== null && effectFamilies.has(sheet.family);
  };
  const at = layers.findLastIndex((layer) => layer.role === 'clear');
  const colour = layers[at - 1];
  if (clearOver === undefined || !colour || colour.role === 'intercoat' || !layers.some(isEffect))
    return layers;
  return [...layers.slice(0, at), once('intercoat', 'inter-clear'), ...layers.slice(at)];
}

const metals: ReadonlySet<JobSection['substrate']> = new Set(['steel', 'galvanised', 'aluminium']);
const once = (role: LayerRole, product: string): SystemLayer => ({
  role,
  product,
  coats: { rule: 'fixed', count: 1 },
});

/** Clears by the budget of the highest level that shares the session; what its own ladder takes of them. */
function clearsOf(section: JobSection, sheet: CoatingSheet): ClearBudget {
  const lead = { ...section, level: section.lead ?? section.level };
  const asked = {
    coatUm: sheet.dryUm,
    productMinimum: sheet.coatsLeast,
    sessions: {
      most: sheet.coatsPerSession,
      cut: (section.schools.clears ?? usualClears(lead.level)) === 'cut-and-clear',
    },
    figures: filmFiguresOf(figuresFrom(section.ways?.figures ?? []), { section: baseOf(section.key) }),
  };
  const levelMinimum = Math.max(1, levelStandards[lead.level].clearCoats);
  const together = clearBudget({ ...asked, ladder: ladderOf(lead), levelMinimum });
  return section.lead === undefined
    ? together
    : clearBudget({ ...asked, ladder: ladderOf(section), levelMinimum: together.coats });
}

/** What is laid under the colour: the system's sealer, or epoxy wet on wet in its place. */
const underColour = (layer: SystemLayer, school: SchoolChoice['sealer']): string =>
  layer.role === 'sealer' && school === 'epoxy-wet' ? 'epoxy-sealer' : layer.product;
