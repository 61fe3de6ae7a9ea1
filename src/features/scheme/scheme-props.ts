import type { Plan, PlannedPass } from '@/core/plan';
import { colourOfKey, isOfField, type Job, type Sample } from '@/core/record';
import { colourAreas } from '@/core/readings/colour-areas';
import { boundsOf, type Point } from '@/core/geometry';
import { isGroundCoat, isUpperRole, systemsWith, type Product } from '@/core/film';
import type { Shop } from '@/core/shop';
import { localDateOf, type Minute } from '@/core/units';
import { bodyKindOf } from '@/core/vehicle';
import type { Locale } from '../words/format';
import type { AlternativesProps } from './alternatives-view';
import { colourFamilies, inFamilies } from '@/core/readings/colour-families';
import type { ColourShown, SystemChoice } from './colours-table';
import { filmsWords, orderWords, passWords } from '../words/pass-words';

/** The colours of a job with what gets each: sections, and what is laid out; areas as they are planned. */
export function coloursShown(job: Job, plan: Plan, versions: Record<string, number>): ColourShown[] {
  const areas = colourAreas(job, plan);
  return job.colours.map((colour) => {
    const isOf = (one: { colour: string | null }) => one.colour === colour.id;
    const outlined = job.constructions.filter(
      ({ shape }) => shape.kind === 'band' && shape.outline?.colour === colour.id,
    );
    return {
      ...colour,
      seen: versions[`${job.number}/${colour.id}`]!,
      usedBy: [
        ...job.sections.filter(isOf).map((section) => section.name),
        ...job.sections
          .filter((section) => section.insideColour === colour.id)
          .map((section) => `insides of ${section.name}`),
        ...job.constructions.filter(isOf).map((one) => one.name),
        ...outlined.map((one) => `outline of ${one.name}`),
        ...job.looseItems.filter(isOf).map((one) => one.what),
      ],
      areaM2: areas.get(colour.id) ?? 0,
    };
  });
}

/** Area of a section outside and inside, fields that are cut from it and lots among it. */
export function areasOf(plan: Plan, section: string): { outsideM2: number; insideM2: number } {
  const own = plan.sections.filter((one) => one.base === section);
  return {
    outsideM2: own.reduce((sum, one) => sum + one.outsideM2, 0),
    insideM2: own.reduce((sum, one) => sum + one.insideM2, 0),
  };
}

/** Sealers of the shelf that can be sprayed as a ground coat; a hull is laid by roller and has none. */
export const groundChoices = ({ bodyKind }: Job, shelf: Iterable<Product>): SystemChoice[] =>
  bodyKindOf(bodyKind)?.route === 'hull'
    ? []
    : [...shelf].filter(isGroundCoat).map(({ code, name }) => ({ value: code, text: name }));

/** The samples of a job with the row versions that guard their edits. */
export const samplesOf = (
  { number, samples }: Job,
  versions: Record<string, number>,
): (Sample & { seen: number })[] =>
  samples.map((one) => ({ ...one, seen: versions[`${number}/${one.id}`] ?? 1 }));

/** Coat systems that have a colour and go on this kind of body. */
export function systemChoices({ bodyKind }: Job, { systems }: Pick<Shop, 'systems'>): SystemChoice[] {
  const route = bodyKindOf(bodyKind)?.route ?? 'panel';
  return systemsWith(systems)
    .filter((one) => one.route === route && one.layers.some(({ role }) => isUpperRole(role)))
    .map(({ key, name }) => ({ value: key, text: name }));
}

/** The schemes that are kept beside the one that is planned, and the attempts at a match. */
export function alternativesProps(
  job: Job,
  versions: Record<string, number>,
  { planHash, locale, now }: { planHash: string; locale: Locale; now: Minute },
): AlternativesProps {
  const seen = (id: string) => versions[`${job.number}/${id}`]!;
  return {
    job: job.number,
    planHash,
    kept: job.alternatives.map(({ scheme: _scheme, ...one }) => ({ ...one, seen: seen(one.id) })),
    attempts: job.matchAttempts.map((one) => ({ ...one, seen: seen(one.id) })),
    colours: job.colours.map(({ id, name }) => ({ id, name })),
    today: localDateOf(now, locale.timeZone),
    locale,
  };
}

/** What the storyboard draws: a shape for each colour that goes on, and its name. */
export interface BoardPictures {
  viewBox: string;
  /** By the key of a colour as orders name it: outlines of all that gets it. */
  shapes: Record<string, { name: string; hex: string; d: string }>;
  planHash: string;
}

/** Width of a small picture in its own units. */
const boardUnits = 200;

