import { baseOf, type AddedStep } from '../record';
import type { WaitKey } from '../film';
import type { StepDraft } from './draft';
import { presentKey } from './grit-passes';
import { chainBetween } from './order-by-hand';
import type { Role } from './operation';
import type { Step } from './step';
import { topCoats } from './top-coats';

const keyOf = ({ id }: AddedStep): string => `added/${id}`;

/**
 * Puts the steps a manager added into the network, each behind the step it follows and before the one that waits for it; one
 * may follow another. The film that lies on their section then binds them as it binds the trade's own steps: they sand,
 * tape or touch it no sooner than its sheet says.
 */
export function addStepsByHand(draft: StepDraft): void {
  const { job } = draft.context;
  const { steps } = draft.network;
  const all = job.addedSteps.map((one) => ({
    ...one,
    after: presentKey(steps, one.after, 'last'),
    before: one.before === null ? null : presentKey(steps, one.before, 'first'),
  }));
  for (const added of all) write(draft, added);
  const known = new Set(steps.map((step) => step.key));
  for (const added of all) tie(draft, added, known);
  for (const added of all) waitForFilm(draft, added);
}

function write(draft: StepDraft, added: AddedStep): void {
  const { job, parts } = draft.context;
  const section = job.sections.find((one) => one.key === added.section);
  const isKnown = draft.entries.has(added.operation);
  const before = draft.network.steps.find((step) => step.key === added.after);
  draft.work({
    key: keyOf(added),
    operation: isKnown ? added.operation : ownWork,
    ...(added.name === '' ? {} : { name: added.name }),
    // Other work belongs to the stretch that it is put into.
    ...(before && (!isKnown || added.operation === ownWork) ? { phase: before.phase } : {}),
    subject: section?.name ?? '',
    sections: section ? [section.key] : [],
    parts: parts.filter((part) => part.section === section?.key),
    rate: 0,
    fixedMin: added.personMinutes,
    because: [{ code: 'by-hand' }],
    after: [],
    leaves: null,
  });
  draft.stepOf(keyOf(added)).note = added.note;
}

const ownWork = 'own-work';

/** Links the step to its neighbours; what would go round in a ring is refused and told. */
function tie(draft: StepDraft, added: AddedStep, known: ReadonlySet<string>): void {
  const key = keyOf(added);
  const refuse = (step: string, after: string) =>
    draft.warn({ code: 'order-refused', step, after, chain: [], why: null, mayInsist: false });
  if (!known.has(added.after)) draft.warn({ code: 'edit-without-step', step: added.after });
  else if (added.after === key || chainBetween(draft, key, added.after) !== null) refuse(key, added.after);
  else draft.link(added.after, key, { code: 'by-hand' });
  const { before } = added;
  if (before === null || !known.has(before)) return;
  if (before === key || chainBetween(draft, before, key) !== null) refuse(before, key);
  else draft.link(key, before, { code: 'by-hand' });
}

const sanding: readonly Role[] = ['scuff', 'block', 'sand', 'cut', 'polish', 'nib'];
const taping: readonly Role[] = ['cover-others', 'cover-inside', 'cover-outside', 'cover-fields'];

/** What an operation asks of the film it meets; null where it touches none. */
function asked(draft: StepDraft, { operation, phase }: Step): { wait: WaitKey; code: FilmWait } | null {
  const { does, place } = draft.operation(operation);
  const is = (roles: readonly Role[]) => does.some((role) => roles.includes(role));
  if (is(sanding)) return { wait: 'sandAfterMin', code: 'sand-after' };
  if (is(taping)) return { wait: 'tapeAfterMin', code: 'tape-after' };
  return place === null || phase === 'walkaround' ? null : { wait: 'handleAfterMin', code: 'handle-after' };
}
type FilmWait = 'sand-after' | 'tape-after' | 'handle-after';

/** The step waits for the coats that lie on top of its section where it stands in the order. */
function waitForFilm(draft: StepDraft, added: AddedStep): void {
  const step = draft.stepOf(keyOf(added));
  const need = asked(draft, step);
  if (need === null) return;
  for (const { key, product } of topCoats(draft, step.key, baseOf(added.section))) {
    const why = { code: need.code, product: product.code, airC: draft.airC('bay') } as const;
    draft.link(key, step.key, why, draft.waits(product, need.wait, 'bay'));
  }
}
