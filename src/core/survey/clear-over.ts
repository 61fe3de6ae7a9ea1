import { coatSystemOf, levels, type Level } from '../film';
import type { JobSection } from '../record';

/**
 * Colours that get one clear over all of them: painted sections of one body whose method is that, with the same clear and
 * worked alike to the end. All get the clears of the highest level among them. One colour alone is cleared by itself.
 */
export function withClearOver(sections: readonly JobSection[]): JobSection[] {
  const together = new Map<string, JobSection[]>();
  for (const section of sections) {
    const shared = sharedClear(section);
    if (shared !== null) together.set(shared, [...(together.get(shared) ?? []), section]);
  }
  for (const [shared, own] of together) if (new Set(own.map(colourOf)).size < 2) together.delete(shared);
  return sections.map((section) => {
    const clearOver = sharedClear(section);
    const own = clearOver === null ? undefined : together.get(clearOver);
    if (clearOver === null || !own) return section;
    const lead = own.reduce<Level>((most, one) => higher(most, one.lead ?? one.level), section.level);
    const over = { ...section, clearOver };
    return lead === section.level ? over : { ...over, lead };
  });
}

const higher = (a: Level, b: Level): Level => (levels.indexOf(b) > levels.indexOf(a) ? b : a);

const colourOf = ({ colour, system }: JobSection): string => JSON.stringify([colour, system]);

/** What sections must have in common to be cleared in one session; null where a section is cleared by itself. */
function sharedClear({ group, loose, level, schools, system, ways, coats }: JobSection): string | null {
  if (loose || level === 'Keep' || schools['clear-over'] !== 'all') return null;
  const laid = ways?.system ?? coatSystemOf(system);
  const clear = laid?.layers.findLast((layer) => layer.role === 'clear');
  if (laid?.route !== 'panel' || !clear) return null;
  // Texture under the colour keeps no clear apart; over it, it does.
  const texture = schools.texture === 'after-colour' ? schools.texture : 'none';
  const worked = [schools.clears, schools['polish-time'], schools.tape, texture];
  return JSON.stringify([group, clear.product, coats.clear ?? '', ...worked.map((one) => one ?? '')]);
}
