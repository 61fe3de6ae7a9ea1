import { baseOf, blankFitting, type Fitting, type RefitWait } from '../record';
import type { Skill } from '../shop';
import { minuteAt } from '../units';
import type { FigureKey } from '../figures';
import type { WaitKey } from '../film';
import type { StepDraft } from './draft';
import type { Step } from './step';
import { crewMinutes } from './labour';
import { followersOf } from './order-by-hand';
import { stepsFrom, topCoats } from './top-coats';

/** A fitting as the strip-down list proposes it goes back with all the others. */
const usual = blankFitting;

/** A piece that has a place of its own in the order of refit, or waits for more than clean panels. */
export const isPiece = ({ waitsFor, refitOrder, hands, refitMin }: Fitting): boolean =>
  refitMin > 0 && (waitsFor !== usual.waitsFor || refitOrder !== usual.refitOrder || hands !== usual.hands);

/** The time of a sheet that a piece waits for, and the share of it. */
const waits: Partial<Record<RefitWait, { key: WaitKey; share: FigureKey | null }>> = {
  tape: { key: 'tapeAfterMin', share: null },
  handle: { key: 'handleAfterMin', share: null },
  clamp: { key: 'fullCureMin', share: 'refit.clamp' },
  bond: { key: 'fullCureMin', share: 'refit.bond' },
  'gas-free': { key: 'fullCureMin', share: 'refit.gas-free' },
  'full-cure': { key: 'fullCureMin', share: null },
};

/**
 * Pieces of the refit in their order, each a step of its own that waits for the state it names: those before 100 come before
 * the refit of all the others, while the body stands for it; the rest behind, when its bay is free for others meanwhile. What
 * waits for the second look comes back after the handover.
 */
export function addRefitPieces(draft: StepDraft, refit: string, pieces: readonly Fitting[]): void {
  const refits = draft.network.steps.filter((step) => step.operation === 'refit');
  const sectionOf = new Map(draft.context.parts.map((part) => [part.key, part.section]));
  // What is put together by itself has a refit of its own.
  const own = (piece: Fitting) =>
    refits.find((step) => step.sections.includes(sectionOf.get(piece.part) ?? ''))?.key ?? refit;
  for (const key of new Set(pieces.map(own)))
    inOrder(
      draft,
      key,
      pieces.filter((piece) => own(piece) === key),
    );
}

function inOrder(draft: StepDraft, refit: string, pieces: readonly Fitting[]): void {
  const ordered = [...pieces].sort((a, b) => a.refitOrder - b.refitOrder);
  const ground = groundOf(draft, refit);
  let before: string | null = null;
  let lateBefore: string | null = null;
  for (const piece of ordered) {
    const key = `refit/${piece.id}`;
    if (isLate(draft, piece)) {
      addPiece(draft, piece, key, null);
      for (const look of looksOf(draft)) draft.link(look, key, { code: 'order' });
      waitForPanel(draft, piece, key);
      if (lateBefore !== null) draft.link(lateBefore, key, { code: 'order' });
      lateBefore = key;
      continue;
    }
    const isFirst = piece.refitOrder < usual.refitOrder;
    addPiece(draft, piece, key, isFirst ? ground.hold : null);
    if (isFirst) for (const { from, why, min } of ground.enters) draft.link(from, key, why, min);
    else draft.link(ground.out, key, { code: 'order' });
    if (isFirst) draft.link(key, refit, { code: 'order' });
    else for (const { to, why, min } of ground.leaves) draft.link(key, to, why, min);
    if (before !== null) draft.link(before, key, { code: 'order' });
    before = key;
    waitForPanel(draft, piece, key);
    waitForState(draft, piece, isFirst && ground.in !== null ? [key, ground.in] : [key]);
  }
}