export function boardPictures(job: Job, plan: Plan, planHash: string): BoardPictures {
  const { left, right, top, bottom } = boundsOf(plan.parts.flatMap((part) => part.outline));
  const scale = boardUnits / Math.max(0.1, right - left);
  const ring = (points: readonly Point[]) =>
    `M${points.map(([x, y]) => `${((x - left) * scale).toFixed(1)} ${((y - top) * scale).toFixed(1)}`).join('L')}Z`;
  // Fields are drawn over the panels they are cut from.
  const colours = plan.programme.passes
    .filter((pass) => pass.role === 'colour')
    .sort((a, b) => Number(isOfField(a.scope)) - Number(isOfField(b.scope)));
  const shapes = colours.map((pass) => {
    const own = plan.parts.filter((part) => pass.areas.includes(part.section));
    const summary = plan.sections.find((one) => pass.areas.includes(one.section));
    const { name, hex } = colourOfKey(job, summary?.colour ?? '');
    const base = isOfField(pass.scope) ? '' : ` (${summary?.name ?? ''})`;
    return [
      pass.scope,
      { name: `${name}${base}`, hex, d: own.map((part) => ring(part.outline)).join('') },
    ] as const;
  });
  return {
    viewBox: `-1 -1 ${boardUnits + 2} ${Math.ceil((bottom - top) * scale) + 2}`,
    shapes: Object.fromEntries(shapes),
    planHash,
  };
}

/** Later colours of the job that a colour is sprayed onto past the line, or is kept from. */
function besideOf(
  { colourCovers }: Job,
  colours: readonly PlannedPass[],
  pass: PlannedPass,
  nameOf: (pass: PlannedPass) => string,
): PassRow['beside'] {
  if (pass.role !== 'colour') return [];
  const named = new Set(
    colourCovers.flatMap(({ sprayed, covered }) => (sprayed === pass.scope ? [covered] : [])),
  );
  return colours.slice(colours.indexOf(pass) + 1).flatMap((one) => {
    const isOpen = one.areas.some((area) => pass.past.includes(area));
    const isFree = named.has(one.scope);
    return isOpen || isFree ? [{ scope: one.scope, name: nameOf(one), isFree }] : [];
  });
}

export interface PassRow {
  key: string;
  scope: string;
  name: string;
  films: string;
  coverM2: number | null;
  tapeM: number;
  /** Edges to the other fields of its panels, m. */
  fieldM: number;
  openingM: number;
  why: string;
  /** Later colours that it meets, and whether they are kept free of it; others it is sprayed onto past the line. */
  beside: { scope: string; name: string; isFree: boolean }[];
  starts: number | null;
  /** The order of all colours with this one painted a place earlier or later on its body; null where there is none. */
  earlier: string[] | null;
  later: string[] | null;
}

/** The passes of a job as the Scheme room shows them. */
export function passRows(job: Job, plan: Plan, products: readonly Product[]): PassRow[] {
  const sections = new Map(plan.sections.map((one) => [one.section, one]));
  const bases = new Map(job.sections.map((one) => [one.key, one]));
  const painted = (body: string) =>
    new Set(plan.programme.passes.flatMap((one) => (one.body === body ? one.areas : [])));
  const nameOf = (pass: PlannedPass): string => {
    const isWhole = painted(pass.body).size === pass.areas.length;
    if (isWhole && pass.areas.length > 1 && pass.scope === pass.body) return 'whole body';
    const own = pass.areas.map((key) => sections.get(key)).flatMap((one) => one ?? []);
    // A field that goes on by itself is called by its colour; with its panels it is part of them.
    const whole = new Set(own.flatMap((one) => (isOfField(one.section) ? [] : [one.base])));
    const nameOfArea = (one: (typeof own)[number]) =>
      isOfField(one.section) && !whole.has(one.base) ? one.name : (bases.get(one.base)?.name ?? one.name);
    const names = [...new Set(own.map(nameOfArea))];
    const lot = pass.scope.includes(':') ? ` (${pass.scope.split(':')[1]})` : '';
    return `${names.join(', ')}${lot}`;
  };
  const productName = (code: string) => products.find((one) => one.code === code)?.name ?? code;
  const { passes } = plan.programme;
  const colours = passes.filter((pass) => pass.role === 'colour');
  const order = colours.map((pass) => pass.scope);
  const families = colourFamilies(passes);
  /** All colours in their order, with this one changed over with its neighbour on the same body: alone within its family, with it past others. */
  const swapped = (pass: PlannedPass, by: -1 | 1): string[] | null => {
    if (pass.role !== 'colour') return null;
    const body = colours.filter((one) => one.body === pass.body);
    const blocks = inFamilies(body, families);
    const at = blocks.findIndex((block) => block.includes(pass));
    const own = blocks[at]!;
    const other = own[own.indexOf(pass) + by];
    const beside = blocks[at + by];
    if (!other && !beside) return null;
    const moved = other
      ? body.map((one) => (one === pass ? other : one === other ? pass : one))
      : blocks.map((block) => (block === own ? beside! : block === beside ? own : block)).flat();
    const scopes = moved.map((one) => one.scope);
    return order.map((one) => (body.some(({ scope }) => scope === one) ? scopes.shift()! : one));
  };
  return passes.map((pass) => ({
    key: pass.key,
    scope: pass.scope,
    name: passWords(pass, nameOf(pass)),
    films: filmsWords(pass.films, productName),
    coverM2: pass.cover?.overM2 ?? null,
    tapeM: pass.cover?.edgesM.trim ?? 0,
    fieldM: pass.cover?.edgesM.field ?? 0,
    openingM: pass.cover?.edgesM.opening ?? 0,
    beside: besideOf(job, colours, pass, nameOf),
    why: [...new Set(pass.after.map((one) => orderWords[one.why]))].join('; '),
    starts: pass.starts,
    earlier: swapped(pass, -1),
    later: swapped(pass, 1),
  }));
}
