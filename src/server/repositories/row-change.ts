/** Tables whose rows a person edits; everything else is written by services only. */
export const editableTables = [
  'shop',
  'shift',
  'closure',
  'person',
  'dayOff',
  'place',
  'operation',
  'operationRate',
  'learnedFactor',
  'coatSystem',
  'ladder',
  'product',
  'stockMove',
  'trial',
  'job',
  'section',
  'measuredPart',
  'partSurvey',
  'mark',
  'filmReading',
  'ownPart',
  'fitting',
  'hole',
  'gate',
  'find',
  'milestone',
  'opening',
  'cover',
  'blend',
  'sendOut',
  'photo',
  'stepFact',
  'logEntry',
  'stepEdit',
  'addedStep',
  'scopeChange',
  'signOff',
] as const;
export type EditableTable = (typeof editableTables)[number];

export type Cells = Record<string, unknown>;

/** One change of one row. `seen` is the version the writer saw; another version means somebody wrote since. */
export type RowChange =
  | { kind: 'insert'; table: EditableTable; row: Cells & { id: string } }
  | { kind: 'update'; table: EditableTable; id: string; seen: number; set: Cells }
  | { kind: 'delete'; table: EditableTable; id: string; seen: number };

/** A change that takes another back; `was` is the version the other one saw, 0 where it made the row. */
export type Inverse = RowChange & { was: number };
