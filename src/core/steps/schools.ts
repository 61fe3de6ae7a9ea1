import type { Level } from '../film';
import {
  schoolKeys,
  type Depth,
  type SchoolChoice,
  type SchoolKey,
  type SchoolOf,
  type Schools,
} from '../record';
import type { Route } from './situation';
import { usualClears } from './usual-clears';

/** What the default of a school looks at. */
export interface SchoolCase {
  route: Route;
  level: Level;
  depth: Depth;
  loose: boolean;
  /** A hull with a deck, or too long to be turned by hand. */
  heavyHull: boolean;
  /** A body of the job gets the same colour of the same system. */
  bodyAlike: boolean;
  /** Silver, pearl, candy or flake: colours that lie differently in every pass. */
  effectColour: boolean;
  /** Its first film is an etch primer, which bears no filler. */
  etched: boolean;
  /** Inside area over outside area. */
  insideShare: number;
}

interface SchoolData<K extends SchoolKey> {
  name: string;
  /** Routes on which it makes a difference. */
  routes: readonly Route[];
  options: { [O in SchoolOf<K>]: { name: string; why: string } };
  /** The option a situation calls for, and in a word what called. */
  fallback(given: SchoolCase): { option: SchoolOf<K>; by: string };
}

const panel = ['panel'] as const;
const always =
  <O>(option: O, by: string) =>
  () => ({ option, by });

