import type { Edit, PartSurvey } from '../../core/record';
import { partsOfJob } from '../../core/survey';
import { database } from '../database/client';
import { closeAll, freshDemo } from '../database/fresh-demo.fixture';
import { loadJob } from '../repositories/job-repository';
import { saveEdit, undoLast } from './edits';
import { exportJob, importJob } from './jobs';
import { currentPlan } from './plans';
import { costedOptions, panelEstimates } from './survey-advice';
import { exportPanelMap, importPanelMap, importReadings } from './survey-files';
import { readJobBundle } from '../../core/exchange';
import { writerNamed } from './writer.fixture';

beforeAll(freshDemo);
afterAll(closeAll);

const job = async (number = 'P-015') => (await loadJob(database(), number))!.job;
const save = (edit: Edit) => saveEdit(edit, writerNamed('ann'));
const undo = () => undoLast('P-015', writerNamed('ann'));
const set = async (parts: string[], change: Partial<PartSurvey>, seen: number | null = null) =>
  save({ kind: 'survey', job: 'P-015', parts: parts.map((part) => ({ part, seen })), set: change });
const surveyOf = async (key: string) => (await job()).surveyed.find((one) => one.key === key);

describe('findings', () => {
  test('go to all selected panels at once and come back with one undo', async () => {
    expect((await set(['B1P', 'B3P'], { solventTest: 'dissolves' })).status).toBe('saved');
    expect([(await surveyOf('B1P'))!.solventTest, (await surveyOf('B3P'))!.solventTest]).toEqual([
      'dissolves',
      'dissolves',
    ]);
    expect((await undo()).status).toBe('saved');
    expect(await surveyOf('B1P')).toBeUndefined();
  });

  test('a second writer who saw no row is told that there is one now', async () => {
    await set(['B4S'], { note: 'first' });
    expect(await set(['B4S'], { note: 'second' })).toMatchObject({ status: 'conflict', why: 'exists' });
    expect((await surveyOf('B4S'))!.note).toBe('first');
    await undo();
  });

  test('a later finding keeps the earlier ones of the panel', async () => {
    await set(['B4S'], { note: 'soft spot' });
    expect((await set(['B4S'], { leadTest: 'negative' }, 1)).status).toBe('saved');
    expect(await surveyOf('B4S')).toMatchObject({ note: 'soft spot', leadTest: 'negative' });
    await undo();
    await undo();
  });

  test('panels that are not there are named, and nothing is written', async () => {
    const before = await job();
    expect(await set(['B1P', 'ZZ9'], { replaced: true })).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'parts[1].part', reason: 'there is no part ZZ9 on the net' }],
    });
    expect(await job()).toEqual(before);
  });

  test('the plan follows: a panel to bare is a lot of its own', async () => {
    await set(['T3S'], { depth: 'bare' });
    const { plan } = (await currentPlan('P-015'))!;
    expect(plan.steps.some((step) => step.key === 'topsides/strip.T3S')).toBe(true);
    await undo();
    expect((await currentPlan('P-015'))!.plan.steps.some((step) => step.key.includes('.T3S'))).toBe(false);
  });
});

