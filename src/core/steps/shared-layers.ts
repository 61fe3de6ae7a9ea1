import type { JobSection } from '../record';
import type { Laying } from './laying';
import type { SectionStack, StackLayer } from './stack';
import type { Task } from './task-model';

/** The layers of an area as they will be laid. */
export const stackOf = (laying: Laying, section: JobSection): SectionStack =>
  laying.works.get(section.key)!.group.stackOf(section);

/** How many coats of a layer an area gets in a session. */
export type CoatsOf = (layer: StackLayer, section: JobSection) => number;

export const allOf: CoatsOf = (layer) => layer.coats;

/** Primers that are sprayed before the colour: a promoter goes on in the session of the film that it is to hold. */
const primers: ReadonlySet<string> = new Set(['etch', 'epoxy', 'primer', 'build']);

function laidBy({ lays }: Task['operation'], { layers }: SectionStack): StackLayer[] {
  const laid = layers.filter((layer) => layer.coats > 0);
  const isPrimed = laid.some((layer) => primers.has(layer.role));
  const own = laid.filter((layer) => lays.includes(layer.role));
  const primes = own.some((layer) => primers.has(layer.role));
  return own.filter((layer) => layer.role !== 'promoter' || primes === isPrimed);
}

/**
 * Layers that the sections of a session lay together: each by role and product, with the coats of the section that has
 * most of it; a coat goes on the panels of those sections that have it.
 */
export function sharedLayers(laying: Laying, task: Task, coatsOf: CoatsOf) {
  const { operation, sections } = task;
  const stacks = sections.map((section) => ({
    section: section.key,
    layers: laidBy(operation, stackOf(laying, section)).map((layer) => ({
      ...layer,
      coats: coatsOf(layer, section),
    })),
  }));
  const same = (a: StackLayer, b: StackLayer) => a.role === b.role && a.product.code === b.product.code;
  const all: StackLayer[] = [];
  for (const layer of stacks.flatMap((one) => one.layers)) {
    const at = all.findIndex((one) => same(one, layer));
    if (at < 0) all.push(layer);
    else if (all[at]!.coats < layer.coats) all[at] = layer;
  }
  const role = (layer: StackLayer) => operation.lays.indexOf(layer.role);
  const parts = laying.partsOf(task);
  return all
    .filter((layer) => layer.coats > 0)
    .sort((a, b) => role(a) - role(b))
    .map((layer) => {
      const has = (coat: number) =>
        new Set(
          stacks.flatMap(({ section, layers }) =>
            layers.some((one) => same(one, layer) && one.coats >= coat) ? [section] : [],
          ),
        );
      const isShared = has(layer.coats).size === sections.length;
      const partsOf = (coat: number) => parts.filter((part) => has(coat).has(part.section));
      return { layer, partsOf: isShared ? null : partsOf };
    });
}
