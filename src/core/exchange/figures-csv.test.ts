import type { TypedFigure } from '../figures';
import { readFiguresCsv, withFigureLines, writeFiguresCsv } from './figures-csv';

const typed: TypedFigure[] = [
  { key: 'transfer.flat', scope: 'shop', of: '', value: 0.7 },
  { key: 'transfer.flat', scope: 'product', of: 'clear-21', value: 0.72 },
];
const faultsOf = (text: string, whole: 'shop' | 'job' = 'shop') => {
  const read = readFiguresCsv(text, whole);
  return read.status === 'faulty' ? read.faults.map((one) => `${one.place}: ${one.reason}`) : [];
};

test('what is written is read again, and what nobody typed stays untyped', () => {
  const text = writeFiguresCsv(typed, 'shop');
  expect(text.split('\n')[0]).toBe('key,scope,of,value,unit,usual,least,most,words');
  const read = readFiguresCsv(text, 'shop');
  if (read.status === 'faulty') throw new Error(JSON.stringify(read.faults));
  expect(withFigureLines([], read.value)).toEqual(typed);
  // Taken over something else, the file has the last word, and takes back what it leaves empty.
  const before: TypedFigure[] = [
    { key: 'clear.residual', scope: 'shop', of: '', value: 50 },
    { key: 'clear.residual', scope: 'product', of: 'x', value: 50 } as TypedFigure,
  ];
  expect(withFigureLines(before, read.value)).toEqual([before[1], ...typed]);
});

test('semicolons, decimal commas and units of another country', () => {
  expect(readFiguresCsv('Key;Value\r\ntransfer.flat;0,7\r\nclear.residual;2 mil\r\n', 'shop')).toEqual({
    status: 'ok',
    value: [
      { key: 'transfer.flat', scope: 'shop', of: '', value: 0.7 },
      { key: 'clear.residual', scope: 'shop', of: '', value: 50.8 },
    ],
  });
});

test.each([
  ['', 'line 1: the head line must name the columns key and value'],
  ['key,value\n', 'line 2: there is no figure in the file'],
  ['key,value\ntransfer.round,0.5\n', 'line 2: there is no figure “transfer.round”'],
  ['key,value\ntransfer.flat,7\n', 'line 2: transfer.flat: 7 is outside 0.1–1'],
  ['key,value\ntransfer.flat,0,7\n', 'line 2: has 3 cells where the head has 2'],
  ['key,scope,of,value\ntransfer.flat,panel,R1,0.5\n', 'line 2: transfer.flat is not typed for “panel” here'],
  ['key,scope,of,value\ntransfer.flat,product,,0.5\n', 'line 2: transfer.flat names no product'],
  ['key,value\ntransfer.flat,0.5\ntransfer.flat,0.6\n', 'line 3: transfer.flat stands twice for one place'],
])('%j is refused with its line', (text, reason) => {
  expect(faultsOf(text)[0]!.startsWith(reason)).toBe(true);
});

test('figures of a job are those of its sections and panels', () => {
  expect(faultsOf('key,scope,of,value\ntransfer.flat,panel,R1,0.5\n', 'job')).toEqual([]);
  expect(faultsOf('key,scope,of,value\ntransfer.flat,shop,,0.5\n', 'job')).toHaveLength(1);
});
