import type { Product } from '../film';
import { areasOfCoat, type Pass } from '../programme';
import type { Schools } from '../record';
import type { Part } from '../vehicle';
import { keysOf, leading } from './group';
import { layerBehind } from './lay-pass';
import type { SectionWork } from './section-work';
import { litresOf, type Session } from './session';
import type { StepDraft } from './draft';
import type { StackLayer } from './stack';
import type { LinkReason } from './step';

export interface RolledPass {
  pass: Pass;
  /** Whether its coats are what the whole surface looks like; patches are not. */
  leaves: boolean;
  /** Key of the task, and what its steps are named by. */
  key: string;
  scope: string;
  works: readonly SectionWork[];
  parts: readonly Part[];
  subject: string;
  hold: string | null;
  after: readonly string[];
}

/** Coats by roller or brush, sanded between where the product asks for it. @returns the film they leave */
export function rollPass(draft: StepDraft, rolled: RolledPass): Session {
  const { pass, works, scope, hold, subject } = rolled;
  const all = works.map((work) => work.section);
  const { schools } = works.find((work) => work.section === leading(all))!.situation;
  let last: string | null = null;
  let beneath: Product | null = null;
  for (const film of pass.films) {
    const layer = layerBehind(works, film);
    for (let coat = 1; coat <= film.coats; coat += 1) {
      const coated = new Set(areasOfCoat(film, coat));
      const parts = rolled.parts.filter((part) => coated.has(part.section));
      const sections = keysOf(all).filter((key) => coated.has(key));
      const common = { subject, sections, parts, hold };
      const of = { role: layer.role, product: layer.product.code, coat, of: film.coats };
      const sanded = beneath !== null && sandsBetween(layer, coat);
      if (sanded) {
        const sand = draft.work({
          ...common,
          key: `${scope}/sand-${layer.role}-${coat}`,
          operation: 'sand-between',
          because: [{ code: 'layer', ...of }],
          after: [],
        });
        follow(draft, last!, sand, beneath!, 'sand');
        last = sand;
      }
      const key = draft.work({
        ...common,
        key: `${scope}/${layer.role}-${coat}`,
        operation: schools.application === 'brush' ? 'brush' : 'roll',
        crew: isTipped(layer, schools.application, parts) ? 2 : 1,
        name: `${layer.product.name}, coat ${coat} of ${film.coats}`,
        phase: layer.role === 'topcoat' ? 'colour' : 'build',
        because: [{ code: 'layer', ...of }, ...(layer.typed ? [{ code: 'typed-coats' as const }] : [])],
        after: last === null ? rolled.after : sanded ? [last] : [],
        leaves: rolled.leaves ? (looks[layer.role] ?? 'high-build') : null,
        pass: pass.key,
        coat: {
          session: `${scope}/${layer.role}-${coat}`,
          ...of,
          areaM2: parts.reduce((sum, part) => sum + part.outsideM2, 0),
          faces: 'both',
          dryUm: layer.dryUm,
          litres: litresOf(layer.product, parts, 'both', draft.figures),
        },
      });
      if (!sanded && last !== null) follow(draft, last, key, beneath!, 'recoat');
      last = key;
      beneath = layer.product;
    }
  }
  return {
    key: rolled.key,
    firstCoat: last!,
    lastCoat: last!,
    opens: last!,
    lastProduct: beneath!,
    unload: last!,
  };
}

/** From this area one rolls a topcoat and another tips it, m²; less is done by one before the edge is dry. */
const tippedM2 = 4;
const isTipped = ({ role }: StackLayer, how: Schools['application'], parts: readonly Part[]): boolean =>
  role === 'topcoat' && how === 'roller' && parts.reduce((sum, part) => sum + part.outsideM2, 0) > tippedM2;

const looks: Partial<Record<string, 'colour' | 'epoxy'>> = {
  topcoat: 'colour',
  antifouling: 'colour',
  barrier: 'epoxy',
};

/** Enamels and primers are sanded before every further coat; barrier and antifouling go on while the last still takes. */
const sandsBetween = (layer: StackLayer, coat: number): boolean =>
  layer.role === 'topcoat' || (layer.role === 'primer' && coat > 1);
function follow(draft: StepDraft, from: string, to: string, product: Product, how: 'sand' | 'recoat'): void {
  const airC = draft.airC('bay');
  if (how === 'sand') {
    const why: LinkReason = { code: 'sand-after', product: product.code, airC };
    draft.link(from, to, why, draft.waits(product, 'sandAfterMin', 'bay'));
    return;
  }
  draft.link(
    from,
    to,
    { code: 'flash', product: product.code, airC },
    draft.waits(product, 'flashMin', 'bay'),
  );
  const maxMin = draft.closes(product, 'recoatMaxMin', 'bay');
  if (maxMin === null) return;
  const { sections } = draft.stepOf(to);
  draft.softWindow({
    key: `${from}>${to}`,
    from,
    lastCoat: from,
    to,
    product: product.code,
    maxMin,
    sections,
    face: 'outside',
  });
}
