import { panelsOf, partFromOutline, type Part } from '.';

const square = partFromOutline({
  key: 'A',
  name: 'A',
  section: 's',
  side: 'left',
  shape: 'flat',
  outline: [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ],
});
const cut = (colour: string | null, share: number): Part => ({
  ...square,
  section: colour === null ? 's' : `s~${colour}`,
  outsideM2: share,
  trimM: share,
  field: { colour, edges: [] },
});

test('fields of a panel are put together again: its own outline and section, areas and lengths summed', () => {
  const other = { ...square, key: 'B' };
  const [a, b, ...more] = panelsOf([cut('ochre', 0.2), cut('barley', 0.05), cut(null, 0.75), other]);
  expect(more).toEqual([]);
  expect(a).toMatchObject({ key: 'A', section: 's' });
  expect(a!.outsideM2).toBeCloseTo(1);
  expect(a!.trimM).toBeCloseTo(1);
  expect(b).toBe(other);
});

test('where only fields are asked about, the first of a panel stands for them', () => {
  const [only] = panelsOf([cut('ochre', 0.2), cut('barley', 0.05)]);
  expect(only!.section).toBe('s~ochre');
  expect(only!.outsideM2).toBeCloseTo(0.25);
});
