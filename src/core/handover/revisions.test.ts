import { boundAt, changedBeneath } from './revisions';
import type { PlannedStep } from '../plan';
import type { Part } from '../vehicle';

/** Two panels of one section and one of another, with work that ended at the given minutes. */
const part = (key: string, section: string) => ({ key, section, name: key }) as Part;
const step = (key: string, section: string, end: number, state: 'done' | 'planned' = 'done') =>
  ({ key, sections: [section], state, end }) as PlannedStep;
const parts = [part('A1', 'roof'), part('A2', 'roof'), part('B1', 'sides')];
const plan = (...steps: PlannedStep[]) => ({ steps, parts });

test('a signature binds the panels of its step, with the work that had ended by then', () => {
  const now = plan(step('wash', 'roof', 10), step('prime', 'roof', 20), step('hold', 'roof', 90, 'planned'));
  expect(boundAt(now, 'hold', 30)).toEqual({ atMin: 30, parts: { A1: 2, A2: 2 } });
  // A step that is about no section binds the whole object.
  expect(Object.keys(boundAt(now, 'none', 30).parts)).toEqual(['A1', 'A2', 'B1']);
});

test('work that comes later changes nothing beneath; what is corrected or written down after it does', () => {
  const signed = { atMin: 30, parts: { A1: 1, A2: 1 } };
  expect(changedBeneath(signed, plan(step('wash', 'roof', 10)))).toEqual([]);
  expect(changedBeneath(signed, plan(step('wash', 'roof', 10), step('paint', 'roof', 40)))).toEqual([]);
  expect(changedBeneath(signed, plan(step('wash', 'roof', 10), step('sand', 'roof', 25)))).toEqual([
    'A1',
    'A2',
  ]);
  expect(changedBeneath(signed, plan(step('wash', 'roof', 10, 'planned')))).toEqual(['A1', 'A2']);
  expect(changedBeneath(signed, { steps: [step('wash', 'roof', 10)], parts: [parts[0]!] })).toEqual(['A2']);
});