/** Where the refit stands in the order: what it waits for, the stay it lies in, and what waits for that. */
function groundOf(draft: StepDraft, refit: string) {
  const { links, stays } = draft.network;
  const { hold } = draft.stepOf(refit);
  const stay = stays.find((one) => one.key === hold);
  const out = stay?.to ?? refit;
  return {
    hold,
    in: stay?.from ?? null,
    out,
    enters: links.filter((link) => link.to === refit),
    leaves: links.filter((link) => link.from === out),
  };
}

const looksOf = ({ network }: StepDraft): string[] =>
  network.steps.flatMap((step) => (step.operation === 'second-look' ? [step.key] : []));
const isLate = (draft: StepDraft, { waitsFor }: Fitting): boolean =>
  waitsFor === 'second-look' && looksOf(draft).length > 0;

/** One who knows the piece, and whoever lifts with him. */
function byMany(draft: StepDraft, step: Step, hands: number): void {
  const able = (skill: Skill) => draft.context.shop.people.some((person) => person.skills.includes(skill));
  const [own] = step.people;
  const helper: Skill = able('prep') ? 'prep' : 'trim';
  step.crew = hands;
  step.people = [...(own === undefined ? [] : [own]), ...Array<string>(hands - 1).fill(helper)];
  step.minutes = crewMinutes(step.personMinutes, hands, draft.figures);
}

function addPiece(draft: StepDraft, piece: Fitting, key: string, hold: string | null): void {
  const { shop, parts, job } = draft.context;
  const part = parts.find((one) => one.key === piece.part);
  const isLoose = job.sections.some((one) => one.key === part?.section && one.loose);
  draft.work({
    key,
    operation: 'refit-piece',
    name: `Refit ${piece.name}`,
    subject: part?.name ?? '',
    sections: part ? [part.section] : [],
    parts: part ? [part] : [],
    hold: isLoose ? null : hold,
    place: isLoose ? 'bench' : undefined,
    rate: 0,
    fixedMin: piece.refitMin,
    cautions: piece.hands > 1 ? ['lifting'] : [],
    phase: isLate(draft, piece) ? 'return' : 'refit',
    because: [{ code: 'refit-order', waitsFor: piece.waitsFor }],
    after: [],
  });
  const step = draft.stepOf(key);
  byMany(draft, step, piece.hands);
  if (piece.readyOn !== null && piece.state !== 'ready')
    step.notBefore = Math.max(step.notBefore, minuteAt(piece.readyOn, 0, shop.timeZone));
}

/** A loose panel is finished by itself, whatever the body waits for. */
function waitForPanel(draft: StepDraft, piece: Fitting, key: string): void {
  const part = draft.context.parts.find((one) => one.key === piece.part);
  const later = stepsFrom(followersOf(draft), key);
  for (const one of draft.network.steps)
    if (
      one.sections.includes(part?.section ?? '') &&
      (one.phase === 'finish' || /^(unmask|take-off-loose)/.test(one.operation)) &&
      !later.has(one.key)
    )
      draft.link(one.key, key, { code: 'state', state: 'clean' });
}

/** The last coats of its panel stand as long as the piece asks; so does the body, before it comes into its room for it. */
function waitForState(draft: StepDraft, piece: Fitting, steps: readonly string[]): void {
  const part = draft.context.parts.find((one) => one.key === piece.part);
  const wait = waits[piece.waitsFor];
  if (!wait || !part) return;
  const { waitsFor: state } = piece;
  const next = followersOf(draft);
  // A hull stands in one room from the first to the last.
  const open = steps.map((step) => ({ step, later: stepsFrom(next, step) }));
  for (const { key: coat, product } of topCoats(draft, steps[0]!, baseOf(part.section))) {
    const share = wait.share === null ? 1 : draft.figures(wait.share);
    const min = Math.ceil(draft.waits(product, wait.key, 'bay') * share);
    const why = { code: 'refit-after', product: product.code, airC: draft.airC('bay'), state } as const;
    for (const { step, later } of open) if (!later.has(coat)) draft.link(coat, step, why, min);
  }
}
