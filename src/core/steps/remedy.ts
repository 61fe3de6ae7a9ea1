import type { Job } from '../record';
import type { Shelf } from '../film';
import type { Shop } from '../shop';
import { lotsOf, partsOfJob } from '../survey';
import { sandedAfter } from './hand-films';
import { StepDraft } from './draft';
import { sayCovers } from './trades';
import type { SoftWindow, Stay, Step, StepNetwork } from './step';

/** The scuffing before the coat that meets a window. */
export const remedyKey = ({ to, face }: Pick<SoftWindow, 'to' | 'face'>) =>
  `${to}/scuff-again${face === 'inside' ? '-inside' : ''}`;

/** Whether a scuffing opens all that a window closes on. */
export const isScuffedBy = (window: SoftWindow, { key, sections }: Pick<Step, 'key' | 'sections'>): boolean =>
  key === remedyKey(window) && window.sections.every((one) => sections.includes(one));

/** Takes a scuffing out of a network again; returns the windows it opened. */
export function withoutRemedy({ steps, links, softWindows }: StepNetwork, key: string): SoftWindow[] {
  const at = steps.findIndex((step) => step.key === key);
  if (at < 0) return [];
  const [taken] = steps.splice(at, 1);
  links.splice(0, links.length, ...links.filter((link) => link.from !== key && link.to !== key));
  return softWindows.filter((one) => isScuffedBy(one, taken!));
}

/**
 * Puts a scuffing step in front of the coat whose recoat window has closed; inside a stay it is done in that place,
 * before a booth session it comes ahead of the loading.
 * What the network scuffs there already is scuffed with it.
 * @param windows that close on the same face of the same coat: films beneath it that are scuffed at once
 * @returns the new step
 */
export function addRemedy(
  context: { job: Job; shop: Shop; shelf: Shelf },
  network: StepNetwork,
  closed: readonly [SoftWindow, ...SoftWindow[]],
  key: string,
): Step {
  const [window] = closed;
  const opened = new Set([...withoutRemedy(network, key), ...closed]);
  const windows = network.softWindows.filter((one) => opened.has(one));
  const sections = [...new Set(windows.flatMap((one) => one.sections))];
  const { parts: all } = lotsOf(context.job, partsOfJob(context.job));
  const parts = all.filter((part) => sections.includes(part.section));
  const draft = new StepDraft({ ...context, parts }, network);
  const target = draft.stepOf(window.to);
  const session = network.stays.find((stay) => stay.key === target.hold && stay.kind === 'session');
  const films = windows.map((one) => one.lastCoat);
  const stay = session ? stayBefore(network, session.from, films) : null;
  draft.work({
    key,
    operation: remedyOperation(network, target),
    name: 'Scuff again, the recoat window has closed',
    subject: target.subject,
    sections,
    parts,
    faces: window.face === 'inside' ? 'inside' : 'outside',
    because: [{ code: 'remedy', product: window.product }],
    after: [],
    hold: session ? (stay?.key ?? null) : target.hold,
    place: 'bay',
    phase: target.phase,
    leaves: null,
  });
  // What holds the coat holds what only that coat makes needful.
  const scuffing = draft.stepOf(key);
  scuffing.heldBy = target.heldBy;
  scuffing.notBefore = target.notBefore;
  sayCovers(context.job, scuffing);
  // Nothing is scuffed before its film bears it.
  for (const { lastCoat: from, product: code } of windows) {
    const product = context.shelf.get(code);
    const min = product?.coating ? draft.waits(product, 'sandAfterMin', 'bay') : 0;
    draft.link(from, key, { code: 'sand-after', product: code, airC: draft.airC('bay') }, min);
  }
  besideHandFilms(draft, window.to, key, stay);
  // A field under the covers of an earlier colour is scuffed once its own mask has opened it.
  const opens = network.steps.find(
    (step) =>
      stay !== null &&
      step.hold === stay.key &&
      step.operation === 'mask-next-colour' &&
      step.sections.some((one) => sections.includes(one)),
  );
  if (stay) draft.link(opens?.key ?? stay.from, key, { code: 'order' });
  // A loose lot has no stay: it is scuffed once nothing else is done to it before the session.
  else if (session)
    for (const from of network.links.flatMap((link) => (link.to === session.from ? [link.from] : [])))
      draft.link(from, key, { code: 'order' });
  draft.link(key, stay ? stay.to : session ? session.from : window.to, { code: 'order' });
  // What was loaded already is scuffed before it is wiped.
  if (session && draft.begun.has(session.from))
    for (const step of network.steps)
      if (step.hold === session.key && !draft.begun.has(step.key))
        draft.link(key, step.key, { code: 'order' });
  return draft.stepOf(key);
}

/**
 * What is spread by hand in the same bay comes after the scuffing; elsewhere it is sanded over with it, or has its skin.
 */
function besideHandFilms(draft: StepDraft, coat: string, key: string, stay: Stay | null): void {
  const { network, context } = draft;
  for (const { from, to, why } of [...network.links]) {
    const product = to === coat && why.code === 'recoat-min' ? context.shelf.get(why.product) : undefined;
    if (!product?.coating) continue;
    if (stay && draft.stepOf(from).hold === stay.key && !draft.begun.has(from)) {
      draft.link(key, from, { code: 'order' });
      continue;
    }
    const wait = sandedAfter(product);
    const min = draft.waits(product, wait.key, 'bay');
    draft.link(from, key, { code: wait.code, product: product.code, airC: draft.airC('bay') }, min);
  }
}

/** What the scuffing is: before a coat by roller it ends with the vacuum, since the coat goes on in the same room. */
export const remedyOperation = (
  { stays }: Pick<StepNetwork, 'stays'>,
  coat: Pick<Step, 'hold'>,
): 'scuff' | 'sand-between' =>
  stays.some((stay) => stay.key === coat.hold && stay.kind === 'session') ? 'scuff' : 'sand-between';

/** The bay that the body leaves for a session once the film lies: what is done just before the loading is done there. */
function stayBefore({ links, stays }: StepNetwork, load: string, films: readonly string[]): Stay | null {
  const into = new Map<string, string[]>();
  for (const { from, to } of links) into.set(to, [...(into.get(to) ?? []), from]);
  const earlier = new Set(films);
  for (const key of earlier) for (const before of into.get(key) ?? []) earlier.add(before);
  const before = new Set(into.get(load) ?? []);
  const isAfterFilm = (stay: Stay) => !earlier.has(stay.to);
  return (
    stays.find(
      (stay) => stay.kind === 'stay' && stay.placeKind === 'bay' && before.has(stay.to) && isAfterFilm(stay),
    ) ?? null
  );
}
