import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { dataFolder } from '../database/access';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { editRecord } from '../database/schema';
import { loadJob } from '../repositories/job-repository';
import { doneAgo, endLease, takeLease } from '../repositories/lease-repository';
import { changesSince, lastChange, onChange, type LiveChange } from '../live';
import { saveEdit } from './edits';
import { eraseOwnerOf, ownerDataOf } from './owner-data';
import { createJob } from './jobs';
import { currentPlan } from './plans';
import { trashed, trashJob, untrashJob } from './trash';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const job = async (number: string) => loadJob(database(), number);
const manager = writerNamed('demo-manager');

const newJob = {
  number: 'P-100',
  name: 'Little van',
  owner: 'A neighbour',
  bodyKind: 'box-body',
  dimensions: { length: 4.2, width: 1.7, height: 1.9 },
  level: 'Road' as const,
  arrival: '2027-01-11',
  promised: '2027-03-26',
  capLabourHours: 300,
  capMaterialsMinor: 250000,
  capBoothHours: 60,
  like: '',
};

describe('the trash', () => {
  test('takes a job out with all that belongs to it, and brings it back as it stood', async () => {
    const before = await job('P-014');
    const agreed = (await currentPlan('P-014'))!.agreed;
    expect(await trashJob('P-014', manager)).toMatchObject({ status: 'saved' });
    expect(await job('P-014')).toBeNull();
    const [row] = await database().execute(sql`select count(*) as n from section where job_id = 'P-014'`);
    expect(row).toEqual([{ n: 0 }]);
    const [put] = await trashed();
    expect(put).toMatchObject({ job: 'P-014', by: 'Wren' });
    // Thirty days of 86 400 seconds.
    expect(put!.endsAt - put!.putAt).toBe(2_592_000);
    expect(await untrashJob(put!.id, manager)).toMatchObject({ status: 'saved' });
    expect(await job('P-014')).toEqual(before);
    expect((await currentPlan('P-014'))!.agreed?.finish).toEqual(agreed?.finish);
    expect(await trashed()).toEqual([]);
    expect(await untrashJob(put!.id, manager)).toMatchObject({ faults: [{ place: 'trash' }] });
  });

  test('gives nothing back over a job that has the number now', async () => {
    await trashJob('P-015', manager);
    const [put] = await trashed();
    const like = { ...newJob, number: 'P-015' };
    expect(await createJob(like, manager)).toMatchObject({ status: 'saved' });
    expect(await untrashJob(put!.id, manager)).toMatchObject({ faults: [{ place: 'trash' }] });
    await trashJob('P-015', manager);
    expect(await untrashJob(put!.id, manager)).toMatchObject({ status: 'saved' });
  });

  test('is for planners and managers', async () => {
    expect(await trashJob('P-011', writerNamed('x', 'painter'))).toMatchObject({ status: 'forbidden' });
    expect(await job('P-011')).not.toBeNull();
  });
});

describe('the data of an owner', () => {
  test('is told as a file, and erased from the job and from the record of changes', async () => {
    const stored = (await job('P-016'))!;
    const owner = stored.job.owner;
    const seen = stored.versions['P-016']!;
    await saveEdit({ kind: 'job', job: 'P-016', seen, set: { owner: `${owner} and daughter` } }, manager);
    const data: unknown = JSON.parse((await ownerDataOf('P-016'))!);
    expect(data).toMatchObject({
      format: 'coatrel-owner-data',
      names: expect.arrayContaining([`${owner} and daughter`]),
    });
    expect(await eraseOwnerOf('P-016', writerNamed('x', 'planner'))).toMatchObject({ status: 'forbidden' });
    expect(await eraseOwnerOf('P-016', manager)).toMatchObject({ status: 'saved' });
    expect((await job('P-016'))!.job.owner).toBe('erased');
    const rows = await database().select().from(editRecord);
    expect(rows.filter((one) => JSON.stringify(one.changes).includes(`${owner} and daughter`))).toEqual([]);
    expect(await ownerDataOf('X-1')).toBeNull();
  });
});

