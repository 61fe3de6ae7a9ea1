import type { Programme } from '../programme';
import type { JobSection } from '../record';
import type { Part } from '../vehicle';

/** Where two work areas in different colours meet on a panel. */
export interface FieldLine {
  panel: string;
  a: JobSection;
  b: JobSection;
  /** The one that lies on the other at the line, since that was sprayed past it; null where neither does. */
  over: JobSection | null;
}

/** The lines between the fields of a job, each once. @param areas as they are worked @param parts with the area of each */
export function fieldLines(
  areas: readonly JobSection[],
  parts: readonly Part[],
  { passes }: Pick<Programme, 'passes'>,
): FieldLine[] {
  const byKey = new Map(areas.map((area) => [area.key, area]));
  const past = new Map(
    passes
      .filter((pass) => pass.role === 'colour')
      .flatMap((pass) => pass.areas.map((area) => [area, new Set(pass.past)] as const)),
  );
  const isPast = (from: JobSection, onto: JobSection) => past.get(from.key)?.has(onto.key) ?? false;
  const onPanel = new Map<string, Map<string, JobSection>>();
  for (const part of parts.filter((one) => one.field !== undefined)) {
    const area = byKey.get(part.section);
    const before = onPanel.get(part.key) ?? new Map<string, JobSection>();
    if (area) onPanel.set(part.key, before.set(area.colour, area));
  }
  return parts.flatMap((part) =>
    (part.field?.edges ?? []).flatMap((edge): FieldLine[] => {
      const [a, b] = [byKey.get(part.section), onPanel.get(part.key)?.get(edge.to)];
      if (!a || !b || a.colour >= b.colour) return [];
      return [{ panel: part.key, a, b, over: isPast(a, b) ? b : isPast(b, a) ? a : null }];
    }),
  );
}
