import { unchosenColour } from '../record';
import { coloursCgats } from './colours-cgats';

const text = coloursCgats({
  number: 'P-1',
  name: 'Van "A"',
  colours: [
    { ...unchosenColour, id: 'c.1', name: 'White', hex: '#ffffff' },
    { ...unchosenColour, id: 'c.2', name: 'Ochre\n"x"', lab: { l: 61.204, a: 8.5, b: -39.998 }, code: 'R 7' },
  ],
});
const lines = text.split('\n');

test('colours of a job as CGATS: as many fields and sets as announced, CIELAB with two places', () => {
  expect(lines[0]).toBe('CGATS.17');
  const count = (word: string) => Number(lines.find((line) => line.startsWith(word))!.split('\t')[1]);
  const format = lines[lines.indexOf('BEGIN_DATA_FORMAT') + 1]!.split('\t');
  expect(format).toHaveLength(count('NUMBER_OF_FIELDS'));
  const sets = lines.slice(lines.indexOf('BEGIN_DATA') + 1, lines.indexOf('END_DATA'));
  expect(sets).toHaveLength(count('NUMBER_OF_SETS'));
  for (const set of sets) expect(set.split('\t')).toHaveLength(format.length);
  // A screen's white is L* 100.
  expect(sets[0]).toMatch(/^"c\.1"\t"White"\t100\.00\t-?0\.0\d\t-?0\.0\d\tSCREEN\t/);
  expect(sets[1]).toBe('"c.2"\t"Ochre \'x\'"\t61.20\t8.50\t-40.00\tTYPED\t"dense-solid"\t"R 7"');
});

test('a quotation mark in a name ends nothing', () => {
  expect(lines.find((line) => line.startsWith('DESCRIPTOR'))).toBe(
    'DESCRIPTOR\t"P-1 Van \'A\', colours of the job"',
  );
});
