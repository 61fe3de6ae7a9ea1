import type { Product } from '../film';
import type { Laying } from './laying';
import { litresOf } from './session';
import type { StepDraft } from './draft';
import type { StackLayer } from './stack';
import type { LinkReason } from './step';
import type { Task } from './task-model';

/** Coats by roller or brush, sanded between where the product asks for it. @returns the last step */
export function layRolled(laying: Laying, task: Task, hold: string | null, start: readonly string[]): string {
  const { draft } = laying;
  const section = task.sections[0]!;
  const { group, situation } = laying.works.get(section.key)!;
  const parts = group.partsOf(section);
  const common = { subject: section.name, sections: [section.key], parts, hold };
  const laid = group
    .stackOf(section)
    .layers.filter((layer) => task.operation.lays.includes(layer.role) && layer.coats > 0);
  let last: string | null = null;
  let beneath: Product | null = null;
  for (const layer of laid) {
    for (let coat = 1; coat <= layer.coats; coat += 1) {
      const of = { role: layer.role, product: layer.product.code, coat, of: layer.coats };
      const sanded = beneath !== null && sandsBetween(layer, coat);
      if (sanded) {
        const sand = draft.work({
          ...common,
          key: `${section.key}/sand-${layer.role}-${coat}`,
          operation: 'sand-between',
          because: [{ code: 'layer', ...of }],
          after: [],
        });
        follow(draft, last!, sand, beneath!, 'sand');
        last = sand;
      }
      const key = draft.work({
        ...common,
        key: `${section.key}/${layer.role}-${coat}`,
        operation: situation.schools.application === 'brush' ? 'brush' : 'roll',
        name: `${layer.product.name}, coat ${coat} of ${layer.coats}`,
        phase: layer.role === 'topcoat' ? 'colour' : 'build',
        because: [{ code: 'layer', ...of }, ...(layer.typed ? [{ code: 'typed-coats' as const }] : [])],
        after: last === null ? start : sanded ? [last] : [],
        leaves: looks[layer.role] ?? 'high-build',
        coat: {
          session: `${section.key}/${layer.role}-${coat}`,
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
  laying.standing.set(section.key, film);
  laying.topmost.set(section.key, film);
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
