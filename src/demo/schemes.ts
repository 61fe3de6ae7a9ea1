import {
  schemeOf,
  type Alternative,
  type Construction,
  type Job,
  type LaidLine,
  type LooseItem,
  type Station,
} from '../core/record';

const straight = (datum: LaidLine['datum'], ...heights: [atMm: number, mm: number][]): LaidLine => ({
  datum,
  panel: '',
  fairing: 'straight',
  stations: stations(heights),
});
const faired = (...heights: [atMm: number, mm: number][]): LaidLine => ({
  datum: 'base',
  panel: '',
  fairing: 'faired',
  stations: stations(heights),
});
function stations(list: readonly [atMm: number, mm: number][]): Station[] {
  return list.map(([atMm, mm]) => ({ atMm, mm }));
}

/** The coach's waist band: tapers from the front to the rear, with a fine line of the roof's colour along both edges. */
export const coachScheme: readonly Construction[] = [
  {
    id: 'k.waist',
    name: 'Waist band',
    colour: 'c.gravel-ochre',
    strip: 'both',
    place: 1,
    shape: {
      kind: 'band',
      line: straight('base', [0, 900], [7600, 900]),
      widths: stations([
        [0, 140],
        [7600, 90],
      ]),
      lies: 'centred',
      fromMm: null,
      toMm: null,
      ends: 'square',
      outline: { colour: 'c.pale-barley', widthMm: 6, sides: 'both' },
    },
  },
];

/** The trainer's flash: two bands that rise towards the tail on the airframe's own colour, and boxes for its registration. */
export const trainerScheme: readonly Construction[] = [
  {
    id: 'k.flash',
    name: 'Flash',
    colour: 'c.chalk',
    strip: 'both',
    place: 1,
    shape: {
      kind: 'band',
      line: faired([0, 1000], [2400, 1060], [4600, 1360], [6800, 1720]),
      widths: stations([
        [0, 240],
        [6800, 110],
      ]),
      lies: 'centred',
      fromMm: 300,
      toMm: null,
      ends: 'mitred',
      outline: null,
    },
  },
  {
    id: 'k.flash-line',
    name: 'Flash, lower line',
    colour: 'c.bracken-gold',
    strip: 'both',
    place: 2,
    shape: {
      kind: 'band',
      line: faired([0, 850], [2400, 905], [4600, 1230], [6800, 1640]),
      widths: stations([[0, 60]]),
      lies: 'centred',
      fromMm: 300,
      toMm: null,
      ends: 'mitred',
      outline: null,
    },
  },
  {
    id: 'k.registration',
    name: 'Registration',
    colour: 'c.chalk',
    strip: 'both',
    place: 3,
    shape: {
      kind: 'box',
      line: straight('base', [0, 1420]),
      atMm: 3000,
      lengthMm: 1000,
      heightMm: 230,
      letters: 'TW 016',
    },
  },
];

/** What is seen of the coach beside its panels. */
export const coachItems: readonly LooseItem[] = [
  { id: 'i.wheels', what: 'Wheels', kind: 'wheels', colour: 'c.pale-barley', finish: '' },
  { id: 'i.brightwork', what: 'Brightwork', kind: 'brightwork', colour: null, finish: 'polished' },
  { id: 'i.interior', what: 'Interior panels', kind: 'interior', colour: null, finish: 'as they are' },
];

/** The same object without its lines, for its owner to choose. */
export const plainScheme = (name: string, job: Job): Alternative => ({
  id: 's.plain',
  name,
  scheme: { ...schemeOf(job), constructions: [] },
  ifUnmatched: null,
  mostAttempts: 3,
  lastDay: null,
  chosenBy: '',
  chosenOn: null,
  note: '',
});
