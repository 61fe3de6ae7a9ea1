import {
  unchosenColour,
  type Job,
  type JobSection,
  type NewJob,
  type RecipeLine,
  type Sample,
} from '../core/record';
import { proposeJob } from '../core/survey';
import { addDays, type LocalDate } from '../core/units';
import { coachRecords } from './records';
import { coachItems, coachScheme, plainScheme, trainerScheme } from './schemes';
import { surveyed } from './surveys';

/** A demo job before it is dated: days are offsets from the Monday of the week in which the demo is loaded. */
interface DemoJob {
  given: Omit<NewJob, 'arrival' | 'promised'>;
  arrivalDay: number;
  promisedDay: number;
  state: Job['state'];
  sections: Record<string, Partial<JobSection>>;
  /** By name, as the screen shows them. */
  colours: readonly (readonly [name: string, hex: string])[];
  measured: Job['measured'];
  /** Fields, bands and boxes of its scheme. */
  constructions: Job['constructions'];
  /** What is seen beside its panels. */
  looseItems?: Job['looseItems'];
  /** Name of a kept scheme that is the same without its lines. */
  plainBeside?: string;
  /** What is known of it besides, dated from the Monday of the loading week. */
  records?: (monday: LocalDate) => Pick<Job, 'provenance' | 'decisions' | 'reservePlace'>;
  /** Recipes by the name of their colour. */
  recipes?: Readonly<Record<string, readonly RecipeLine[]>>;
  /** Day on which the owner saw the cards of all colours and accepted them; null where nobody has. */
  samplesDay: number | null;
  /** Holds that the engineer has released, and on which day of the demo. */
  released: readonly { step: string; day: number }[];
  /** Has an agreed plan, played up to the clock. */
  agreed: boolean;
  /** The owner has accepted a quote for it when it came. */
  quoted: boolean;
}

const van: DemoJob = {
  given: {
    number: 'P-011',
    name: 'Small delivery van',
    owner: 'Tidewell Bakery',
    bodyKind: 'box-body',
    dimensions: { length: 4.2, width: 1.7, height: 1.9, sideGlass: 8, wings: 0 },
    level: 'Work',
    capLabourHours: 150,
    capMaterialsMinor: 180000,
    capBoothHours: 24,
  },
  arrivalDay: -84,
  promisedDay: -45,
  state: 'finished',
  colours: [['Oat White', '#e9e4d6']],
  sections: {
    sides: { system: 'single-stage', depth: 'scuff', colour: 'c.oat-white' },
    roof: { system: 'single-stage', depth: 'scuff', colour: 'c.oat-white' },
  },
  measured: [],
  constructions: [],
  samplesDay: null,
  released: [],
  agreed: true,
  quoted: false,
};

const coach: DemoJob = {
  given: {
    number: 'P-014',
    name: 'Ullabrook 24',
    owner: 'Harrow Lane Tours',
    bodyKind: 'box-body',
    dimensions: { length: 7.6, width: 2.3, height: 2.7, sideGlass: 29, wings: 2 },
    level: 'Show',
    capLabourHours: 900,
    capMaterialsMinor: 640000,
    capBoothHours: 66,
  },
  arrivalDay: -28,
  promisedDay: 32,
  state: 'running',
  colours: [
    ['Sluice Green', '#2f5d43'],
    ['Pale Barley', '#e6d9b4'],
    ['Gravel Ochre', '#b08a4a'],
  ],
  sections: {
    sides: {
      substrate: 'aluminium',
      oldFinish: 'unknown',
      colour: 'c.sluice-green',
      // The sides are crowned: flexible blocks follow them.
      schools: { blocks: 'flexible' },
    },
    roof: {
      substrate: 'aluminium',
      level: 'Road',
      rounds: { build: 1 },
      oldFinish: 'unknown',
      colour: 'c.pale-barley',
    },
    wings: {
      name: 'Front wings',
      oldFinish: 'enamel',
      colour: 'c.sluice-green',
      coats: { clear: 2 },
    },
  },
  measured: [
    { key: 'B4L', outsideM2: 0.97 },
    { key: 'B4R', outsideM2: 0.95 },
  ],
  constructions: [...coachScheme],
  looseItems: [...coachItems],
  plainBeside: 'Without the band',
  records: coachRecords,
  recipes: {
    'Sluice Green': [
      { name: 'green', grams: 612 },
      { name: 'black', grams: 148.5 },
      { name: 'yellow ochre', grams: 96 },
      { name: 'white', grams: 43.5 },
    ],
  },
  samplesDay: -24,
  released: [],
  agreed: true,
  quoted: true,
};

