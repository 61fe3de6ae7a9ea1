import { readFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';
import { maskDrawing } from '../../core/exchange';
import { jobFixture } from '../../core/job.fixture';
import { unchosenColour, type Job } from '../../core/record';
import { stripOf } from '../../core/scheme';
import { taperedBand } from '../../core/scheme/band.fixture';
import { netOfJob, schemeLayout } from '../../core/survey';
import { maskMapPdf } from './mask-map-pdf';

const font = readFileSync(
  require.resolve('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff'),
);
const band = taperedBand({ colour: 'ochre' });
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } });
const job: Job = {
  ...base,
  colours: [...base.colours, { ...unchosenColour, id: 'ochre', name: 'Gravel Ochre' }],
  constructions: [band],
};
const made = (given: Job, paper: 'a4' | 'a3' | 'letter') => {
  const strip = stripOf(netOfJob(given), 'panel', 'left')!;
  const drawing = maskDrawing(schemeLayout(given), strip);
  return maskMapPdf({ job: given, strip, stripName: 'Left side', drawing, paper, font });
};
const bytesOf = async (paper: 'a4' | 'a3' | 'letter') => {
  const pdf = await made(job, paper);
  if ('reason' in pdf) throw new Error(pdf.reason);
  return Buffer.from(pdf);
};

/** Contents of the pages, read without the library that wrote them. */
function contents(pdf: Buffer): string[] {
  const found: string[] = [];
  for (let at = pdf.indexOf('stream\n'); at >= 0; at = pdf.indexOf('stream\n', at + 1)) {
    if (pdf.subarray(at - 3, at).toString() === 'end') continue;
    const end = pdf.indexOf('endstream', at);
    try {
      const text = inflateSync(pdf.subarray(at + 7, end)).toString('latin1');
      if (/ re\n|W n/.test(text)) found.push(text);
    } catch {
      // A stream that is not packed is no page.
    }
  }
  return found;
}

type Matrix = [number, number, number, number, number, number];
const times = ([a, b, c, d, e, f]: Matrix, [g, h, i, j, k, l]: Matrix): Matrix => [
  a * g + b * i,
  a * h + b * j,
  c * g + d * i,
  c * h + d * j,
  e * g + f * i + k,
  e * h + f * j + l,
];

/** Corners of all stroked paths of a page, in mm from the lower left of the sheet. */
function cornersOf(page: string): [number, number][] {
  let now: Matrix = [1, 0, 0, 1, 0, 0];
  const kept: Matrix[] = [];
  const found: [number, number][] = [];
  for (const line of page.split('\n')) {
    const words = line.trim().split(/\s+/);
    const numbers = words.slice(0, -1).map(Number);
    const word = words.at(-1);
    if (word === 'q') kept.push(now);
    else if (word === 'Q') now = kept.pop()!;
    else if (word === 'cm') now = times(numbers as Matrix, now);
    else if (word === 'm' || word === 'l') {
      const [x, y] = numbers as [number, number];
      const mm = 25.4 / 72;
      found.push([(now[0] * x + now[2] * y + now[4]) * mm, (now[1] * x + now[3] * y + now[5]) * mm]);
    }
  }
  return found;
}

test('the first sheet of the front shows the band as wide as it is on the object', async () => {
  const pages = contents(await bytesOf('a4'));
  // The whole strip, then sheets of A4 upright, each 186 mm of it and 10 twice: (4420 − 10) / 176 = 25.06.
  expect(pages).toHaveLength(1 + 26);
  const corners = cornersOf(pages[1]!);
  // The sheet begins 10 mm before the front end, 12 mm in from its edge.
  const atFront = corners.filter(([x]) => Math.abs(x - 22) < 0.01).map(([, y]) => y);
  const [low, high] = [Math.min(...atFront), Math.max(...atFront)];
  expect(atFront.length).toBeGreaterThanOrEqual(2);
  const band200 = atFront.some((a) => atFront.some((b) => Math.abs(Math.abs(a - b) - 200) < 0.05));
  expect(band200).toBe(true);
  expect(high - low).toBeGreaterThan(199);
});

test('the bar of every sheet is 100 mm', async () => {
  const [, sheet] = contents(await bytesOf('a3'));
  const corners = cornersOf(sheet!);
  const bar = corners.some(([x, y]) =>
    corners.some(([u, v]) => Math.abs(u - x - 100) < 0.001 && Math.abs(v - y) < 0.001 && y < 20),
  );
  expect(bar).toBe(true);
});

test('pages are as large as their paper, named, tagged, and carry the face that ships with the app', async () => {
  const text = (await bytesOf('letter')).toString('latin1');
  // 215.9 mm × 279.4 mm are 612 pt × 792 pt.
  expect(text).toContain('/MediaBox [0 0 612 792');
  expect(text).toContain('/MarkInfo');
  expect(text).toMatch(/\/Lang \(en-GB\)/);
  expect(text).toMatch(/AtkinsonHyperlegible/);
});

test('a side without lines is not printed, and says so', async () => {
  expect(await made({ ...job, constructions: [] }, 'a4')).toEqual({
    reason: 'no line lies on Left side: there is nothing to print',
  });
});
