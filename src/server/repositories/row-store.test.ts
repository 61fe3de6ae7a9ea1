import { database } from '../database/client';
import { closeAll, emptyDatabase } from '../database/fresh-demo.fixture';
import * as schema from '../database/schema';
import { standardShelf, shelfOf } from '../../core/film';
import { standardShop } from '../../core/shop';
import { proposeJob } from '../../core/survey';
import { undoLast } from '../services/edits';
import { write } from '../services/unit-of-work';
import { jobChanges } from './job-changes';
import { jobHeads, loadJob } from './job-repository';
import { insert, remove as removeRow, update, type Inverse, type RowChange } from './row-change';
import { applyChanges, RowConflict } from './row-store';
import { loadShop, shelfChanges, shopChanges } from './shop-repository';
import { writerNamed } from '../services/writer.fixture';

const apply = async (changes: readonly (RowChange | Inverse)[]) =>
  (await database().transaction((connection) => applyChanges(connection, changes))).inverse;
const save = (author: string, label: string, change: RowChange) =>
  write(writerNamed(author), 'job', { job: 'R-1' }, async () => ({
    status: 'ok',
    room: 'R-1',
    kind: 'edit',
    label,
    changes: [change],
    undoable: true,
  }));
const remove = async (number: string) => {
  const stored = await loadJob(database(), number);
  if (stored) await apply([removeRow('job', number, stored.versions[number]!)]);
};
const job = proposeJob({
  number: 'R-1',
  name: 'Row trial',
  owner: 'o',
  bodyKind: 'open-hull',
  dimensions: { length: 6 },
  level: 'Road',
  arrival: '2026-11-23',
  promised: '2027-01-22',
  capLabourHours: 1.5,
  capMaterialsMinor: 100,
  capBoothHours: 0.25,
});
const full = {
  ...job,
  measured: [{ key: 'TR', outsideM2: 1.234 }],
  schools: { tape: 'wet' as const },
  addedSteps: [],
  signOffs: [
    {
      step: 'hold/weight',
      name: 'A. Engineer',
      licence: 'L-1',
      date: '2027-01-10',
      signedBy: '',
      bound: null,
    },
  ],
  facts: [
    {
      step: 'hull/wash',
      status: 'done' as const,
      start: 29_900_000,
      end: 29_900_050,
      remainingMin: null,
      personMinutes: 50,
      materialsMinor: 7,
      uses: ['jun'],
    },
    {
      step: 'topsides/strip',
      status: 'running' as const,
      start: 29_900_060,
      end: null,
      remainingMin: 20,
      personMinutes: 15,
      materialsMinor: 0,
      uses: ['sal'],
    },
  ],
};

beforeAll(emptyDatabase);
afterEach(() => remove('R-1'));
afterAll(closeAll);

describe('a job in rows', () => {
  test('is read back as it was written, with a version for every row one can edit', async () => {
    await apply(jobChanges(full));
    const stored = (await loadJob(database(), 'R-1'))!;
    expect(stored.job).toEqual(full);
    expect(Object.keys(stored.versions).sort()).toEqual([
      'R-1',
      'R-1/TR',
      'R-1/boot-top',
      'R-1/bottom',
      'R-1/c.1',
      'R-1/hold/weight',
      'R-1/topsides',
    ]);
    expect((await jobHeads(database())).map((one) => one.number)).toContain('R-1');
    expect(await loadJob(database(), 'R-2')).toBeNull();
  });

  test('goes with everything that belongs to it, and comes back whole by the inverse', async () => {
    await apply(jobChanges(full));
    await remove('R-1');
    expect(await loadJob(database(), 'R-1')).toBeNull();
    await apply(jobChanges(full));
    expect((await loadJob(database(), 'R-1'))!.job).toEqual(full);
  });

  test('names like those of prototypes and quotes are ordinary text', async () => {
    const name = `__proto__'; drop table job; --`;
    await apply(jobChanges({ ...full, name }));
    expect((await loadJob(database(), 'R-1'))!.job.name).toBe(name);
  });
});