const cutter: DemoJob = {
  given: {
    number: 'P-015',
    name: 'Cressholme 28',
    owner: 'Cressholme harbour',
    bodyKind: 'open-hull',
    dimensions: { length: 8.5, beam: 2.8, depth: 1.5 },
    level: 'Road',
    capLabourHours: 90,
    capMaterialsMinor: 240000,
    capBoothHours: 0,
  },
  arrivalDay: 0,
  promisedDay: 74,
  state: 'surveyed',
  colours: [
    ['Deep Estuary', '#1d2b3f'],
    ['Gull White', '#eceae2'],
    ['Keel Brown', '#5e3a2f'],
  ],
  sections: {
    topsides: { colour: 'c.deep-estuary' },
    'boot-top': { colour: 'c.gull-white' },
    bottom: { colour: 'c.keel-brown' },
  },
  measured: [],
  constructions: [],
  samplesDay: null,
  released: [],
  agreed: false,
  quoted: false,
};

const trainer: DemoJob = {
  given: {
    number: 'P-016',
    name: 'Tarrowby Two',
    owner: 'Tarrowby flying group',
    bodyKind: 'low-wing',
    dimensions: { length: 6.8, span: 9.2, height: 2.1 },
    level: 'Work',
    capLabourHours: 260,
    capMaterialsMinor: 420000,
    capBoothHours: 40,
  },
  arrivalDay: -13,
  promisedDay: 46,
  state: 'running',
  colours: [
    ['Thistle Violet', '#6b4a7d'],
    ['Chalk', '#efeee9'],
    ['Bracken Gold', '#b8862d'],
  ],
  sections: {
    airframe: { colour: 'c.thistle-violet' },
    wings: { colour: 'c.chalk' },
    controls: { colour: 'c.chalk' },
  },
  measured: [],
  constructions: [...trainerScheme],
  samplesDay: null,
  released: [{ step: 'hold/release', day: -13 }],
  agreed: true,
  quoted: false,
};

/** In the order in which they were accepted, so that each plan respects the promises made before it. */
export const demoJobs: readonly DemoJob[] = [van, coach, trainer, cutter];

const colourId = (name: string): string => `c.${name.toLowerCase().replaceAll(' ', '-')}`;

/** A large card of each colour, cleared, as the owner saw and accepted it. */
const samplesOf = ({ samplesDay, colours, given }: DemoJob, monday: LocalDate): Sample[] =>
  samplesDay === null
    ? []
    : colours.map(([name]) => ({
        id: `s.${colourId(name)}`,
        colour: colourId(name),
        onDate: addDays(monday, samplesDay),
        shown: 'card',
        widthMm: 600,
        heightMm: 400,
        verdict: 'accepted',
        by: given.owner,
        light: 'yard, overcast, then under the lamp',
        beside: 'the old timetable board',
        note: '',
      }));

/** The job with its dates, from the Monday of the loading week. */
export function dated(demo: DemoJob, monday: LocalDate): Job {
  const job = proposeJob({
    ...demo.given,
    arrival: addDays(monday, demo.arrivalDay),
    promised: addDays(monday, demo.promisedDay),
  });
  const sections = job.sections.map((section) => ({ ...section, ...demo.sections[section.key] }));
  const { measured, constructions } = demo;
  const colours = demo.colours.map(([name, hex]) => ({
    ...unchosenColour,
    id: colourId(name),
    name,
    hex,
    recipe: [...(demo.recipes?.[name] ?? [])],
  }));
  const samples = samplesOf(demo, monday);
  const made = surveyed({
    ...job,
    state: demo.state,
    sections,
    colours,
    measured,
    constructions,
    samples,
    signOffs: demo.released.map(({ step, day }) => ({
      step,
      name: 'H. Selwick',
      licence: 'demo licence 7',
      date: addDays(monday, day),
      signedBy: '',
      bound: null,
    })),
    looseItems: [...(demo.looseItems ?? [])],
    ...demo.records?.(monday),
  });
  const { plainBeside } = demo;
  return plainBeside === undefined ? made : { ...made, alternatives: [plainScheme(plainBeside, made)] };
}
