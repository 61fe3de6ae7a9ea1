import sharp from 'sharp';
import { NextRequest } from 'next/server';
import { documentKinds, type DocumentKind } from '../features/documents/document-kinds';
import { closeAll, freshDemo } from '../server/database/fresh-demo.fixture';
import { fetchDocument, makeDocument } from '../server/services/documents';
import { saveEdit } from '../server/services/edits';
import { offersOf } from '../server/services/offers';
import { addPhoto } from '../server/services/photos';
import { currentPlan, requireShop } from '../server/services/plans';
import { takeMark } from '../server/services/mark';
import { readPdf, type ReadPdf } from '../workers/documents/read-pdf.fixture';
import { documentOf } from './document-of';
import { GET } from './api/jobs/[job]/documents/[kind]/file/route';
import { writerNamed } from '../server/services/writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const writer = writerNamed('ann');
const nothing = { number: '', state: '', day: '' };
const pdfOf = async (job: string, kind: DocumentKind, asked = nothing): Promise<ReadPdf> => {
  const paper = await documentOf(job, kind, asked);
  if (paper === null || 'reason' in paper) throw new Error(JSON.stringify(paper));
  const id = await makeDocument(paper, 'plans', 'a4', () => undefined);
  const found = (await fetchDocument(id))!;
  const bytes = new Uint8Array(await new Response(found.body).arrayBuffer());
  expect(bytes.byteLength).toBe(found.bytes);
  return readPdf(bytes);
};
const wordsOf = (pdf: ReadPdf) => pdf.pages.map((page) => page.words).join(' ');
const pounds = (minor: number) =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency: 'GBP' }).format(minor / 100);

test.each(documentKinds)(
  '%s is a tagged PDF under the head of the shop with its pages counted',
  async (kind) => {
    const pdf = await pdfOf('P-014', kind);
    expect(pdf.isTagged).toBe(true);
    expect(pdf.pages[0]!.words).toContain('Old Tannery Yard');
    pdf.pages.forEach((page, i) => {
      expect(page.mm).toEqual([210, 297]);
      expect(page.words).toContain(`page ${i + 1} of ${pdf.pages.length}`);
    });
  },
);

test('the quote says to the penny what was signed; its stages come to it', async () => {
  const { offer } = (await offersOf('P-014'))[0]!;
  const words = wordsOf(await pdfOf('P-014', 'quote', { ...nothing, number: '1' }));
  for (const minor of [offer.netMinor, offer.grossMinor, ...offer.stages.map((one) => one.grossMinor)])
    expect(words).toContain(pounds(minor));
  expect(words).toContain('Accepted by');
  const [first] = offer.stages;
  const stage = wordsOf(await pdfOf('P-014', 'stage', { ...nothing, state: first!.state }));
  expect(stage).toContain(`To pay now ${pounds(first!.grossMinor)}`);
  expect(stage).toContain(`Still to come ${pounds(offer.grossMinor - first!.grossMinor)}`);
});

test('what cannot be printed says why; what is not there is not there', async () => {
  expect(await documentOf('P-015', 'quote', nothing)).toEqual({ reason: 'no quote was accepted yet' });
  expect(await documentOf('P-014', 'quote', { ...nothing, number: '9' })).toEqual({
    reason: 'there is no quote 9',
  });
  expect(await documentOf('P-014', 'run-sheet', { ...nothing, day: 'today' })).toMatchObject({
    reason: expect.stringMatching(/2026/),
  });
  expect(await documentOf('P-999', 'film', nothing)).toBeNull();
  for (const id of ['../access', 'a'.repeat(32), '']) expect(await fetchDocument(id)).toBeNull();
});

test('the run sheet of a day names who is at what; of a day on which nothing is planned it says so', async () => {
  const { plan, shop } = (await currentPlan('P-014'))!;
  const words = wordsOf(await pdfOf('P-014', 'run-sheet', { ...nothing, day: '2026-12-24' }));
  const today = plan.steps.find(
    (one) =>
      one.state !== 'done' &&
      one.crew > 0 &&
      one.start <= plan.computedAt + 300 &&
      one.end >= plan.computedAt,
  )!;
  expect(words).toContain(today.name);
  const name = shop.shop.people.find((one) => today.uses.includes(one.id))!.name;
  expect(words).toContain(name);
  expect(wordsOf(await pdfOf('P-014', 'run-sheet', { ...nothing, day: '2026-12-25' }))).toContain(
    'Nothing of this job is worked on this day',
  );
});

test('the handover file carries photos, recipes, sheets’ dates, provenance and the mark of the shop', async () => {
  const jpeg = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#557799' } })
    .jpeg()
    .toBuffer();
  const place = {
    part: 'B4L',
    face: null,
    mark: null,
    gate: null,
    sample: null,
    step: null,
    coat: null,
    forOwner: false,
  };
  await addPhoto('P-014', { ...place, tag: 'hidden', caption: 'rail before it was shut' }, jpeg, writer);
  const { stored, shop } = (await currentPlan('P-014'))!;
  const [colour] = stored.job.colours;
  const recipe = [{ name: 'white', grams: 812.5 }];
  await saveEdit(
    {
      kind: 'set-item',
      job: 'P-014',
      list: 'colours',
      id: colour!.id,
      seen: stored.versions[`P-014/${colour!.id}`]!,
      set: { recipe },
    },
    writer,
  );
  await saveEdit(
    {
      kind: 'add-item',
      job: 'P-014',
      list: 'provenance',
      item: {
        kind: 'stamp',
        part: 'B4L',
        what: 'maker’s stamp',
        reads: 'HV 7',
        onDate: '2026-12-24',
        note: '',
      },
    },
    writer,
  );
  expect((await takeMark(jpeg, (await requireShop()).versions['shop']!, writer)).status).toBe('saved');
  const pdf = await pdfOf('P-014', 'handover');
  const words = wordsOf(pdf);
  for (const said of [
    'rail before it was shut',
    'white 812.5 g',
    'maker’s stamp',
    'HV 7',
    shop.shop.name,
    'hidden before it is covered',
    'Nobody polishes by machine',
  ])
    expect(words).toContain(said);
  // The photo and the mark.
  expect(pdf.pages.reduce((sum, page) => sum + page.images, 0)).toBe(2);
});

test('an aircraft has its masses for the licensed engineer in it', async () => {
  const words = wordsOf(await pdfOf('P-016', 'handover'));
  expect(words).toContain('For the licensed engineer');
  expect(words).toContain('Moment, kg·m');
});

test('by the route: made on a thread, told line by line, named for where it is saved; a kind that is none is refused', async () => {
  const ask = (kind: string, query = '') =>
    GET(
      new NextRequest(`http://127.0.0.1/api/jobs/P-014/documents/${kind}/file?${query}`, {
        headers: { accept: 'application/x-ndjson' },
      }),
      {
        params: Promise.resolve({ job: 'P-014', kind }),
      },
    );
  const last = async (answer: Response) =>
    JSON.parse((await answer.text()).trim().split('\n').at(-1)!) as {
      status: number;
      body: { path?: string };
    };
  const made = await last(await ask('labels', 'paper=letter'));
  expect(made).toMatchObject({
    status: 200,
    body: {
      path: expect.stringMatching(/^\/api\/documents\/plans-[0-9a-f]{32}\?name=P-014-labels-letter\.pdf$/),
    },
  });
  expect((await last(await ask('poem'))).status).toBe(422);
  expect((await last(await ask('labels', 'paper=a0'))).status).toBe(422);
});