describe('work that one process does for all', () => {
  test('is held by one, and taken over when nobody says so any more', async () => {
    expect(await takeLease(database(), 'try', 'a', 60)).toBe(true);
    expect(await takeLease(database(), 'try', 'b', 60)).toBe(false);
    expect(await takeLease(database(), 'try', 'a', 60)).toBe(true);
    // The holder died: its time runs out.
    await database().execute(sql`update lease set until_s = unix_timestamp() - 1 where name = 'try'`);
    expect(await takeLease(database(), 'try', 'b', 60)).toBe(true);
    expect(await doneAgo(database(), 'try')).toBeGreaterThan(1_000_000_000);
    await endLease(database(), 'try', 'b');
    expect(await doneAgo(database(), 'try')).toBeLessThan(60);
    expect(await doneAgo(database(), 'never')).toBe(Infinity);
  });
});

describe('changes as they happen', () => {
  test('are told once each, with the room and the request, and those that were missed are told after', async () => {
    const heard: LiveChange[] = [];
    const mark = await lastChange();
    const off = onChange((changes) => heard.push(...changes));
    await new Promise((done) => setTimeout(done, 500));
    for (const day of ['2031-03-01', '2031-03-02'])
      await saveEdit(
        { kind: 'add-closures', closures: [{ date: day, reason: '' }] },
        writerNamed('demo-manager', 'manager', `request-${day}`),
      );
    for (let tries = 0; tries < 40 && heard.length < 2; tries += 1)
      await new Promise((done) => setTimeout(done, 100));
    off();
    expect(heard.map(({ room, request }) => [room, request])).toEqual([
      ['shop', 'request-2031-03-01'],
      ['shop', 'request-2031-03-02'],
    ]);
    expect(await changesSince(mark)).toEqual(heard);
  });
});

const run = (script: string, words: string[], data: string) => {
  const done = spawnSync(process.execPath, [`scripts/${script}.mjs`, ...words], {
    encoding: 'utf8',
    env: { ...process.env, COATREL_DATA: data },
  });
  return { status: done.status, said: `${done.stdout}${done.stderr}` };
};

/** Figures of a copy that does not run: its database is started for them. */
function figuresOf(data: string): unknown {
  const code = `
    import { PrivateDatabase } from './scripts/house/database.mjs';
    import { ask } from './scripts/house/backup.mjs';
    const database = new PrivateDatabase(process.env.COATREL_DATA);
    await database.start();
    const tables = ['job', 'section', 'log_entry', 'edit_record', 'account', 'product', 'agreed_plan'];
    const sums = tables.map((one) => ask(database.access, 'checksum table ' + one)[0].split('\\t')[1]);
    await database.stop();
    console.log('FIGURES ' + JSON.stringify(sums));`;
  const done = spawnSync(process.execPath, ['--input-type=module', '-e', code], {
    encoding: 'utf8',
    env: { ...process.env, COATREL_DATA: data },
  });
  return JSON.parse(/FIGURES (.*)/.exec(done.stdout)?.[1] ?? 'null');
}

