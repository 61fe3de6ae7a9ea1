import type { Edit } from '@/core/record';
import { OwnEdits } from './own-edits';

const edit = (seen: number, set: object, id = 'c.1'): Edit => ({
  kind: 'set-item',
  job: 'P-014',
  list: 'colours',
  id,
  seen,
  set,
});
const seenOf = (one: Edit) => ('seen' in one ? one.seen : null);
/** A shop in which each edit from the version that stands brings the next one. */
function shop(start = 5) {
  let version = start;
  const out: (number | null)[] = [];
  const send = async (one: Edit) => {
    await Promise.resolve();
    out.push(seenOf(one));
    if (seenOf(one) !== version) return { status: 'refused' };
    version += 1;
    return { status: 'saved' };
  };
  return { send, out, bump: () => (version += 1) };
}

describe('edits that follow each other faster than the page', () => {
  test('wait for the one before, and go out from the version it left', async () => {
    const { send, out } = shop();
    const own = new OwnEdits<{ status: string }>();
    const answers = await Promise.all([
      own.run(edit(5, { finish: 'candy' }), send),
      own.run(edit(5, { system: 'candy' }), send),
      own.run(edit(5, { finish: 'pearl' }), send),
    ]);
    expect(answers.map((one) => one.status)).toEqual(['saved', 'saved', 'saved']);
    expect(out).toEqual([5, 6, 7]);
    // Later, still from the old page; and once the page has come, from its version.
    expect((await own.run(edit(5, { name: 'A' }), send)).status).toBe('saved');
    expect((await own.run(edit(9, { name: 'B' }), send)).status).toBe('saved');
  });

  test('what somebody else wrote in between is met as ever', async () => {
    const { send, bump } = shop();
    const own = new OwnEdits<{ status: string }>();
    await own.run(edit(5, { name: 'A' }), send);
    bump();
    expect((await own.run(edit(5, { code: 'B' }), send)).status).toBe('refused');
  });

  test('a document made from an older one takes nothing back; a plain value and another row are free', async () => {
    const { send, out } = shop();
    const own = new OwnEdits<{ status: string }>();
    await own.run(edit(5, { shape: { mm: 1 } }), send);
    expect((await own.run(edit(5, { shape: { mm: 2 } }), send)).status).toBe('refused');
    expect((await own.run(edit(5, { name: 'A' }), send)).status).toBe('saved');
    await own.run(edit(5, { name: 'A' }, 'c.2'), send);
    expect(out).toEqual([5, 5, 6, 5]);
  });

  test('a row that was removed and brought back counts from one again: its edit is not held for a stranger’s', async () => {
    const own = new OwnEdits<{ status: string }>();
    await own.run(edit(1, { name: 'A' }), shop(1).send);
    const back = shop(1);
    const saved = await own.run(edit(1, { name: 'B' }), back.send);
    expect([saved.status, back.out]).toEqual(['saved', [2, 1]]);
  });

  test('a refused edit and one that fails hold up nobody', async () => {
    const { send } = shop();
    const own = new OwnEdits<{ status: string }>();
    await expect(own.run(edit(5, {}), () => Promise.reject(new Error('away')))).rejects.toThrow('away');
    expect((await own.run(edit(4, { name: 'A' }), send)).status).toBe('refused');
    expect((await own.run(edit(5, { name: 'A' }), send)).status).toBe('saved');
  });
});
