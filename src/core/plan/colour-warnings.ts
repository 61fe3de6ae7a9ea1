import { hiddenBelow } from '../colour';
import { effectFamilies, type LayerRole } from '../film';
import { colourOfKey, type FinishClass, type Job, type JobColour, type JobSection } from '../record';
import {
  colourGrounds,
  groundPastLine,
  type ColourGround,
  type SectionStack,
  type StackLayer,
} from '../steps';
import { localDateOf, type LocalDate, type Minute } from '../units';
import type { FieldLine } from './field-lines';

/** What the colours of a job ask for that is not planned. */
export type ColourWarning =
  /** Its ground shows through the coats that are planned; `coats` null: no number of them hides it. */
  | {
      code: 'ground-shows';
      colour: string;
      areas: string[];
      face: ColourGround['face'];
      ground: string;
      planned: number;
      coats: number | null;
      deltaE: number;
    }
  /** At its lines it lies on a colour that was sprayed past them, and does not hide it. */
  | {
      code: 'line-shows';
      colour: string;
      areas: string[];
      ground: string;
      planned: number;
      coats: number | null;
      deltaE: number;
    }
  /** A colour that shines through gets more coats here than there: it would have two looks. */
  | { code: 'unequal-coats'; colour: string; counts: { coats: number; areas: string[] }[] }
  /** It is called metallic, and what is laid for it is not, or the other way round. */
  | { code: 'finish-not-laid'; colour: string; finish: FinishClass; product: string; areas: string[] }
  /** A colour names a coat system and a section that carries it another. */
  | { code: 'system-differs'; colour: string; section: string }
  /** Its match to paint that stays was not found, and the attempts or the days are used up. */
  | {
      code: 'match-given-up';
      colour: string;
      scheme: string;
      attempts: number;
      most: number;
      lastDay: LocalDate | null;
    };

const unique = (list: readonly string[]): string[] => [...new Set(list)];

function groundsThatShow(grounds: readonly ColourGround[], nameOf: (key: string) => string): ColourWarning[] {
  const told = new Map<string, Extract<ColourWarning, { code: 'ground-shows' }>>();
  for (const { area, colour, face, layer, hiding } of grounds) {
    if (!hiding || hiding.hidden) continue;
    const key = [colour, face, layer.product.code, hiding.name, layer.coats].join('|');
    const before = told.get(key);
    told.set(key, {
      code: 'ground-shows',
      colour: nameOf(colour),
      areas: [...(before?.areas ?? []), area],
      face,
      ground: hiding.name,
      planned: layer.coats,
      coats: hiding.coats,
      deltaE: hiding.leftAfter,
    });
  }
  return [...told.values()];
}

/** Later colours that do not hide what was sprayed past their lines; what nobody sees stays untold. */
function linesThatShow(
  job: Job,
  lines: readonly FieldLine[],
  stackOf: (area: JobSection) => SectionStack,
): ColourWarning[] {
  const told = new Map<string, Extract<ColourWarning, { code: 'line-shows' }>>();
  for (const { a, b, over } of lines) {
    if (over === null) continue;
    const first = over === a ? b : a;
    const found = groundPastLine(job, first, over, stackOf);
    if (!found || found.deltaE < hiddenBelow) continue;
    const { ground, layer, coats, deltaE } = found;
    const key = [over.colour, ground, layer.coats].join('|');
    const areas = [...new Set([...(told.get(key)?.areas ?? []), over.key])];
    const colour = colourOfKey(job, over.colour).name;
    told.set(key, { code: 'line-shows', colour, areas, ground, planned: layer.coats, coats, deltaE });
  }
  return [...told.values()];
}

function unequalCoats(grounds: readonly ColourGround[], nameOf: (key: string) => string): ColourWarning[] {
  const shining = grounds.filter((one) => one.hiding === null && one.face === 'outside');
  return unique(shining.map((one) => one.colour)).flatMap((colour): ColourWarning[] => {
    const own = shining.filter((one) => one.colour === colour);
    const counts = unique(own.map((one) => String(one.layer.coats))).map((coats) => ({
      coats: Number(coats),
      areas: own.filter((one) => String(one.layer.coats) === coats).map((one) => one.area),
    }));
    return counts.length > 1 ? [{ code: 'unequal-coats', colour: nameOf(colour), counts }] : [];
  });
}

