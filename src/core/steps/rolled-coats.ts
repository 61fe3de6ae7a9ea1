import type { Product } from '../film';
import { keysOf, leading } from './group';
import type { Laying } from './laying';
import { allOf, sharedLayers } from './shared-layers';
import { litresOf } from './session';
import type { StepDraft } from './draft';
import type { StackLayer } from './stack';
import type { LinkReason } from './step';
import type { Task } from './task-model';

/** Coats by roller or brush, sanded between where the product asks for it. @returns the last step */
export function layRolled(laying: Laying, task: Task, hold: string | null, start: readonly string[]): string {
  const { draft } = laying;
  const { situation } = laying.works.get(leading(task.sections).key)!;
  let last: string | null = null;
  let beneath: Product | null = null;
  for (const { layer, partsOf } of sharedLayers(laying, task, allOf)) {
    for (let coat = 1; coat <= layer.coats; coat += 1) {
      const parts = partsOf?.(coat) ?? laying.partsOf(task);
      const coated = new Set(parts.map((part) => part.section));
      const sections = keysOf(task.sections).filter((key) => coated.has(key));
      const common = { subject: laying.subjectOf(task), sections, parts, hold };
      const of = { role: layer.role, product: layer.product.code, coat, of: layer.coats };
      const sanded = beneath !== null && sandsBetween(layer, coat);
      if (sanded) {
        const sand = draft.work({
          ...common,
          key: `${task.scope}/sand-${layer.role}-${coat}`,
          operation: 'sand-between',
          because: [{ code: 'layer', ...of }],
          after: [],
        });
        follow(draft, last!, sand, beneath!, 'sand');
        last = sand;
      }
      const key = draft.work({
        ...common,
        key: `${task.scope}/${layer.role}-${coat}`,
        operation: situation.schools.application === 'brush' ? 'brush' : 'roll',
        name: `${layer.product.name}, coat ${coat} of ${layer.coats}`,
        phase: layer.role === 'topcoat' ? 'colour' : 'build',
        because: [{ code: 'layer', ...of }, ...(layer.typed ? [{ code: 'typed-coats' as const }] : [])],
        after: last === null ? start : sanded ? [last] : [],
        leaves: looks[layer.role] ?? 'high-build',
        coat: {
          session: `${task.scope}/${layer.role}-${coat}`,
          ...of,
          areaM2: parts.reduce((sum, part) => sum + part.outsideM2, 0),
          faces: 'both',
          dryUm: layer.dryUm,
          litres: litresOf(layer.product, parts, 'both'),
        },
      });
      if (!sanded && last !== null) follow(draft, last, key, beneath!, 'recoat');
      last = key;
      beneath = layer.product;
    }
  }
  const film = { key: task.key, firstCoat: last!, lastCoat: last!, lastProduct: beneath!, unload: last! };
  for (const section of task.sections) {
    laying.standing.set(section.key, film);
    laying.topmost.set(section.key, film);
  }
  return last!;
}

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
    to,
    product: product.code,
    maxMin,
    sections,
    face: 'outside',
  });
}
