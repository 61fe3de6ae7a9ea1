import type { WorkNote } from '../record';
import { notesFor } from '.';

const note = (id: string, over: Partial<WorkNote>): WorkNote => ({
  id,
  operation: '',
  product: '',
  bodyKind: '',
  place: '',
  cause: 'insects after six',
  cure: 'doors shut',
  job: 'P-001',
  part: '',
  step: '',
  by: '',
  onDate: '2026-06-01',
  retiredOn: null,
  retiredWhy: '',
  ...over,
});
const step = {
  operation: 'coat-clear',
  coat: { product: 'clear-2k' },
  needs: [{ product: 'tack-cloth', amount: 1 }],
  uses: ['ann', 'booth'],
} as unknown as Parameters<typeof notesFor>[0];
const found = (...notes: WorkNote[]) => notesFor(step, 'coach', notes).map((one) => one.id);

test('a note comes back where all that it names is so: operation, product laid or used up, body, place', () => {
  expect(
    found(
      note('operation', { operation: 'coat-clear' }),
      note('laid', { product: 'clear-2k' }),
      note('used', { product: 'tack-cloth' }),
      note('body', { bodyKind: 'coach' }),
      note('place', { place: 'booth' }),
    ).sort(),
  ).toEqual(['body', 'laid', 'operation', 'place', 'used']);
  expect(
    found(
      note('other operation', { operation: 'coat-base' }),
      note('other product', { operation: 'coat-clear', product: 'base' }),
      note('other body', { operation: 'coat-clear', bodyKind: 'sloop' }),
      note('other place', { place: 'bay' }),
    ),
  ).toEqual([]);
});

test('one that names nothing, or was retired, comes back nowhere', () => {
  expect(
    found(note('nothing', {}), note('retired', { operation: 'coat-clear', retiredOn: '2026-07-01' })),
  ).toEqual([]);
});

test('the one that fits most closely comes first, then the latest', () => {
  expect(
    found(
      note('old', { operation: 'coat-clear', onDate: '2026-01-01' }),
      note('late', { operation: 'coat-clear', onDate: '2026-09-01' }),
      note('close', { operation: 'coat-clear', place: 'booth', onDate: '2026-01-01' }),
    ),
  ).toEqual(['close', 'late', 'old']);
});
