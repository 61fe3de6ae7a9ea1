import type { Job, JobSection, NewJob } from '../core/record';
import { proposeJob } from '../core/survey';
import { addDays, type LocalDate } from '../core/units';
import { surveyed } from './surveys';

/** A demo job before it is dated: days are offsets from the Monday of the week in which the demo is loaded. */
interface DemoJob {
  given: Omit<NewJob, 'arrival' | 'promised'>;
  arrivalDay: number;
  promisedDay: number;
  state: Job['state'];
  sections: Record<string, Partial<JobSection>>;
  measured: Job['measured'];
  /** Has an agreed plan, played up to the clock. */
  agreed: boolean;
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
  sections: {
    sides: { system: 'single-stage', depth: 'scuff', colourName: 'Oat White', colourHex: '#e9e4d6' },
    roof: { system: 'single-stage', depth: 'scuff', colourName: 'Oat White', colourHex: '#e9e4d6' },
  },
  measured: [],
  agreed: true,
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
  sections: {
    sides: {
      substrate: 'aluminium',
      oldFinish: 'unknown',
      colourName: 'Sluice Green',
      colourHex: '#2f5d43',
      // The sides are crowned: flexible blocks follow them.
      schools: { blocks: 'flexible' },
    },
    roof: {
      substrate: 'aluminium',
      level: 'Road',
      rounds: { build: 1 },
      oldFinish: 'unknown',
      colourName: 'Pale Barley',
      colourHex: '#e6d9b4',
    },
    wings: {
      name: 'Front wings',
      oldFinish: 'enamel',
      colourName: 'Sluice Green',
      colourHex: '#2f5d43',
      coats: { clear: 2 },
    },
  },
  measured: [
    { key: 'B4L', outsideM2: 0.97 },
    { key: 'B4R', outsideM2: 0.95 },
  ],
  agreed: true,
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
  sections: {
    topsides: { colourName: 'Deep Estuary', colourHex: '#1d2b3f' },
    'boot-top': { colourName: 'Gull White', colourHex: '#eceae2' },
    bottom: { colourName: 'Keel Brown', colourHex: '#5e3a2f' },
  },
  measured: [],
  agreed: false,
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
  sections: {
    airframe: { colourName: 'Thistle Violet', colourHex: '#6b4a7d' },
    wings: { colourName: 'Chalk', colourHex: '#efeee9' },
    controls: { colourName: 'Chalk', colourHex: '#efeee9' },
  },
  measured: [],
  agreed: true,
};

/** In the order in which they were accepted, so that each plan respects the promises made before it. */
export const demoJobs: readonly DemoJob[] = [van, coach, trainer, cutter];

/** The job with its dates, from the Monday of the loading week. */
export function dated(demo: DemoJob, monday: LocalDate): Job {
  const job = proposeJob({
    ...demo.given,
    arrival: addDays(monday, demo.arrivalDay),
    promised: addDays(monday, demo.promisedDay),
  });
  const sections = job.sections.map((section) => ({ ...section, ...demo.sections[section.key] }));
  return surveyed({ ...job, state: demo.state, sections, measured: demo.measured });
}
