import { cpSync, existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import { readAccess } from './access';
import { migrate, MigrationStopped, readMigrations } from './migrate';

let connection: Connection;
const folder = mkdtempSync(join(tmpdir(), 'coatrel-migrations-'));
const dumps = join(folder, 'dumps');

beforeAll(async () => {
  const access = readAccess();
  connection = await createConnection({
    socketPath: access.socket,
    ...access.migrate,
    database: access.schema,
  });
  cpSync(join(process.cwd(), 'drizzle'), join(folder, 'drizzle'), { recursive: true });
  await migrate();
});
afterAll(() => connection.end());

/** The migrations with one more at the end. */
function withMigration(tag: string, sql: string): string {
  const copy = mkdtempSync(join(folder, 'more-'));
  cpSync(join(folder, 'drizzle'), copy, { recursive: true });
  const journal = JSON.parse(readFileSync(join(copy, 'meta/_journal.json'), 'utf8'));
  journal.entries.push({ idx: journal.entries.length, version: '5', when: 0, tag, breakpoints: true });
  writeFileSync(join(copy, 'meta/_journal.json'), JSON.stringify(journal));
  writeFileSync(join(copy, `${tag}.sql`), sql);
  return copy;
}

const forget = async (tag: string, table: string) => {
  await connection.query('delete from schema_statement where tag = ?', [tag]);
  await connection.query(`drop table if exists ${table}`);
};

test('every statement of the committed migrations is journalled as done, and a second run does nothing', async () => {
  const statements = readMigrations(join(process.cwd(), 'drizzle')).flatMap((one) => one.statements).length;
  const [rows] = await connection.query<RowDataPacket[]>(
    "select count(*) as n from schema_statement where state = 'done'",
  );
  expect(rows[0]!.n).toBe(statements);
  expect(await migrate()).toEqual({ ran: 0, continued: false, dump: null });
});

test('a migration interrupted after its first statement took effect is continued', async () => {
  const more = withMigration(
    '9001_trial',
    'create table trial_a (id int);\n--> statement-breakpoint\ncreate table trial_b (id int);',
  );
  await connection.query('create table trial_a (id int)');
  const { createHash } = await import('node:crypto');
  const sha = createHash('sha256').update('create table trial_a (id int);').digest('hex');
  await connection.query("insert into schema_statement values ('9001_trial', 0, ?, 'begun')", [sha]);
  expect(await migrate(more, dumps)).toMatchObject({ ran: 2, continued: true });
  await connection.query('drop table trial_b');
  await forget('9001_trial', 'trial_a');
});

test('a statement that fails stops with one sentence and leaves the journal at that place', async () => {
  const more = withMigration(
    '9002_bad',
    'create table trial_c (id int);\n--> statement-breakpoint\ncreate tabble oops;',
  );
  await expect(migrate(more, dumps)).rejects.toThrow(/9002_bad stopped at statement 2/);
  const [rows] = await connection.query<RowDataPacket[]>(
    "select position, state from schema_statement where tag = '9002_bad' order by position",
  );
  expect(rows).toEqual([
    { position: 0, state: 'done' },
    { position: 1, state: 'begun' },
  ]);
  await forget('9002_bad', 'trial_c');
});

test('a database written by a newer program is refused in a sentence', async () => {
  await connection.query("insert into schema_statement values ('9999_future', 0, repeat('a', 64), 'done')");
  await expect(migrate()).rejects.toThrow(MigrationStopped);
  await expect(migrate()).rejects.toThrow(/newer Coatrel/);
  await forget('9999_future', 'nothing_of_it');
});

/** Columns are named, so that a further one of a job touches no test. */
const insertJob = (id: string, level: string) =>
  `insert into job (id, name, owner, body_kind, dimensions, level, state, arrival, promised,
     cap_labour_hours, cap_materials_minor, cap_booth_hours)
   values ('${id}', 'n', 'o', 'box-body', '{}', '${level}', 'surveyed', '2026-01-01', '2026-02-01', 0, 0, 0)`;

test('before a database with jobs is changed, a dump of it is kept', async () => {
  await connection.query(insertJob('Z-1', 'Road'));
  const more = withMigration('9003_more', 'create table trial_d (id int);');
  const { dump } = await migrate(more, dumps);
  expect(dump && existsSync(dump)).toBe(true);
  expect(readFileSync(dump!, 'utf8')).toContain("'Z-1'");
  await connection.query("delete from job where id = 'Z-1'");
  await forget('9003_more', 'trial_d');
});

test('the tables refuse what no screen may write: a level that is none, an end before its start', async () => {
  await expect(connection.query(insertJob('Z-2', 'Best'))).rejects.toThrow(/job_level/);
  await expect(
    connection.query("insert into measured_part values ('x', 'no-such-job', 'p', 1, 1)"),
  ).rejects.toThrow(/foreign key/i);
});

test('sections that named their own colours share one colour a name, keyed by the first of them', async () => {
  const own = readMigrations(join(process.cwd(), 'drizzle')).find((one) => one.tag.startsWith('0018'))!;
  const [share, write] = own.statements.slice(-2) as [string, string];
  await connection.query(insertJob('Z-3', 'Road'));
  await connection.query('alter table section add colour_name varchar(80), add colour_hex varchar(32)');
  const insert = (key: string, name: string, hex: string, position: number) =>
    connection.query(
      `insert into section (id, job_id, section_key, name, group_key, loose, substrate, system_key, old_finish, depth,
         level, colour, coats, position, colour_name, colour_hex)
       values ('Z-3/${key}', 'Z-3', '${key}', '${key}', 'body', 0, 'steel', 'base-clear', 'enamel', 'bare',
         'Road', '', '{}', ${position}, '${name}', '${hex}')`,
    );
  await insert('roof', 'straw', '#c0c0a0', 2);
  await insert('sides', 'Straw', '#d0c090', 0);
  await insert('wings', 'Straw', '#000000', 1);
  // Carried out again, as after an interruption, they change nothing.
  for (const statement of [share, write, share, write]) await connection.query(statement);
  const [sections] = await connection.query<RowDataPacket[]>(
    "select section_key, colour from section where job_id = 'Z-3' order by position",
  );
  expect(sections.map((one) => [one.section_key, one.colour])).toEqual([
    ['sides', 'c.sides'],
    ['wings', 'c.sides'],
    ['roof', 'c.roof'],
  ]);
  const [colours] = await connection.query<RowDataPacket[]>(
    "select id, name, hex from colour where job_id = 'Z-3' order by id",
  );
  expect(colours.map((one) => [one.id, one.name, one.hex])).toEqual([
    ['Z-3/c.roof', 'straw', '#c0c0a0'],
    ['Z-3/c.sides', 'Straw', '#d0c090'],
  ]);
  await connection.query("delete from job where id = 'Z-3'");
  await connection.query('alter table section drop colour_name, drop colour_hex');
});
