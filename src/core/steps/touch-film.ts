import type { FilmLedger } from './film-ledger';
import { keysOf } from './group';
import type { Role } from './operation';
import type { SectionWork } from './section-work';
import { besidesOf, familyOf } from './task-beside';
import type { Task } from './task-model';

/** Work before the colour that only touches what lies beside the film, or dusts it. */
const leavesFilmAlone = new Set(['guide-coat', 'test-panel', 'approve-sample', 'approve-first']);

/** Work waits for the films it meets: tape until they bear it, hands until they have set, abrasives until they sand. */
export function touchFilm(
  ledger: FilmLedger,
  task: Task,
  key: string,
  works: ReadonlyMap<string, SectionWork>,
): void {
  const { does, code, phase, unit, shareBy, faces } = task.operation;
  const is = (...roles: readonly Role[]) => does.some((role) => roles.includes(role));
  const own = keysOf(task.sections);
  if (is('cover-fields')) return ledger.borne('tapeAfterMin', familyOf(task, works.values()), 'outside', key);
  if (is('uncover-fields')) return;
  if (is('cover-others')) return ledger.borne('tapeAfterMin', besidesOf(task), 'both', key);
  if (is('cover-inside')) return ledger.borne('tapeAfterMin', own, 'inside', key);
  if (is('cover-outside')) return ledger.borne('tapeAfterMin', own, 'outside', key);
  if (is('uncover')) ledger.borne('handleAfterMin', own, faces, key);
  if (is('uncover') && !is('scuff-spots')) return;
  if (is('fit', 'hang', 'turn')) ledger.borne('handleAfterMin', own, 'both', key);
  if (leavesFilmAlone.has(code) || phase === 'return' || unit === 'job' || is('uncover-wet')) return;
  ledger.sanded(own, faces, key);
  if (is('scuff', 'block', 'sand', 'cut') && shareBy === null) ledger.opened(own, faces);
}
