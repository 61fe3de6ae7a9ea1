import { PassThrough } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import sharp from 'sharp';
import {
  column,
  facts,
  figures,
  heading,
  list,
  pageHeading,
  quiet,
  row,
  signatures,
  sumRow,
  table,
  text,
  type Block,
  type PrintedPaper,
} from '../../core/documents';
import { paperPdf, type PaperGiven } from './paper-pdf';
import { readPdf } from './read-pdf.fixture';

const paperOf = (blocks: Block[], over: Partial<PrintedPaper> = {}): PrintedPaper => ({
  title: 'Quote 2 for a coach',
  subject: 'P-014',
  shop: { name: 'A shop', lines: ['1 The Yard', 'by appointment'], markSha256: null },
  blocks,
  ...over,
});
const bytesOf = async (given: Partial<PaperGiven> & Pick<PaperGiven, 'paper'>): Promise<Buffer> => {
  const out = new PassThrough();
  const [bytes] = await Promise.all([
    buffer(out),
    paperPdf({ size: 'a4', photo: async () => null, tell: () => undefined, ...given }, out),
  ]);
  return bytes;
};
const made = async (blocks: Block[], over: Partial<PaperGiven> = {}) =>
  readPdf(await bytesOf({ paper: paperOf(blocks), ...over }));

test('text is selectable: head, title, headings, lists, facts and signatures in their order', async () => {
  const pdf = await made([
    heading('What is done'),
    text('The roof is stripped to bare.'),
    list(['first', 'second']),
    facts([['Code', 'SG 118']]),
    quiet('Sheets come first.'),
    signatures(['For the shop: name, place, day']),
  ]);
  const { words } = pdf.pages[0]!;
  const order = [
    'A shop',
    '1 The Yard',
    'Quote 2 for a coach',
    'P-014',
    'What is done',
    'stripped to bare',
    '– first',
    '– second',
    'Code',
    'SG 118',
    'Sheets come first',
    'For the shop',
  ];
  expect(
    order.map((one) => words.indexOf(one)).every((at, i, all) => at >= 0 && (i === 0 || at > all[i - 1]!)),
  ).toBe(true);
  expect(pdf.info).toMatchObject({ Title: 'Quote 2 for a coach', Author: 'A shop' });
});

test('a table of 120 rows goes over pages with its head anew, every row once, and every page says which of how many', async () => {
  const rows = Array.from({ length: 120 }, (_, i) => row(`line ${i}.`, `${i}.00`));
  const pdf = await made([
    table('Lines', [column('What', 3), figures('Sum')], [...rows, sumRow('In all', '7140.00')]),
  ]);
  const pages = pdf.pages.map((page) => page.words);
  expect(pages.length).toBeGreaterThan(2);
  pages.forEach((words, i) => {
    expect(words).toContain('What Sum');
    expect(words).toContain(`page ${i + 1} of ${pages.length}`);
  });
  const all = pages.join(' ');
  for (let i = 0; i < 120; i += 1) expect(all.split(`line ${i}.`)).toHaveLength(2);
  expect(all).toContain('In all 7140.00');
});

test('A4 is 210 × 297 mm and Letter 8½ × 11 inches', async () => {
  const sizeOf = async (size: 'a4' | 'letter') => (await made([text('x')], { size })).pages[0]!.mm;
  expect(await sizeOf('a4')).toEqual([210, 297]);
  expect(await sizeOf('letter')).toEqual([215.9, 279.4]);
});

test('it is tagged: headings, paragraphs, a table with head cells, and pictures with words of their own', async () => {
  const pdf = await made([
    heading('Film'),
    table('Film by panel', [column('Panel')], [row('R1')]),
    {
      kind: 'drawing',
      words: 'the net',
      width: 10,
      height: 5,
      paths: [{ path: 'M0 0L10 0L10 5Z', fill: '#cccccc', stroke: '#000000' }],
      texts: [{ x: 5, y: 2, text: 'R1' }],
    },
  ]);
  expect(pdf.isTagged).toBe(true);
  const tree = pdf.pages[0]!.tags;
  for (const role of ['H1', 'H2', 'P', 'Table', 'TR', 'TH', 'TD', 'Figure'])
    expect(tree).toContain(`"role":"${role}"`);
  expect(tree).toContain('the net');
});

