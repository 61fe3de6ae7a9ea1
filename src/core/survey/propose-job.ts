import { unchosenColour, type Job, type JobSection, type NewJob } from '../record';
import { bodyKindOf, completeDimensions, type Dimensions } from '../vehicle';

/** The sections a body kind proposes at these dimensions, at one level. @throws Error for an unknown body kind */
export function proposeSections(
  bodyKind: string,
  dimensions: Dimensions,
  level: JobSection['level'],
): JobSection[] {
  const kind = bodyKindOf(bodyKind);
  if (!kind) throw new Error(`no such body kind: ${bodyKind}`);
  return kind.sections(completeDimensions(kind, dimensions)).map((section) => ({
    ...section,
    level,
    colour: unchosenColour.id,
    insideColour: null,
    coats: {},
    ladder: null,
    schools: {},
    rounds: {},
    stopRule: null,
  }));
}

/** A job from the few figures of the new-job form: parts and sections follow from its body kind. */
export function proposeJob(given: NewJob): Job {
  const { capLabourHours, capMaterialsMinor, capBoothHours, ...own } = given;
  return {
    ...own,
    state: 'surveyed',
    caps: { labourHours: capLabourHours, materialsMinor: capMaterialsMinor, boothHours: capBoothHours },
    sections: proposeSections(given.bodyKind, given.dimensions, given.level),
    measured: [],
    surveyed: [],
    marks: [],
    readings: [],
    ownParts: [],
    fittings: [],
    holes: [],
    gates: [],
    finds: [],
    builtYear: null,
    priorRepair: 'none',
    facts: [],
    log: [],
    milestones: [],
    openings: [],
    covers: [],
    blends: [],
    sendOuts: [],
    colours: [unchosenColour],
    constructions: [],
    looseItems: [],
    alternatives: [],
    matchAttempts: [],
    samples: [],
    repairs: [],
    materialCaps: [],
    provenance: [],
    decisions: [],
    likeJob: '',
    reservePlace: '',
    keptWhere: 'garage',
    moneyDepth: 'phases',
    rates: {},
    stepEdits: [],
    colourOrder: [],
    colourCovers: [],
    figures: [],
    placingOrder: [],
    weight: 1,
    noticeDays: 0,
    addedSteps: [],
    scope: [],
    signOffs: [],
    schools: {},
  };
}
