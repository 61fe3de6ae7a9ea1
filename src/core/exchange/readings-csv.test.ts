import { readReadingsCsv } from './readings-csv';

const read = (text: string) => readReadingsCsv(text, 'eddy');
const faults = (text: string) => {
  const made = read(text);
  return made.status === 'faulty' ? made.faults.map((one) => `${one.place}: ${one.reason}`) : [];
};

const nowhere = { fromLeftMm: null, fromTopMm: null };

describe('readings from a file', () => {
  test('comma separated, with gauges; columns in any order', () => {
    expect(read('um,part,gauge\n184,B4L,eddy\n96.5,B4L,cut-edge\n')).toEqual({
      status: 'ok',
      value: [
        { line: 2, part: 'B4L', um: 184, gauge: 'eddy', ...nowhere },
        { line: 3, part: 'B4L', um: 96.5, gauge: 'cut-edge', ...nowhere },
      ],
    });
  });

  test('semicolons with decimal commas, a byte order mark, Windows line ends, empty lines, no gauge column', () => {
    expect(read('\uFEFFPart;UM\r\nR1;121,5\r\n\r\nR2;118\r\n')).toEqual({
      status: 'ok',
      value: [
        { line: 2, part: 'R1', um: 121.5, gauge: 'eddy', ...nowhere },
        { line: 4, part: 'R2', um: 118, gauge: 'eddy', ...nowhere },
      ],
    });
  });

  test('places in mm from the left and top edge, where they are noted', () => {
    expect(read('part;um;x_mm;y_mm\nR1;120;350,5;80\nR1;121;;\n')).toEqual({
      status: 'ok',
      value: [
        { line: 2, part: 'R1', um: 120, gauge: 'eddy', fromLeftMm: 350.5, fromTopMm: 80 },
        { line: 3, part: 'R1', um: 121, gauge: 'eddy', ...nowhere },
      ],
    });
    expect(faults('part,um,x_mm\nR1,120,left\n')[0]).toBe('line 2: “left” is no place in mm');
  });

  test('quoted cells and tabs', () => {
    expect(read('part\tum\n"R1"\t"121"\n')).toMatchObject({ status: 'ok', value: [{ part: 'R1', um: 121 }] });
  });
});

describe('files that are none are named by their line', () => {
  test.each([
    ['an empty file', '', 'line 1: the head line must name the columns part and um'],
    [
      'a missing column',
      'part,thickness\nR1,120\n',
      'line 1: the head line must name the columns part and um',
    ],
    [
      'a decimal comma between commas',
      'part,um\nR1,121,5\n',
      'line 2: has 3 cells where the head has 2; is a decimal comma taken for a separator?',
    ],
    [
      'a word for a figure',
      'part,um\nR1,120\nR2,thick\n',
      'line 3: “thick” is no reading between 0 and 20000 µm',
    ],
    ['a negative reading', 'part,um\nR1,-5\n', 'line 2: “-5” is no reading between 0 and 20000 µm'],
    ['a formula', 'part,um\nR1,=1+1\n', 'line 2: “=1+1” is no reading'],
    [
      'a gauge that is none',
      'part,um,gauge\nR1,120,thumb\n',
      'line 2: the gauge must be one of magnetic, eddy, ultrasonic, cut-edge',
    ],
    ['a head alone', 'part,um\n', 'line 2: there is no reading in the file'],
    ['no part', 'part,um\n,120\n', 'line 2: the part is missing'],
  ])('%s', (_name, text, said) => {
    expect(faults(text)[0]).toContain(said);
  });

  test('one faulty line of many yields nothing', () => {
    expect(read(`part,um\n${'R1,120\n'.repeat(50)}R1,x\n`).status).toBe('faulty');
  });

  test('more than 5000 lines are refused', () => {
    expect(faults(`part,um\n${'R1,120\n'.repeat(5001)}`)[0]).toBe(
      'line 5002: a file holds at most 5000 readings',
    );
  });
});
