import type { PlanBecause, PlannedStep } from '@/core/plan';
import type { StripMethodKey } from '@/core/record';
import type { LinkReason, StepReason, WorkState } from '@/core/steps';
import { counted, firstUpper } from './counted';
import { refitStates, refitWaitWords } from './refit-words';
import { amount, area, day, micrometres, moment, span, type Locale } from './format';

/** Names of products and steps for the sentences. */
export interface Names {
  product(code: string): string;
  step(key: string): string;
}

const depthWords = {
  scuff: 'scuffed and refinished',
  stable: 'taken to the sound layer',
  bare: 'taken to bare',
};

/** What must be true of a section, after "it must be". */
export const stateWords: Record<WorkState, string> = {
  recorded: 'walked round',
  washed: 'washed',
  'stripped-down': 'stripped down',
  protected: 'protected',
  'old-off': 'taken down',
  'clean-bare': 'clean of residue',
  'seams-clean': 'clean in its seams',
  'metal-sound': 'sound in its metal',
  'gaps-set': 'fitted, gaps set',
  'skin-released': 'released by the engineer',
  'filler-ground': 'ready for filler',
  'filler-spread': 'filled',
  'filler-flat': 'flat in filler',
  'filler-read': 'looked at in filler',
  glazed: 'looked over for pinholes',
  'glaze-flat': 'flat in putty',
  treated: 'treated',
  sealed: 'sealed',
  'build-ground': 'ready for primer',
  built: 'primed',
  'guide-coated': 'guide-coated',
  'build-flat': 'blocked flat',
  'build-read': 'looked at after the block',
  refined: 'refined',
  'openings-masked': 'masked in its openings',
  'insides-coloured': 'painted inside',
  'openings-shut': 'masked shut',
  masked: 'masked',
  coloured: 'painted',
  'colour-uncovered': 'unmasked for the next colour',
  'masked-for-clear': 'masked for the clear',
  'clear-keyed': 'keyed for clear',
  cleared: 'cleared',
  textured: 'painted and textured',
  cured: 'cured',
  unmasked: 'unmasked',
  'stands-shifted': 'on stands set elsewhere',
  patched: 'coated where the stands stood',
  levelled: 'sanded level',
  polished: 'polished',
  clean: 'clean of compound',
  fitted: 'together again',
  placarded: 'placarded',
  rigged: 'rigged',
  balanced: 'balanced',
  uncovered: 'uncovered',
  weighed: 'weighed',
  'handed-over': 'handed over',
  settled: 'settled',
  'looked-again': 'looked at again',
};

export const stripMethodWords: Record<StripMethodKey, string> = {
  chemical: 'stripper and wash',
  solvent: 'solvent wipe and scrape',
  disc: 'sanding by machine',
  blast: 'blasting',
  outside: 'sent out',
};

/** Why a step is there at all. */
export function reasonSentence(reason: StepReason, names: Names): string {
  switch (reason.code) {
    case 'always':
      return 'Every job of this kind needs it.';
    case 'operation':
      return `${firstUpper(reason.why)}.`;
    case 'depth':
      return `The section is ${depthWords[reason.depth]}.`;
    case 'substrate':
      return reason.method === 'treat'
        ? `Bare ${reason.substrate} is treated just before its first coat.`
        : reason.method === 'gel'
          ? 'Aluminium is stripped with gel: blasting warps it and coarse discs cut it.'
          : reason.method === 'solvent'
            ? 'Lacquer dissolves: thinner takes it off where stripper smears it and discs clog.'
            : `On ${reason.substrate} the old film comes off by disc.`;
    case 'level-round':
      return reason.of > 1
        ? `Level ${reason.level} asks for ${reason.of} rounds; this is round ${reason.round}.`
        : `Level ${reason.level} asks for it.`;
    case 'layer':
      return `Coat ${reason.coat} of ${reason.of}: ${names.product(reason.product)}.`;
    case 'clear-budget':
      return `${reason.coats} clear coats leave ${micrometres(reason.leftFlatUm)} on flats and ${micrometres(reason.leftEdgeUm)} on edges${reason.tapeThrough ? `, edges taped through ${reason.tapeThrough}` : ''}.`;
    case 'cover-standing':
      return `${area(reason.areaM2)} of colour that stands is covered; that is ${Math.round(reason.minutes)} person-minutes of it.`;
    case 'session-limit':
      return `${names.product(reason.product)} takes ${reason.most} coats a session; more are cut and cleared again.`;
    case 'shift-limit':
      return 'Colour and clear together would not fit one shift, so the clear has a session of its own.';
    case 'colour-next':
      return `Everything beside ${reason.colour} is covered before it is sprayed.`;
    case 'break-line':
      return `${area(reason.m2)} are textured up to ${amount(reason.lineM, 'm')} of line, as it is laid out.`;
    case 'ground-shows':
      return `It looks otherwise over ${reason.ground} than over its own ground: ΔE ${reason.deltaE.toFixed(1)}.`;
    case 'remedy':
      return `The recoat window of ${names.product(reason.product)} has closed by then; scuffing opens it again.`;
    case 'licensed-hold':
      return 'Only the responsible licensed engineer releases this point.';
    case 'chosen-method':
      return `The manager chose the method: ${stripMethodWords[reason.method]}.`;
    case 'fittings':
      return `${reason.count} fittings of the strip-down list are done up at the bench.`;
    case 'refit-order':
      return `${refitWaitWords[reason.waitsFor]}, and has its own place in the order of refit.`;
    case 'repair':
      return `It mends what was found; ${reason.stop}.`;
    case 'stepped-edge':
      return `${reason.layers} layers step up around the spot: ${Math.round(reason.widthMm)} mm are feathered.`;
    case 'by-hand':
      return 'The manager put it in.';
    case 'typed-coats':
      return 'The number of coats was typed by the manager.';
  }
}

