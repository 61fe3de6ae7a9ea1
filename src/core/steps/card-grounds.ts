import { hiddenBelow } from '../colour';
import { lookOver } from '../film';
import { colourOfKey, type Job } from '../record';
import type { CardGround } from './card-ground';
import { colourGrounds, groundPastLine, type ColourGround } from './colour-grounds';
import { sprayedFirst } from './field-family';
import type { SectionWork } from './section-work';

/**
 * Grounds that want a card of their own, by the area that meets them: what another undercoat does to a colour that shines
 * through or does not hide it in the coats planned, and an earlier colour at a line that does. A ground under which nobody
 * sees a difference (ΔE00 below 1) wants none.
 */
export function cardGrounds(job: Job, works: readonly SectionWork[]): Map<SectionWork, CardGround[]> {
  const own = new Map<string, ColourGround>();
  const found = new Map<SectionWork, CardGround[]>();
  for (const work of works) {
    const grounds = [...underOf(job, work, own), ...pastLinesOf(job, work, works)];
    const isFirst = (one: CardGround, i: number) => grounds.findIndex((g) => isOneCard(g, one)) === i;
    found.set(work, grounds.filter(isFirst));
  }
  return found;
}

const isOneCard = (a: CardGround, b: CardGround): boolean => a.card === b.card && a.word === b.word;

/** Undercoats of an area that are not those of the first card of their colour. @param own that ground by card; added to */
function underOf(job: Job, work: SectionWork, own: Map<string, ColourGround>): CardGround[] {
  const { group, section } = work;
  const stackOf = (_: unknown, face: ColourGround['face']) =>
    face === 'inside' ? group.insideStackOf(section) : group.stackOf(section);
  return colourGrounds(job, [section], stackOf).flatMap((row): CardGround[] => {
    const card = row.face === 'outside' ? work.colour : work.insideColour;
    if (card === null || row.ground === null) return [];
    const place = `${card}|${row.layer.role}`;
    const first = own.get(place);
    if (!first) own.set(place, row);
    if (!first || first.groundProduct === row.groundProduct) return [];
    const deltaE = first.dye
      ? lookOver(first.dye, row.ground, row.layer.coats).deltaE
      : (row.hiding?.leftAfter ?? 0);
    if (deltaE < hiddenBelow) return [];
    const colour = colourOfKey(job, row.colour).name;
    return [{ card, word: row.groundProduct, colour, ground: row.ground.name, deltaE }];
  });
}

/** Earlier colours that are sprayed past a line onto an area and show there. */
function pastLinesOf(job: Job, work: SectionWork, all: readonly SectionWork[]): CardGround[] {
  return sprayedFirst(work, all).flatMap((first): CardGround[] => {
    const seen = groundPastLine(job, first.section, work.section, () => work.group.stackOf(work.section));
    if (!seen || seen.deltaE < hiddenBelow) return [];
    const colour = colourOfKey(job, work.section.colour).name;
    return [
      { card: work.colour, word: first.section.colour, colour, ground: seen.ground, deltaE: seen.deltaE },
    ];
  });
}
