import { index, mysqlTable } from 'drizzle-orm/mysql-core';
import { workNoteFields } from '../../../core/concepts/work-note';
import { id, version } from './columns';
import { columnsOf } from './columns-of';

/** What the shop learned at the work: cause and cure, and where they come back. */
export const workNote = mysqlTable(
  'work_note',
  {
    id: id().primaryKey(),
    ...columnsOf(workNoteFields, {
      operation: 'operation_code',
      product: 'product_code',
      job: 'job_number',
      part: 'part_key',
      step: 'step_key',
      by: 'written_by',
    }),
    version: version(),
  },
  (table) => [index('work_note_of_operation').on(table.operation)],
);