describe('a backup', () => {
  const folder = mkdtempSync(join(tmpdir(), 'coatrel-backup-'));
  // The database's own user passes through it.
  chmodSync(folder, 0o711);
  const to = join(folder, 'to');
  let file: string;
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  test('is restored into an empty copy, row by row and photo by photo', async () => {
    const sha = 'a'.repeat(64);
    mkdirSync(join(dataFolder(), 'photos'), { recursive: true });
    writeFileSync(join(dataFolder(), 'photos', `${sha}.jpg`), 'a picture');
    const made = run('backup', ['--to', to], dataFolder());
    expect(made).toMatchObject({ status: 0, said: expect.stringMatching(/, [1-9]\d* photos/) });
    file = join(
      to,
      readdirSync(to).find((one) => one.endsWith('.tar'))!,
    );
    const empty = join(folder, 'empty');
    expect(run('restore', [file], empty)).toMatchObject({ status: 0 });
    expect(readFileSync(join(empty, 'photos', `${sha}.jpg`), 'utf8')).toBe('a picture');
    const tables = ['job', 'section', 'log_entry', 'edit_record', 'account', 'product', 'agreed_plan'];
    const own: string[] = [];
    for (const one of tables) {
      const [rows] = await database().execute(sql.raw(`checksum table ${one}`));
      own.push(String((rows as unknown as { Checksum: number }[])[0]!.Checksum));
    }
    expect(figuresOf(empty)).toEqual(own);
    expect(run('restore', [file], empty).said).toContain('holds a copy already');
  }, 240_000);

  test('that is damaged, not whole, of a newer Coatrel or none at all is refused, and nothing is there afterwards', () => {
    const into = join(folder, 'into');
    const spoilt = join(folder, 'spoilt.tar');
    const bytes = readFileSync(file);
    const place = bytes.indexOf('a picture');
    bytes[place] = 66;
    writeFileSync(spoilt, bytes);
    expect(run('restore', [spoilt], into).said).toContain('the backup is damaged: photos/');
    writeFileSync(spoilt, readFileSync(file).subarray(0, 40_000));
    expect(run('restore', [spoilt], into).said).toMatch(/not whole|damaged|missing/);
    writeFileSync(spoilt, 'no backup');
    expect(run('restore', [spoilt], into).said).toContain('no backup of Coatrel');
    const work = join(folder, 'work');
    mkdirSync(work);
    spawnSync('tar', ['--extract', `--file=${file}`, '-C', work]);
    const list = JSON.parse(readFileSync(join(work, 'manifest.json'), 'utf8')) as { form: string[] };
    writeFileSync(
      join(work, 'manifest.json'),
      JSON.stringify({ ...list, form: [...list.form, '9999_later'] }),
    );
    spawnSync('tar', ['--create', `--file=${spoilt}`, '-C', work, '.']);
    expect(run('restore', [spoilt], into).said).toContain(
      'made by a newer Coatrel (its database has 9999_later)',
    );
    writeFileSync(join(work, 'manifest.json'), JSON.stringify(list));
    writeFileSync(join(work, 'stranger'), '');
    spawnSync('tar', ['--create', `--file=${spoilt}`, '-C', work, '.']);
    expect(run('restore', [spoilt], into).said).toContain('stranger, which is not on its list');
    expect(readdirSync(folder).filter((one) => one.startsWith('into.'))).toEqual([]);
  }, 120_000);

  test('by age to public keys is read by who has the other key alone', () => {
    const keys = spawnSync('age-keygen', ['-o', join(folder, 'key')], { encoding: 'utf8' });
    if (keys.error) spawnSync('apt-get', ['install', '-y', '-qq', 'age']);
    if (keys.error) spawnSync('age-keygen', ['-o', join(folder, 'key')]);
    const secret = readFileSync(join(folder, 'key'), 'utf8');
    writeFileSync(join(folder, 'public'), `${/age1\w+/.exec(secret)![0]}\n`);
    const sealed = join(folder, 'sealed');
    expect(run('backup', ['--to', sealed, '--encrypt-to', join(folder, 'public')], dataFolder()).status).toBe(
      0,
    );
    const made = join(
      sealed,
      readdirSync(sealed).find((one) => one.endsWith('.age'))!,
    );
    expect(readFileSync(made).includes('coatrel-backup')).toBe(false);
    const into = join(folder, 'opened');
    expect(run('restore', [made], into).said).toContain('say --identity');
    expect(run('restore', [made, '--identity', join(folder, 'key')], into)).toMatchObject({ status: 0 });
  }, 240_000);
});