const isEffectFinish: Partial<Record<FinishClass, boolean>> = {
  'dense-solid': false,
  'weak-solid': false,
  metallic: true,
  pearl: true,
  candy: true,
  flake: true,
};

const colouring: ReadonlySet<LayerRole> = new Set<LayerRole>(['colour', 'candy', 'flake', 'topcoat']);

/** The finish of what is laid says the same as that of its colour; leaf and texture are laid out, whatever is sprayed for them. */
function isAsCalled(finish: FinishClass, { product }: StackLayer): boolean {
  if (finish === 'leaf' || finish === 'texture') return false;
  const wanted = isEffectFinish[finish];
  return wanted === undefined || effectFamilies.has(product.coating!.family) === wanted;
}

/** Colours whose finish class and products do not go together, outside or inside. */
function finishesNotLaid(
  job: Job,
  areas: readonly JobSection[],
  stackOf: (area: JobSection) => SectionStack,
): ColourWarning[] {
  const told = new Map<string, Extract<ColourWarning, { code: 'finish-not-laid' }>>();
  const look = (key: string, area: string, { layers }: SectionStack) => {
    const { id, name, finish }: JobColour = colourOfKey(job, key);
    const top = layers.findLast((layer) => layer.coats > 0 && colouring.has(layer.role));
    if (!top || isAsCalled(finish, top)) return;
    const product = top.product.code;
    const before = told.get(`${id}|${product}`)?.areas ?? [];
    const all = before.includes(area) ? before : [...before, area];
    told.set(`${id}|${product}`, { code: 'finish-not-laid', colour: name, finish, product, areas: all });
  };
  for (const area of areas.filter((one) => one.level !== 'Keep')) {
    look(area.colour, area.key, stackOf(area));
    if (area.insideColour !== null)
      look(area.insideColour, area.key, stackOf({ ...area, ...area.insideLaid }));
  }
  return [...told.values()];
}

const systemsThatDiffer = ({ sections, colours }: Job): ColourWarning[] =>
  sections.flatMap((section): ColourWarning[] => {
    const colour = colours.find((one) => one.id === section.colour);
    const differs = colour !== undefined && colour.system !== null && colour.system !== section.system;
    return differs && section.level !== 'Keep' && section.field === undefined && section.base === undefined
      ? [{ code: 'system-differs', colour: colour.name, section: section.key }]
      : [];
  });

/** Schemes that wait for a match to fail, where it has failed as often or as long as it may. */
function matchesGivenUp(job: Job, today: LocalDate): ColourWarning[] {
  return job.alternatives.flatMap(
    ({ name, ifUnmatched, mostAttempts, lastDay, chosenOn }): ColourWarning[] => {
      if (ifUnmatched === null || chosenOn !== null) return [];
      const own = job.matchAttempts.filter((one) => one.colour === ifUnmatched);
      if (own.some((one) => one.verdict === 'matches')) return [];
      const failed = own.filter((one) => one.verdict === 'fails').length;
      const isOver = failed >= mostAttempts || (lastDay !== null && today > lastDay);
      const colour = colourOfKey(job, ifUnmatched).name;
      return isOver
        ? [{ code: 'match-given-up', colour, scheme: name, attempts: failed, most: mostAttempts, lastDay }]
        : [];
    },
  );
}

/**
 * What to tell of the colours of a job. @param areas as they are worked @param stackOf what is laid on an area
 */
export function colourWarnings(
  job: Job,
  areas: readonly JobSection[],
  {
    stackOf,
    lines,
    now,
    timeZone,
  }: {
    stackOf(area: JobSection): SectionStack;
    lines: readonly FieldLine[];
    now: Minute;
    timeZone: string;
  },
): ColourWarning[] {
  const nameOf = (key: string) => colourOfKey(job, key).name;
  const grounds = colourGrounds(job, areas, stackOf);
  return [
    ...matchesGivenUp(job, localDateOf(now, timeZone)),
    ...groundsThatShow(grounds, nameOf),
    ...linesThatShow(job, lines, stackOf),
    ...unequalCoats(grounds, nameOf),
    ...finishesNotLaid(job, areas, stackOf),
    ...systemsThatDiffer(job),
  ];
}
