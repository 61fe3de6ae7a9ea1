import { blankSurvey, type Job, type JobSection, type NewJob, type PartSurvey } from '../record';
import { netOfJob } from './parts-of-job';
import { proposeJob } from './propose-job';

/**
 * A job after the pattern of another on a like body: its sections with their systems and ways, its panels, scheme, colours,
 * fittings and own figures. What was found, read, logged or agreed of the other object is not taken along.
 */
export function jobLike(pattern: Job, given: NewJob): Job {
  const base = proposeJob(given);
  const isSameSize = Object.entries(given.dimensions).every(
    ([key, value]) => pattern.dimensions[key] === value,
  );
  return onOwnPanels({
    ...base,
    likeJob: pattern.number,
    sections: pattern.sections.map((section) => sectionLike(section, pattern.level, given.level)),
    // What was measured was measured at the other's size.
    measured: isSameSize ? pattern.measured : [],
    ownParts: pattern.ownParts,
    surveyed: pattern.surveyed.map(shapeOf),
    colours: pattern.colours,
    constructions: pattern.constructions,
    looseItems: pattern.looseItems,
    colourOrder: pattern.colourOrder,
    colourCovers: pattern.colourCovers,
    schools: pattern.schools,
    figures: pattern.figures,
    rates: pattern.rates,
    openings: pattern.openings,
    covers: pattern.covers,
    blends: pattern.blends,
    fittings: pattern.fittings.map((one) => ({
      ...one,
      state: 'on',
      tag: '',
      readyOn: null,
      condition: '',
      fasteners: '',
      note: '',
    })),
    gates: pattern.gates
      .filter((one) => one.kind !== 'scope' && one.kind !== 'level')
      .map((one) => ({ ...one, done: false, doneOn: null, attempts: 0, gapMm: null, flushMm: null })),
    moneyDepth: pattern.moneyDepth,
    keptWhere: pattern.keptWhere,
  });
}

/** Of another size it may have fewer panels: what belonged to one that it does not have is left behind. */
function onOwnPanels(job: Job): Job {
  const keys = new Set(netOfJob({ ...job, surveyed: [] }).map((part) => part.key));
  const isHere = ({ part }: { part: string }) => keys.has(part);
  return {
    ...job,
    surveyed: job.surveyed.filter((one) => keys.has(one.key)),
    fittings: job.fittings.filter(isHere),
    openings: job.openings.filter(isHere),
    blends: job.blends.filter(isHere),
  };
}

/** A section whose level was that of its job takes that of the new one. */
const sectionLike = (section: JobSection, before: Job['level'], level: Job['level']): JobSection =>
  section.level === before ? { ...section, level } : section;

/** How a panel is worked, without what was found on the other object's. */
function shapeOf(survey: PartSurvey): PartSurvey {
  const { key, absent, substrate, visibility, level, depth, method, section, lot } = survey;
  const { insideM2, trimM, seamM, beadM, rivetM, seamInsideM, sheetMm, fit, armM } = survey;
  return {
    ...blankSurvey(key),
    absent,
    substrate,
    visibility,
    level,
    depth,
    method,
    section,
    lot,
    insideM2,
    trimM,
    seamM,
    beadM,
    rivetM,
    seamInsideM,
    sheetMm,
    fit,
    armM,
  };
}
