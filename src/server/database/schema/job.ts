import { sql } from 'drizzle-orm';
import { check, double, int, json, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { SchoolChoice } from '../../../core/record';
import type { Dimensions } from '../../../core/vehicle';
import { document, id, localDate, shortText, version, whole, word } from './columns';

/** A job; the id is its number. Caps in hours and minor units, 0 = no cap. */
export const job = mysqlTable(
  'job',
  {
    id: id().primaryKey(),
    name: shortText('name'),
    owner: shortText('owner'),
    bodyKind: word('body_kind'),
    dimensions: document<Dimensions>('dimensions'),
    level: word('level'),
    state: word('state'),
    arrival: localDate('arrival'),
    promised: localDate('promised'),
    capLabourHours: double('cap_labour_hours').notNull(),
    capMaterialsMinor: whole('cap_materials_minor'),
    capBoothHours: double('cap_booth_hours').notNull(),
    builtYear: int('built_year'),
    priorRepair: varchar('prior_repair', { length: 32 }).notNull().default('none'),
    schools: json('schools').$type<SchoolChoice | null>(),
    weight: int('weight').notNull().default(1),
    placingOrder: json('placing_order').$type<string[] | null>(),
    version: version(),
  },
  (table) => [
    check('job_level', sql`${table.level} in ('Keep', 'Work', 'Road', 'Show', 'Mirror')`),
    check('job_state', sql`${table.state} in ('surveyed', 'planned', 'running', 'finished')`),
    check(
      'job_caps',
      sql`${table.capLabourHours} >= 0 and ${table.capMaterialsMinor} >= 0 and ${table.capBoothHours} >= 0`,
    ),
  ],
);