describe('marks and readings', () => {
  const mark = {
    part: 'T1S',
    kind: 'chip',
    x: 1,
    y: 1,
    sizeMm: 8,
    depthMm: null,
    note: '',
    mended: false,
    round: 0,
  } as const;

  test('a mark is set, changed and taken away, each with its undo', async () => {
    const count = (await job()).marks.length;
    await save({ kind: 'add-marks', job: 'P-015', marks: [mark, { ...mark, part: 'T2S' }] });
    const made = (await job()).marks.find((one) => one.part === 'T1S')!;
    await save({ kind: 'set-mark', job: 'P-015', id: made.id, seen: 1, set: { depthMm: 2.5, mended: true } });
    expect((await job()).marks.find((one) => one.id === made.id)).toMatchObject({
      depthMm: 2.5,
      mended: true,
    });
    await save({ kind: 'remove-mark', job: 'P-015', id: made.id, seen: 2 });
    expect((await job()).marks).toHaveLength(count + 1);
    for (let i = 0; i < 3; i += 1) expect((await undo()).status).toBe('saved');
    expect((await job()).marks).toHaveLength(count);
  });

  test('a magnetic reading on laminate is refused with its place; ultrasonic is taken', async () => {
    const reading = { part: 'T1P', um: 300, source: 'typed', fromLeftMm: null, fromTopMm: null } as const;
    expect(
      await save({ kind: 'add-readings', job: 'P-015', readings: [{ ...reading, gauge: 'magnetic' }] }),
    ).toMatchObject({
      status: 'faulty',
      faults: [
        { place: 'readings[0].gauge', reason: 'a magnetic gauge reads nothing true on laminate (T1P)' },
      ],
    });
    const taken = await save({
      kind: 'add-readings',
      job: 'P-015',
      readings: [{ ...reading, gauge: 'ultrasonic' }],
    });
    expect(taken.status).toBe('saved');
    expect((await job()).readings).toMatchObject([{ um: 300, onDate: '2026-12-24' }]);
    await undo();
  });

  test('a file of readings is taken whole or not at all', async () => {
    const bad = await importReadings(
      'P-015',
      'part,um,gauge\nT1P,300,ultrasonic\nZZ,1,eddy\n',
      writerNamed('ann'),
    );
    expect(bad).toMatchObject({ status: 'faulty', faults: [{ place: 'line 3' }] });
    expect((await job()).readings).toEqual([]);
    const good = await importReadings('P-015', 'part;um\nT1P;300,5\nT2P;310\n', writerNamed('ann'));
    expect(good.status).toBe('saved');
    expect((await job()).readings.map((one) => one.um).sort()).toEqual([300.5, 310]);
    await undo();
  });
});

describe('panels', () => {
  const map =
    '<svg width="3000mm" viewBox="0 0 3000 1000"><rect id="CAB" data-section="topsides" width="1200" height="800"/></svg>';

  test('a panel map adds to the net, or takes its place; undo brings the net back whole', async () => {
    const before = partsOfJob(await job()).map((part) => part.key);
    expect((await importPanelMap('P-015', map, false, writerNamed('ann'))).status).toBe('saved');
    expect(partsOfJob(await job()).map((part) => part.key)).toEqual([...before, 'CAB']);
    await undo();
    expect((await importPanelMap('P-015', map, true, writerNamed('ann'))).status).toBe('saved');
    expect(partsOfJob(await job()).map((part) => part.key)).toEqual(['CAB']);
    await undo();
    expect(partsOfJob(await job()).map((part) => part.key)).toEqual(before);
  });

  test('the written map of a job can be read in its place, and the areas stay', async () => {
    const area = async () => partsOfJob(await job()).reduce((sum, part) => sum + part.outsideM2, 0);
    const before = await area();
    const written = (await exportPanelMap('P-015'))!;
    expect((await importPanelMap('P-015', written, true, writerNamed('ann'))).status).toBe('saved');
    expect(await area()).toBeCloseTo(before, 2);
    await undo();
  });

  test('a line over the panels of a map comes in as a construction, in one edit with them', async () => {
    const before = await job();
    const written = (await exportPanelMap('P-015'))!;
    const net = partsOfJob(before);
    const side = net.filter((part) => part.side === 'left').flatMap((part) => part.outline);
    const xs = side.map(([x]) => x * 1000);
    const ys = side.map(([, y]) => y * 1000);
    const middle = (Math.min(...ys) + Math.max(...ys)) / 2;
    const [from, to] = [Math.min(...xs) + 2000, Math.max(...xs) - 2000];
    const line = `<path id="S" data-line="" data-name="Stripe" data-colour="Gull White" data-width="50" d="M${from} ${middle}L${to} ${middle}"/>`;
    const drawn = written.replace('</svg>', `${line}</svg>`);
    expect((await importPanelMap('P-015', drawn, true, writerNamed('ann'))).status).toBe('saved');
    const after = await job();
    expect(after.constructions.map((one) => [one.name, one.strip, one.colour])).toEqual([
      ['Stripe', 'left', 'c.gull-white'],
    ]);
    const { plan } = (await currentPlan('P-015'))!;
    const stripe = plan.parts.filter((part) => part.field?.colour === 'c.gull-white');
    const areaM2 = stripe.reduce((sum, part) => sum + part.outsideM2, 0);
    // Hull panels are up to a tenth larger than they lie flat.
    const flat = ((to - from) / 1000) * 0.05;
    expect(areaM2).toBeGreaterThanOrEqual(flat * 0.99);
    expect(areaM2).toBeLessThanOrEqual(flat * 1.11);
    await undo();
    expect(await job()).toEqual(before);
    const pink = drawn.replace('Gull White', 'Pink');
    expect(await importPanelMap('P-015', pink, true, writerNamed('ann'))).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'path S' }],
    });
    expect(await job()).toEqual(before);
  });

  test('a map with a panel of a code that is there is refused by its path', async () => {
    expect(await importPanelMap('P-015', map.replace('CAB', 'TR'), false, writerNamed('ann'))).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'path TR' }],
    });
  });
});

