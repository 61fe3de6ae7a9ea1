import { sql } from 'drizzle-orm';
import { boolean, check, json, mysqlTable, unique, varchar } from 'drizzle-orm/mysql-core';
import type { JobSection, SchoolChoice, StopRule, TypedRounds } from '../../../core/record';
import { document, id, shortText, version, whole, word } from './columns';
import { job } from './job';

/** A section of a job: what it is, how far down it goes, what goes on it. */
export const section = mysqlTable(
  'section',
  {
    id: id().primaryKey(),
    jobId: id('job_id')
      .notNull()
      .references(() => job.id, { onDelete: 'cascade' }),
    sectionKey: word('section_key'),
    position: whole('position'),
    name: shortText('name'),
    groupKey: word('group_key'),
    loose: boolean('loose').notNull(),
    substrate: word('substrate'),
    systemKey: word('system_key'),
    oldFinish: word('old_finish'),
    depth: word('depth'),
    level: word('level'),
    colourName: shortText('colour_name'),
    colourHex: word('colour_hex'),
    ladder: varchar('ladder', { length: 32 }),
    coats: document<JobSection['coats']>('coats'),
    schools: json('schools').$type<SchoolChoice | null>(),
    rounds: json('rounds').$type<TypedRounds | null>(),
    stopRule: json('stop_rule').$type<StopRule | null>(),
    version: version(),
  },
  (table) => [
    unique('section_of_job').on(table.jobId, table.sectionKey),
    check('section_level', sql`${table.level} in ('Keep', 'Work', 'Road', 'Show', 'Mirror')`),
    check('section_depth', sql`${table.depth} in ('scuff', 'stable', 'bare')`),
  ],
);
