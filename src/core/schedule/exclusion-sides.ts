import type { ScheduleModel } from './model';

/**
 * Which exclusions a step or hold with these tags takes part in when it uses these resources: for each exclusion bit 1 as
 * `a`, bit 2 as `b`.
 */
export function exclusionSides(
  { exclusions }: ScheduleModel,
  idsOf: (ids: readonly string[]) => number[],
): (tags: readonly string[], taken: Int32Array) => Uint8Array {
  const where = exclusions.map((one) => new Set(idsOf(one.resources)));
  const none = new Uint8Array(exclusions.length);
  return (tags, taken) => {
    if (tags.length === 0 || exclusions.length === 0) return none;
    return Uint8Array.from(exclusions, (one, x) => {
      if (!taken.some((r) => where[x]!.has(r))) return 0;
      return (tags.includes(one.a) ? 1 : 0) | (tags.includes(one.b) ? 2 : 0);
    });
  };
}