describe('advice from the server', () => {
  test('methods of a hull panel: no stripper, no blasting; a job or panel that is not there is null', async () => {
    const { estimates, depths } = (await panelEstimates('P-015', 'T1P'))!;
    expect(depths.map((one) => one.depth)).toEqual(['scuff', 'stable', 'bare']);
    const refused = estimates.filter((one) => one.refusals.length > 0).map((one) => one.method);
    expect(refused.sort()).toEqual(['blast', 'chemical', 'outside', 'solvent']);
    expect(await panelEstimates('P-015', 'ZZ')).toBeNull();
    expect(await panelEstimates('P-999', 'T1P')).toBeNull();
  });

  test('three ways: each dearer and longer than the one before', async () => {
    const options = (await costedOptions('P-015'))!;
    expect(options.map((one) => one.option)).toEqual(['correct', 'partial', 'full']);
    const hours = options.map((one) => one.labourMin);
    expect(hours).toEqual([...hours].sort((a, b) => a - b));
    expect(options[0]!.finish).toEqual({ lowest: 'Keep', highest: 'Keep' });
    expect(await costedOptions('P-999')).toBeNull();
  });
});

describe('lists of the strip-down', () => {
  test('a fitting is added, changed and removed; its minutes stand in the plan', async () => {
    const labour = async () => (await currentPlan('P-015'))!.plan.budgets.labourMin.planned;
    const before = await labour();
    const item = {
      name: 'cleat',
      part: 'T1P',
      tag: '9',
      removeMin: 10,
      refitMin: 15,
      maskMin: 5,
      choice: 'remove',
      needs: 'as-is',
      benchMin: 0,
      readyOn: null,
      state: 'on',
      waitsFor: 'clean',
      refitOrder: 100,
      hands: 1,
      condition: '',
      fasteners: '',
      note: '',
    } as const;
    await save({ kind: 'add-item', job: 'P-015', list: 'fittings', item });
    expect((await labour()) - before).toBe(25);
    const { id } = (await job()).fittings.find((one) => one.name === 'cleat')!;
    await save({ kind: 'set-item', job: 'P-015', list: 'fittings', id, seen: 1, set: { refitMin: 45 } });
    expect((await labour()) - before).toBe(55);
    await save({ kind: 'remove-item', job: 'P-015', list: 'fittings', id, seen: 2 });
    expect(await labour()).toBe(before);
    for (let i = 0; i < 3; i += 1) await undo();
  });

  test('an item on a panel or section that is not there is named', async () => {
    const find = { part: 'ZZ', hours: 2, what: 'rot', onDate: '2026-12-24' };
    expect(await save({ kind: 'add-item', job: 'P-015', list: 'finds', item: find })).toMatchObject({
      status: 'faulty',
      faults: [{ place: 'item.part' }],
    });
  });
});

test('a bundle carries the whole survey to another number', async () => {
  const bundle = readJobBundle((await exportJob('P-015'))!);
  if (bundle.status !== 'ok') throw new Error(JSON.stringify(bundle.faults));
  bundle.value.job.number = 'P-215';
  expect((await importJob(bundle.value, writerNamed('ann'))).status).toBe('saved');
  const [own, copy] = [await job(), await job('P-215')];
  expect({ ...copy, number: 'P-015' }).toEqual(own);
});
