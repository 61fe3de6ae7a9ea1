import type { Minute } from '../units';

/** One cell as it was and as it became; texts shortened, null where there was none. */
export interface AuditCell {
  /** Table of the row, and its id within the job. */
  row: string;
  field: string;
  before: string | null;
  after: string | null;
}

/** One write as it is read: when, who, what, and what stood before and after. */
export interface AuditLine {
  id: number;
  atMinute: Minute;
  author: string;
  kind: string;
  label: string;
  undone: boolean;
  cells: AuditCell[];
  /** How many cells there are beyond those that are told. */
  more: number;
}
