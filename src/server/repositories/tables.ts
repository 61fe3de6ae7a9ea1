import * as schema from '../database/schema';

/** Tables whose rows are written as row changes; plans, forecasts and the audit record are written by their own parts. */
export const tables = {
  shop: schema.shop,
  shift: schema.shift,
  closure: schema.closure,
  person: schema.person,
  dayOff: schema.dayOff,
  place: schema.place,
  operation: schema.operation,
  operationRate: schema.operationRate,
  learnedFactor: schema.learnedFactor,
  coatSystem: schema.coatSystem,
  ladder: schema.ladder,
  product: schema.product,
  stockMove: schema.stockMove,
  trial: schema.trial,
  job: schema.job,
  section: schema.section,
  measuredPart: schema.measuredPart,
  partSurvey: schema.partSurvey,
  mark: schema.mark,
  filmReading: schema.filmReading,
  ownPart: schema.ownPart,
  fitting: schema.fitting,
  hole: schema.hole,
  gate: schema.gate,
  find: schema.find,
  milestone: schema.milestone,
  opening: schema.opening,
  cover: schema.cover,
  blend: schema.blend,
  sendOut: schema.sendOut,
  colour: schema.colour,
  construction: schema.construction,
  photo: schema.photo,
  stepFact: schema.stepFact,
  logEntry: schema.logEntry,
  stepEdit: schema.stepEdit,
  addedStep: schema.addedStep,
  scopeChange: schema.scopeChange,
  signOff: schema.signOff,
};

export type TableName = keyof typeof tables;
/** A row of a table, its version included. */
export type RowOf<N extends TableName> = (typeof tables)[N]['$inferSelect'];
