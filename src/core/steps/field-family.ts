import type { Pass, Programme } from '../programme';
import type { Figures } from '../figures';
import type { Part } from '../vehicle';
import type { SectionWork } from './section-work';

/** The other lots of the family of a colour: under one clear with it, painted on the same body. */
const othersOf = (work: SectionWork, all: readonly SectionWork[]): SectionWork[] =>
  all.filter((one) => one.over === work.over && one.paintedOn === work.paintedOn && one.lot !== work.lot);

const coloursOf = (works: readonly SectionWork[]): Set<string> =>
  new Set(works.map((one) => one.section.colour));

/** Works of the family that are taped against while this colour is sprayed: what stands, and what is kept free of it. */
export const maskedWith = (work: SectionWork, all: readonly SectionWork[]): SectionWork[] =>
  othersOf(work, all).filter((one) => one.place < work.place || work.keepsFree.has(one.lot));

/** Their colours. */
export const maskedColours = (work: SectionWork, all: readonly SectionWork[]): Set<string> =>
  coloursOf(maskedWith(work, all));

/** Later colours of the family that are left open: this one is sprayed past the line onto them, and they hide it. */
const sprayedOver = (work: SectionWork, all: readonly SectionWork[]): SectionWork[] =>
  work.situation.flags.has('keeps-mask')
    ? othersOf(work, all).filter((one) => one.place > work.place && !work.keepsFree.has(one.lot))
    : [];

/** Earlier works of the family that are sprayed past a line onto this one. */
export function sprayedFirst(work: SectionWork, all: readonly SectionWork[]): SectionWork[] {
  const meets = meetsOf(work);
  return othersOf(work, all).filter(
    (one) => meets.has(one.section.colour) && sprayedOver(one, all).includes(work),
  );
}

/** Colours that a field or what it is cut from meets at a line. */
const meetsOf = ({ group, section }: SectionWork): Set<string> =>
  new Set(group.partsOf(section).flatMap((part) => (part.field?.edges ?? []).map((edge) => edge.to)));

/** A programme whose colours say what they are sprayed onto past their lines. */
export function withPastLines(programme: Programme, all: readonly SectionWork[]): Programme {
  const passes = programme.passes.map((pass) => {
    const own = pass.role === 'colour' ? all.filter((work) => pass.areas.includes(work.section.key)) : [];
    const past = own.flatMap((work) => {
      const meets = meetsOf(work);
      return sprayedOver(work, all).filter((one) => meets.has(one.section.colour));
    });
    return { ...pass, past: [...new Set(past.map((one) => one.section.key))] };
  });
  return { ...programme, passes };
}

/** Panels of a pass as they are sprayed: a colour goes past the lines of colours that come later. */
export function sprayedParts(
  { role }: Pass,
  parts: readonly Part[],
  { works, all }: { works: readonly SectionWork[]; all: readonly SectionWork[] },
  figures: Figures,
): readonly Part[] {
  if (role !== 'colour') return parts;
  const byArea = new Map(works.map((work) => [work.section.key, work]));
  return parts.map((part) => {
    const work = byArea.get(part.section);
    return work ? withPast(part, work, all, figures) : part;
  });
}

/** A panel with what is sprayed past its lines onto fields to come, m²: no more than these fields are wide. */
function withPast(part: Part, work: SectionWork, all: readonly SectionWork[], figures: Figures): Part {
  if (part.field === undefined) return part;
  const open = coloursOf(sprayedOver(work, all));
  const pastLineM = figures('line.past');
  const pastM2 = part.field.edges
    .filter(({ to }) => open.has(to))
    .reduce((sum, edge) => sum + Math.min(edge.m * pastLineM, fieldM2(part, edge.to, work, all)), 0);
  return pastM2 > 0 ? { ...part, pastM2 } : part;
}

/** Area of a colour on a panel, m². */
function fieldM2(part: Part, colour: string, work: SectionWork, all: readonly SectionWork[]): number {
  return othersOf(work, all)
    .filter((one) => one.section.colour === colour)
    .flatMap(({ group, section }) => group.partsOf(section))
    .reduce((sum, one) => (one.key === part.key ? sum + one.outsideM2 : sum), 0);
}
