import type { MarkRecord, ReadingRecord } from '../concepts/findings';
import type { OwnPartRecord } from '../concepts/own-part';
import type { PanelSurveyRecord } from '../concepts/panel-survey';
import type { Part } from '../vehicle';

export type { ReferenceColour, UnderLayer } from '../concepts/panel-survey';

/** What the survey says of one panel beyond the net; null stands for what net or section say. */
export interface PartSurvey extends PanelSurveyRecord {
  key: string;
}

export const blankSurvey = (key: string): PartSurvey => ({
  key,
  absent: false,
  substrate: null,
  under: [],
  replaced: false,
  solventTest: 'not-tested',
  leadTest: 'not-tested',
  testedOn: null,
  patch: 'not-done',
  patchOver: '',
  sheetMm: null,
  visibility: 'seen',
  level: null,
  coveredBy: '',
  coveredOn: null,
  reference: '',
  referenceColour: null,
  depth: null,
  method: null,
  section: null,
  lot: '',
  outsideQuoteMinor: null,
  insideM2: null,
  trimM: null,
  seamM: null,
  beadM: null,
  rivetM: null,
  seamInsideM: null,
  seams: 'as-found',
  sealedOn: null,
  sealant: '',
  fit: 'fixed',
  fitNote: '',
  armM: null,
  note: '',
});

export interface Mark extends MarkRecord {
  id: string;
}

export interface FilmReading extends ReadingRecord {
  id: string;
}

/** A panel that the body kind does not have: typed, split off, mirrored or read from a panel map. */
export interface OwnPart extends OwnPartRecord {
  key: string;
}

/** A part as a job keeps its own ones: without what follows from the outline. */
export function ownPartOf(part: Part): OwnPart {
  const { key, name, section, side, outline, holes, shape, curveFactor, curveReason } = part;
  const { insideM2, trimM, beadM, rivetM, seamM } = part;
  return {
    key,
    name,
    section,
    side,
    outline,
    holes,
    shape,
    curveFactor,
    curveReason,
    insideM2,
    trimM,
    beadM,
    rivetM,
    seamM,
  };
}
