import type { Job } from '../record';
import type { Shelf } from '../film';
import type { Shop } from '../shop';
import { partsOfJob } from '../survey';
import { StepDraft } from './draft';
import type { SoftWindow, Step, StepNetwork } from './step';

/**
 * Puts a scuffing step in front of the coat whose recoat window has closed; inside a stay it is done in that place,
 * before a booth session it comes ahead of the loading.
 * @returns the new step
 */
export function addRemedy(
  context: { job: Job; shop: Shop; shelf: Shelf },
  network: StepNetwork,
  window: SoftWindow,
  key: string,
): Step {
  const parts = partsOfJob(context.job).filter((part) => window.sections.includes(part.section));
  const draft = new StepDraft({ ...context, parts }, network);
  const target = draft.stepOf(window.to);
  const session = network.stays.find((stay) => stay.key === target.hold && stay.kind === 'session');
  draft.work({
    key,
    operation: 'scuff',
    name: 'Scuff again, the recoat window has closed',
    subject: target.subject,
    sections: window.sections,
    parts,
    because: [{ code: 'remedy', product: window.product }],
    after: [],
    hold: session ? null : target.hold,
    place: 'bay',
    phase: target.phase,
    leaves: null,
  });
  // Nothing is scuffed before its film bears it.
  const product = context.shelf.get(window.product);
  const min = product?.coating ? draft.waits(product, 'sandAfterMin', 'bay') : 0;
  draft.link(window.from, key, { code: 'sand-after', product: window.product, airC: draft.airC('bay') }, min);
  draft.link(key, session ? session.from : window.to, { code: 'order' });
  return draft.stepOf(key);
}