/** The schools of the trade: what each is for in one line, and which one a situation calls for. */
export const schools: { [K in SchoolKey]: SchoolData<K> } = {
  filler: {
    name: 'Filler',
    routes: panel,
    options: {
      'over-epoxy': { name: 'over epoxy', why: 'metal is sealed the same shift, filler holds on the epoxy' },
      'on-metal': { name: 'on metal', why: 'one layer less under the filler; metal stays bare for longer' },
    },
    fallback: ({ etched }) =>
      etched
        ? { option: 'on-metal', by: 'no filler goes over etch primer' }
        : { option: 'over-epoxy', by: 'bare metal is sealed first' },
  },
  'filler-sanding': {
    name: 'Filler sanded',
    routes: panel,
    options: {
      dry: { name: 'dry', why: 'filler stays dry and can be primed the same day' },
      wet: { name: 'wet', why: 'no dust and fewer sheets; filler drinks and dries overnight' },
    },
    fallback: always('dry', 'filler takes up water'),
  },
  'block-finish': {
    name: 'Blocking ends',
    routes: panel,
    options: {
      'to-400': { name: 'by hand at 400', why: 'no machine touches the shape that was blocked' },
      'stop-220': { name: 'at 220, then machine', why: 'half the block hours, on a soft interface' },
    },
    fallback: ({ level }) =>
      level === 'Work'
        ? { option: 'stop-220', by: 'Work does not ask for more' }
        : { option: 'to-400', by: 'the shape is to stay as it was blocked' },
  },
  blocks: {
    name: 'Blocks',
    routes: panel,
    options: {
      stiff: { name: 'stiff', why: 'cuts the highs only: straighter, slower on crowns' },
      flexible: { name: 'flexible', why: 'follows a crown: quicker, and follows hollows too' },
    },
    fallback: ({ level }) =>
      level === 'Show' || level === 'Mirror'
        ? { option: 'stiff', by: 'a raking light will be held to it' }
        : { option: 'flexible', by: "straight at arm's length is enough" },
  },
  assembly: {
    name: 'Last colour coats',
    routes: panel,
    options: {
      apart: { name: 'in pieces', why: 'no tape lines and wrapped edges; solid colours from one batch' },
      assembled: { name: 'assembled', why: 'effect colours match only as they will stand' },
      'loosely-hung': { name: 'loosely hung', why: 'hung as it will lie, off again for the mechanics' },
    },
    fallback: ({ effectColour, loose, bodyAlike }) =>
      effectColour && (!loose || bodyAlike)
        ? { option: 'assembled', by: 'the colour is an effect colour' }
        : { option: 'apart', by: effectColour ? 'nothing beside it has its colour' : 'the colour is solid' },
  },
  alignment: {
    name: 'Final alignment',
    routes: panel,
    options: {
      before: { name: 'before paint', why: 'gaps are set while a panel may still be ground' },
      after: { name: 'after paint', why: 'nothing is fitted twice; painted edges are at risk' },
    },
    fallback: always('before', 'a painted edge that touches chips'),
  },
  openings: {
    name: 'Openings',
    routes: panel,
    options: {
      'one-go': { name: 'in one go', why: 'one session less, where little inside shows' },
      'first-soft': { name: 'first, soft edge', why: 'awkward places first, closed without a step' },
      'first-hard': { name: 'first, feathered line', why: 'a sharp line, sanded away afterwards' },
    },
    fallback: ({ insideShare, level }) =>
      insideShare >= 0.25 && level !== 'Keep'
        ? { option: 'first-soft', by: 'a good part of the paint is inside' }
        : { option: 'one-go', by: 'little of the paint is inside' },
  },
  sealer: {
    name: 'Under the colour',
    routes: panel,
    options: {
      sealer: { name: 'sealer', why: 'one shade under the colour, and nothing drinks' },
      'epoxy-wet': { name: 'epoxy wet on wet', why: 'holds best, flashes longest' },
      none: { name: 'nothing', why: 'a coat less on sound primer of one shade; sanding marks may swell' },
    },
    fallback: always('sealer', 'primer and filler drink differently'),
  },
  clears: {
    name: 'Further clears',
    routes: panel,
    options: {
      'one-session': { name: 'keyed and cleared', why: 'as many as the product takes, then a quick scuff' },
      'cut-and-clear': {
        name: 'cut flat and cleared',
        why: 'texture goes between sessions, less at the end',
      },
    },
    fallback: ({ level }) =>
      usualClears(level) === 'cut-and-clear'
        ? { option: 'cut-and-clear', by: 'Mirror allows no texture' }
        : { option: 'one-session', by: 'colour sanding levels what is left' },
  },
  'clear-over': {
    name: 'Clear over several colours',
    routes: panel,
    options: {
      each: {
        name: 'each colour its own',
        why: 'a colour is finished before the next is masked; its edge stands on clear',
      },
      all: {
        name: 'one clear over all',
        why: 'no edge to feel, clears masked once; every colour waits for the last one, inside its window',
      },
    },
    fallback: always('each', 'each colour is finished by itself'),
  },
  'polish-time': {
    name: 'Polish',
    routes: panel,
    options: {
      days: { name: 'within days', why: 'cuts easily; shrinks back, so a second look is booked' },
      weeks: { name: 'after weeks', why: 'cuts hard and stays; the vehicle waits' },
    },
    fallback: always('days', 'the vehicle goes home sooner'),
  },
  tape: {
    name: 'Tape pulled',
    routes: ['panel', 'hull', 'aircraft'],
    options: {
      'after-set': { name: 'after the film has set', why: 'nothing wet is touched' },
      wet: { name: 'while wet', why: 'the edge lies down by itself; suits on' },
    },
    fallback: always('after-set', 'nobody leans over a wet film'),
  },
  texture: {
    name: 'Texture on lower panels',
    routes: panel,
    options: {
      none: { name: 'none', why: 'smooth down to the sill' },
      'before-colour': { name: 'under the colour', why: 'colour runs over it without a line' },
      'after-colour': { name: 'over the colour', why: 'can be laid again; one more masking' },
    },
    fallback: always('none', 'nobody asked for it'),
  },
  trim: {
    name: 'Trim and upholstery',
    routes: ['panel', 'hull', 'aircraft'],
    options: {
      parallel: { name: 'meanwhile', why: 'done while paint cures' },
      held: { name: 'held', why: 'not begun before the last compound is off: no dust on it' },
    },
    fallback: always('parallel', 'waiting is working time'),
  },
  application: {
    name: 'Laid on with',
    routes: ['hull'],
    options: {
      roller: { name: 'roller and tip', why: 'quick, a little stipple' },
      brush: { name: 'brush', why: 'slow, flat, wants a steady hand' },
    },
    fallback: always('roller', 'two people keep a wet edge'),
  },
  'hull-stand': {
    name: 'How the hull stands',
    routes: ['hull'],
    options: {
      'on-stands': {
        name: 'on its keel, on stands',
        why: 'both sides at once; what the stands hide is coated after they are shifted',
      },
      'keel-up': { name: 'keel up', why: 'all of it is reached; it has to be light enough to turn over' },
      'on-its-side': {
        name: 'on its side',
        why: 'one side at a time, cured before the hull is turned on it; twice the days',
      },
    },
    fallback: ({ heavyHull }) =>
      heavyHull
        ? { option: 'on-stands', by: 'it is too heavy to turn by hand' }
        : { option: 'keel-up', by: 'a small open hull is turned by hand' },
  },
  stripe: {
    name: 'Stripe',
    routes: ['hull'],
    options: {
      first: { name: 'first', why: 'its own tape becomes the mask: perfect edges' },
      last: { name: 'last', why: 'two lines to tape, but it can be changed' },
    },
    fallback: always('first', 'one tape makes both edges'),
  },
  'first-article': {
    name: 'First article',
    routes: ['panel', 'aircraft'],
    options: {
      none: { name: 'not asked for', why: 'one vehicle, looked at as it goes' },
      'one-first': { name: 'one unit first', why: 'the rest wait until one is accepted' },
    },
    fallback: always('none', 'there is one of it'),
  },
};

export interface SchoolTaken {
  option: string;
  /** Chosen for the section or the job, or called for by the situation. */
  from: 'section' | 'job' | 'situation';
  by: string;
}

/** The schools a section follows: its own choice, else the job's, else what its situation calls for. */
export function schoolsOf(
  given: SchoolCase,
  ofSection: SchoolChoice,
  ofJob: SchoolChoice,
): Record<SchoolKey, SchoolTaken> {
  const entries = schoolKeys.map((key): [SchoolKey, SchoolTaken] => {
    const own = ofSection[key] ?? ofJob[key];
    if (own !== undefined)
      return [key, { option: own, from: ofSection[key] === undefined ? 'job' : 'section', by: '' }];
    return [key, { ...schools[key].fallback(given), from: 'situation' }];
  });
  return Object.fromEntries(entries) as Record<SchoolKey, SchoolTaken>;
}

/** Only the options. */
export const optionsOf = (taken: Record<SchoolKey, SchoolTaken>): Schools =>
  Object.fromEntries(schoolKeys.map((key) => [key, taken[key].option])) as Schools;
