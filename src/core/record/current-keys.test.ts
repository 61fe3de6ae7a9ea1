import { jobFixture } from '../job.fixture';
import { withCurrentKeys } from './current-keys';
import { unchosenColour } from './colour';
import type { Job } from './job';
import type { LogEntry } from './log-entry';
import { blankStepEdit } from './step-edit';
import { blankSurvey } from './survey';

const entry = (step: string, kind: LogEntry['kind'], at: number): LogEntry => ({
  id: `${step} ${kind}`,
  step,
  at,
  kind,
  people: [],
  parts: [],
  remainingMin: null,
  coat: null,
  redo: '',
  note: '',
  work: null,
  corrects: null,
});
const job = (own: Partial<Job>): Job => ({ ...jobFixture({}), ...own });
const keyOf = (key: string, own: Partial<Job> = {}) =>
  withCurrentKeys(job({ ...own, log: [entry(key, 'note', 1)] })).log[0]!.step;

describe('steps that were keyed by a treatment', () => {
  test('are keyed by their section, or by its lot', () => {
    expect(keyOf('shell:Work/mask')).toBe('shell/mask');
    expect(keyOf('shell:plastic-bare-Work/paint/clear-2')).toBe('shell/paint/clear-2');
    expect(keyOf('shell:Keep/mask')).toBe('shell:kept/mask');
    const surveyed = [{ ...blankSurvey('SR'), lot: 'first' }];
    expect(keyOf('shell:bare-first/mask', { surveyed })).toBe('shell:first/mask');
    expect(keyOf('shell:first/mask', { surveyed })).toBe('shell:first/mask');
  });

  test('keys of today stay', () => {
    const ofFields = [
      'shell:first~c.ochre/mask',
      'shell:bare-first~c.ochre/paint/clear-1',
      'sides~c.ochre~all/mask',
    ];
    for (const key of [
      'shell/mask',
      'shell:kept/mask',
      'body/strip/in',
      'hold/balance',
      'washdown',
      ...ofFields,
    ])
      expect(keyOf(key)).toBe(key);
  });

  test('what was done on some panels is begun, and over once the rest was over', () => {
    const kinds = (log: LogEntry[]) => withCurrentKeys(job({ log })).log.map((one) => one.kind);
    const part = [entry('shell:Work/block-1', 'began', 1), entry('shell:Work/block-1', 'ended', 2)];
    expect(kinds(part)).toEqual(['began', 'left']);
    expect(kinds([...part, entry('shell/block-1', 'ended', 3)])).toEqual(['began', 'ended', 'ended']);
  });

  test('of what was changed by hand, minutes and leaving out of some panels go; the rest stays', () => {
    const edit = { ...blankStepEdit('shell:Work/block-1'), personMinutes: 60, startAt: 900 };
    const edits = (list: (typeof edit)[]) => withCurrentKeys(job({ stepEdits: list })).stepEdits;
    expect(edits([edit])).toEqual([{ ...blankStepEdit('shell/block-1'), startAt: 900 }]);
    expect(edits([{ ...edit, startAt: null as never }])).toEqual([]);
    const own = { ...edit, step: 'shell/block-1', startAt: 1200 };
    expect(edits([edit, own])).toEqual([own]);
  });
});

test('a sample that was keyed by its colour is keyed by the first section of that colour', () => {
  const [first] = jobFixture({}).sections;
  const words = `${unchosenColour.name} ${first!.system}`.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  expect(keyOf(`approve-sample/${words}`)).toBe(`approve-sample/${first!.key}`);
  expect(keyOf('approve-sample/some-other-colour')).toBe('approve-sample/some-other-colour');
});

test('a side of a hull that lies on the other keeps its key', () => {
  const base = jobFixture({ bodyKind: 'open-hull' });
  const turned = {
    ...base,
    sections: base.sections.map((one) => ({ ...one, schools: { 'hull-stand': 'on-its-side' as const } })),
  };
  const fact = { step: 'topsides:port/mask' } as Job['facts'][number];
  expect(withCurrentKeys({ ...turned, facts: [fact] }).facts.map((one) => one.step)).toEqual([
    'topsides:port/mask',
  ]);
});