test('every face that is used is embedded; letters of other scripts and signs of the trade come through', async () => {
  const bytes = await bytesOf({ paper: paperOf([text('30 µm, ΔE 1.2, Žižka, Ωmega, Дом, ≤ 5')]) });
  // The sign of a millionth and the Greek letter are one glyph: a reader may tell either.
  expect(readPdf(bytes).pages[0]!.words.normalize('NFKC')).toContain(
    '30 µm, ΔE 1.2, Žižka, Ωmega, Дом, <= 5'.normalize('NFKC'),
  );
  const plain = bytes.toString('latin1');
  const fonts = plain.match(/\/FontDescriptor/g)!.length;
  expect(plain.match(/\/FontFile[23]/g)!.length).toBe(plain.match(/\/Type \/FontDescriptor/g)!.length);
  expect(fonts).toBeGreaterThan(0);
  expect(plain).not.toContain('/BaseFont /Helvetica');
});

test('a word that is wider than the page, and a paragraph that is longer, lose nothing', async () => {
  const word = 'x'.repeat(400);
  const many = Array.from({ length: 3000 }, (_, i) => `w${i}.`).join(' ');
  const pdf = await made([text(word), text(many)]);
  const all = pdf.pages.map((page) => page.words).join(' ');
  expect(all.match(/x/g)!.length).toBeGreaterThanOrEqual(400);
  for (const i of [0, 1, 1499, 2998, 2999]) expect(all).toContain(`w${i}.`);
});

test('a cell that is longer than a page goes on on the next, and loses nothing', async () => {
  const many = Array.from({ length: 2000 }, (_, i) => `c${i}.`).join(' ');
  const pdf = await made([
    table('Long', [column('What'), column('Said')], [row('first', many), row('after', 'x')]),
  ]);
  const all = pdf.pages.map((page) => page.words).join(' ');
  for (let i = 0; i < 2000; i += 1) expect(all).toContain(`c${i}.`);
  expect(pdf.pages.length).toBeGreaterThan(2);
  expect(pdf.pages.at(-1)!.words).toContain('after');
});

test('a heading that begins a page does, but never leaves an empty one', async () => {
  const pdf = await made([pageHeading('One'), text('a'), pageHeading('Two'), text('b')]);
  expect(pdf.pages.map((page) => [/One/.test(page.words), /Two/.test(page.words)])).toEqual([
    [false, false],
    [true, false],
    [false, true],
  ]);
});

test('photos stand two in a row with their words; one that is missing says so; it is told how far it is', async () => {
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#886644' } })
    .jpeg()
    .toBuffer();
  const photos = Array.from({ length: 5 }, (_, i) => ({
    sha256: String(i),
    caption: `photo ${i}`,
    widthPx: 40,
    heightPx: 30,
  }));
  const told: number[] = [];
  const pdf = await made([{ kind: 'photos', photos }], {
    photo: async (sha) => (sha === '3' ? null : new Uint8Array(jpeg)),
    tell: (share) => told.push(share),
  });
  expect(told).toEqual([0.2, 0.4, 0.6, 0.8, 1]);
  expect(pdf.pages[0]!.images).toBe(4);
  const { words } = pdf.pages[0]!;
  for (let i = 0; i < 5; i += 1) expect(words).toContain(`photo ${i}`);
  expect(words).toContain('This photo is missing from the store.');
});

test('markup in what was typed is text', async () => {
  const pdf = await made([text('<b>bold</b> & <script>alert(1)</script> ) Tj (')]);
  expect(pdf.pages[0]!.words).toContain('<b>bold</b> & <script>alert(1)</script> ) Tj (');
});