export function linkWords(why: LinkReason, min: number, names: Names): string {
  switch (why.code) {
    case 'order':
      return 'comes first';
    case 'state':
      return `it must be ${stateWords[why.state]}`;
    case 'flash':
    case 'flash-window':
      return `must flash ${span(min)} at ${why.airC} °C`;
    case 'sand-after':
      return `${names.product(why.product)} can be worked ${span(min)} after its coat at ${why.airC} °C`;
    case 'tape-after':
      return `${names.product(why.product)} bears tape ${span(min)} after its coat at ${why.airC} °C`;
    case 'handle-after':
      return `${names.product(why.product)} can be handled ${span(min)} after its coat at ${why.airC} °C`;
    case 'refit-after':
      return `${names.product(why.product)} is ready for it ${span(min)} after its coat at ${why.airC} °C (${refitStates[why.state]})`;
    case 'recoat-min':
      return `${names.product(why.product)} takes the next film ${span(min)} after it was laid at ${why.airC} °C`;
    case 'dust-free':
      return 'stands until dust-free';
    case 'bare-metal':
      return `bare ${why.substrate} wants its coat`;
    case 'recoat-max':
      return `${names.product(why.product)} takes the next coat only so long`;
    case 'wiped':
      return 'wiped panels are sprayed at once';
    case 'away':
      return `it is away${why.vendor === '' ? '' : ` with ${why.vendor}`} for ${counted(why.days, why.leadIn === 'open' ? 'open day' : 'day')}`;
    case 'settle':
      return `settles ${span(min)}`;
    case 'by-hand':
      return 'put in this order by hand';
  }
}

/** Why a later step waits for this one. */
export const waitingSentence = (later: string, why: LinkReason, names: Names): string =>
  why.code === 'order' ? `“${later}” comes after it.` : `“${later}”: ${linkWords(why, 0, names)}.`;

/** Shortens a list of names: two in full, then the number of the others. */
export const some = (list: readonly string[]): string =>
  list.length <= 2 ? list.join(' and ') : `${list.slice(0, 2).join(', ')} and ${list.length - 2} more`;

/** Why a step does not start earlier, latest reason first. */
export function whySentence(because: PlanBecause, names: Names, locale: Locale): string {
  switch (because.kind) {
    case 'closed':
      return `Closed from ${moment(because.from, locale)} to ${moment(because.to, locale)}.`;
    case 'short':
      return `Too little of the shift was left on ${day(because.from, locale)}.`;
    case 'resource':
      return `${some(because.who)} busy until ${moment(because.to, locale)}: ${some(because.holders)}.`;
    case 'window':
      return because.why
        ? `Moved to ${moment(because.to, locale)} so that a window holds: ${linkWords(because.why, 0, names)}.`
        : `Moved to ${moment(because.to, locale)}, when its place is free for long enough.`;
    case 'link':
      return because.why.code === 'order'
        ? `After “${names.step(because.from)}”.`
        : `After “${names.step(because.from)}”: ${linkWords(because.why, because.min, names)}.`;
    case 'agreed':
      return `Kept at its agreed start; it could begin on ${moment(because.from, locale)}, too little sooner to move it.`;
    case 'not-before':
      return 'It may not start before then.';
    case 'now':
      return 'It can start at once.';
  }
}

const rateWords = { catalogue: '', shop: '; the shop’s own rate', job: '; the rate of this job' } as const;

/** Where the minutes came from. */
export function figureSentence(step: PlannedStep): string {
  const { figure } = step;
  const parts: string[] = [];
  if (figure.fixedMin > 0) parts.push(`${figure.fixedMin} fixed`);
  if (figure.rate > 0 && figure.quantity > 0) {
    const shape = figure.weighted / figure.quantity;
    const share = figure.share === 1 ? '' : ` × ${figure.share}`;
    const learned = figure.learned === 1 ? '' : ` × learned ${figure.learned.toFixed(2)}`;
    parts.push(
      `${figure.rate} min/${figure.unit} × ${figure.quantity.toFixed(1)} ${figure.unit}${Math.abs(shape - 1) > 0.005 ? ` × shape ${shape.toFixed(2)}` : ''}${share}${learned}`,
    );
  }
  const sum = parts.join(' + ') || 'no attended time';
  const crew = step.crew > 1 ? `; ${step.crew} people` : '';
  return `${sum}${crew}${figure.flashMin > 0 ? `; ${figure.flashMin} min flash attended` : ''}${rateWords[figure.rateFrom]}`;
}