describe('changes in one transaction', () => {
  test('when the last does not fit, none of the earlier ones remains', async () => {
    await apply(jobChanges(full));
    const changes: RowChange[] = [
      update('job', 'R-1', 1, { owner: 'half' }),
      update('section', 'R-1/bottom', 9, { level: 'Show' }),
    ];
    await expect(apply(changes)).rejects.toThrow(RowConflict);
    const stored = (await loadJob(database(), 'R-1'))!;
    expect(stored.job.owner).toBe('o');
    expect(stored.versions['R-1']).toBe(1);
  });

  test.each([
    ['a row that is gone', () => update('job', 'R-9', 1, { owner: 'x' }), 'gone'],
    ['a row that is there already', () => jobChanges(full)[0]!, 'exists'],
    ['a row that was changed since', () => removeRow('job', 'R-1', 5), 'changed'],
  ])('%s is told apart', async (_name, change, why) => {
    await apply(jobChanges(full));
    await expect(apply([change()])).rejects.toMatchObject({ why });
  });

  test('the inverse of an update sets the old values and fits the version it left', async () => {
    await apply(jobChanges(full));
    const inverse = await apply([update('job', 'R-1', 1, { owner: 'new', level: 'Show' })]);
    expect(inverse).toEqual([
      { kind: 'update', table: 'job', id: 'R-1', seen: 2, set: { owner: 'o', level: 'Road' }, was: 1 },
    ]);
    await apply(inverse);
    expect((await loadJob(database(), 'R-1'))!.job).toEqual(full);
  });

  test('what the tables refuse is refused whole, in a sentence: a level that is none', async () => {
    await apply(jobChanges(full));
    const wrong: object = { level: 'Best' };
    const outcome = await save('kim', 'bad', update('job', 'R-1', 1, wrong));
    expect(outcome).toEqual({
      status: 'faulty',
      faults: [{ place: '', reason: 'a value does not fit what the database holds' }],
    });
    expect((await loadJob(database(), 'R-1'))!.versions['R-1']).toBe(1);
  });

  test('a misspelt column does not compile, and one that came round the compiler is refused', () => {
    // @ts-expect-error a column that is none
    expect(() => update('job', 'R-1', 1, { ownr: 'x' })).toThrow('job has no column ownr');
    // @ts-expect-error a column of another table
    expect(() => update('job', 'R-1', 1, { colourName: 'x' })).toThrow('job has no column colourName');
    // @ts-expect-error a figure in quotes
    expect(update('job', 'R-1', 1, { weight: '3' })).toBeDefined();
    // @ts-expect-error a new row without one of its columns
    expect(insert('closure', { id: 'c', shopId: 'shop', date: '2026-12-24' })).toBeDefined();
    const loose: object = { ownr: 'x' };
    expect(() => update('job', 'R-1', 1, { ...loose })).toThrow('job has no column ownr');
  });
});

describe('undo, many deep', () => {
  test('a hundred and one edits: a hundred are taken back, the first stays', async () => {
    await apply(jobChanges(full));
    for (let i = 1; i <= 101; i += 1)
      await save('lee', `edit ${i}`, update('job', 'R-1', i, { owner: `owner ${i}` }));
    let undone = 0;
    while ((await undoLast('R-1', writerNamed('lee'))).status === 'saved') undone += 1;
    expect(undone).toBe(100);
    expect((await loadJob(database(), 'R-1'))!.job.owner).toBe('owner 1');
  });

  test('one person’s undo leaves another’s edit of another row alone', async () => {
    await apply(jobChanges(full));
    await save('mia', 'owner', update('job', 'R-1', 1, { owner: 'mia' }));
    await save('ned', 'level', update('section', 'R-1/bottom', 1, { level: 'Show' }));
    expect((await undoLast('R-1', writerNamed('mia'))).status).toBe('saved');
    const stored = (await loadJob(database(), 'R-1'))!.job;
    expect(stored.owner).toBe('o');
    expect(stored.sections.find((section) => section.key === 'bottom')!.level).toBe('Show');
  });
});

describe('a shop in rows', () => {
  test('is read back as it was written, shelf and all', async () => {
    const rolledBack = new Error('rolled back');
    const trial = database().transaction(async (connection) => {
      // Other test files may have filled the shop; what is emptied here comes back with the transaction.
      await connection.delete(schema.shop);
      await connection.delete(schema.product);
      await applyChanges(connection, [...shopChanges(standardShop), ...shelfChanges(standardShelf)]);
      const stored = (await loadShop(connection))!;
      expect(stored.shop).toEqual(standardShop);
      expect(stored.shelf).toEqual(shelfOf(standardShelf));
      throw rolledBack;
    });
    await expect(trial).rejects.toBe(rolledBack);
  });
});
