import type { PlannedPass } from '../plan/model';

/**
 * Colours that share one clear, by the scope of their passes: they are masked round once, and nothing else of their body
 * is sprayed between them. A colour with a clear of its own has none.
 */
export function colourFamilies(
  passes: readonly Pick<PlannedPass, 'role' | 'scope' | 'areas'>[],
): Map<string, string> {
  const families = new Map<string, string>();
  const colours = passes.filter((pass) => pass.role === 'colour');
  for (const clear of passes.filter((pass) => pass.role === 'clear')) {
    const own = colours.filter((colour) => colour.areas.some((area) => clear.areas.includes(area)));
    if (own.length > 1)
      for (const colour of own) families.set(colour.scope, families.get(colour.scope) ?? clear.scope);
  }
  return families;
}

/** Colours of a body in their order, those of one family together. */
export function inFamilies<T extends { scope: string }>(
  colours: readonly T[],
  families: ReadonlyMap<string, string>,
): T[][] {
  const blocks: T[][] = [];
  for (const colour of colours) {
    const family = families.get(colour.scope);
    const last = blocks.at(-1);
    if (last && family !== undefined && families.get(last[0]!.scope) === family) last.push(colour);
    else blocks.push([colour]);
  }
  return blocks;
}
