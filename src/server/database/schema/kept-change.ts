/** A change of a row as the audit record keeps it: its table by name, its cells as they were written that day. */
export type KeptChange =
  | { kind: 'insert'; table: string; row: { id: string } }
  | { kind: 'update'; table: string; id: string; seen: number; set: object }
  | { kind: 'delete'; table: string; id: string; seen: number };
