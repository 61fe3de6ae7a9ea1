import { clearLeft } from '../film';
import type { JobSection } from '../record';
import type { StepDraft } from './draft';
import { addStage, type Group } from './group';
import { crewMinutes } from './labour';
import {
  addSession,
  afterSanding,
  longestShift,
  withinRecoat,
  type Session,
  type SessionLayer,
} from './session';
import type { StackLayer } from './stack';
import type { StepReason } from './step';

const paintRoles = new Set(['sealer', 'colour', 'topcoat', 'clear']);

/** Sections are painted from the top down, so the wet edge and the tape lie below: roofs first, then the given order. */
export function paintOrder(group: Group): JobSection[] {
  const isTop = (section: JobSection) => group.partsOf(section).some((part) => part.side === 'top');
  return [...group.sections.filter(isTop), ...group.sections.filter((section) => !isTop(section))];
}

/**
 * Colours and clear, one section after the other: mask, spray, and where the clear needs more coats than one session
 * takes, cut and clear again. @returns the last session of each painted section, by its key
 */
export function addPaintSessions(
  draft: StepDraft,
  group: Group,
  start: string[],
  film: Session | null,
): Map<string, Session> {
  const painted = new Map<string, Session>();
  let after = start;
  let previous = film;
  for (const section of paintOrder(group)) {
    const layers = group
      .stackOf(section)
      .layers.filter((layer) => paintRoles.has(layer.role) && layer.coats > 0);
    warnOfThinClear(draft, group, section);
    if (layers.length === 0) continue;
    after = addStage(
      draft,
      group,
      { key: `mask-${section.key}`, placeKind: 'bay', phase: 'mask', after },
      (room) => {
        const mask = draft.work({
          key: `${section.key}/mask`,
          operation: 'mask',
          subject: section.name,
          sections: [section.key],
          parts: group.partsOf(section),
          hold: room.hold,
          place: room.place,
          because: [{ code: 'colour-next', colour: section.colourName }],
          after: room.after,
        });
        if (previous) afterSanding(draft, previous, mask);
        return [mask];
      },
    );
    const last = paintSection(draft, group, section, layers, after);
    painted.set(section.key, last);
    previous = last;
    after = [last.unload];
  }
  return painted;
}

/** Says when a typed number of clears leaves less than the finish needs; a thin result never passes unsaid. */
function warnOfThinClear(draft: StepDraft, group: Group, section: JobSection): void {
  const stack = group.stackOf(section);
  const clear = stack.layers.find((layer) => layer.role === 'clear');
  if (stack.clear && clear && clear.coats < stack.clear.coats) {
    const { flatUm, edgeUm } = clearLeft(stack.clear, clear.coats, clear.dryUm);
    draft.warn({
      code: 'thin-clear',
      section: section.key,
      typed: clear.coats,
      needed: stack.clear.coats,
      leftFlatUm: flatUm,
      leftEdgeUm: edgeUm,
    });
  }
  if (section.depth === 'scuff' && (section.level === 'Show' || section.level === 'Mirror'))
    draft.warn({ code: 'gloss-over-straightness', section: section.key });
  const limitUm = 500;
  if (stack.totalUm > limitUm)
    draft.warn({ code: 'film-limit', section: section.key, totalUm: stack.totalUm, limitUm });
}

function paintSection(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  layers: StackLayer[],
  after: string[],
): Session {
  const stack = group.stackOf(section);
  const parts = group.partsOf(section);
  const because = (layer: StackLayer): StepReason[] => {
    if (layer.typed) return [{ code: 'typed-coats' }];
    if (layer.role !== 'clear' || !stack.clear) return [];
    const { coats, leftFlatUm, leftEdgeUm, tapeThrough } = stack.clear;
    const tape = tapeThrough === null ? null : String(tapeThrough);
    return [{ code: 'clear-budget', coats, leftFlatUm, leftEdgeUm, tapeThrough: tape }];
  };
  const whole = layers.map((layer): SessionLayer => {
    const most = layer.product.coating!.coatsPerSession ?? layer.coats;
    return {
      ...layer,
      coats: Math.min(layer.coats, most),
      firstCoat: 1,
      allCoats: layer.coats,
      because: because(layer),
    };
  });
  const sessions = fitsShift(draft, parts, whole)
    ? [whole]
    : [whole.filter(isGround), whole.filter((one) => !isGround(one))];
  let last: Session | null = null;
  let before = after;
  sessions
    .filter((list) => list.length > 0)
    .forEach((list, i) => {
      const session = addSession(draft, {
        key: `${section.key}/paint${i === 0 ? '' : `-${i + 1}`}`,
        subject: section.name,
        sections: [section.key],
        parts,
        layers:
          i === 0
            ? list
            : list.map((one) => ({ ...one, because: [...one.because, { code: 'shift-limit' as const }] })),
        after: before,
      });
      if (last) withinRecoat(draft, last, session.firstCoat);
      last = session;
      before = [session.unload];
    });
  return addFurtherClears(draft, group, section, layers, last!);
}

const isGround = (layer: SessionLayer) => layer.role !== 'clear';

/** A rough sum of a session, to decide whether it is split between colour and clear. */
function fitsShift(draft: StepDraft, parts: Group['parts'], layers: SessionLayer[]): boolean {
  const area = parts.reduce((sum, part) => sum + part.outsideM2 + part.insideM2, 0);
  const painters = area > 20 ? 2 : 1;
  const wipe = crewMinutes(35 + 2 * area * 1.3, painters);
  const coats = layers.reduce(
    (sum, layer) =>
      sum + layer.coats * (crewMinutes(3 * area * 1.1, painters) + layer.product.coating!.flashMin),
    0,
  );
  return wipe + coats <= longestShift(draft);
}

/** Clears beyond one session: cure, scuff, clear again. */
function addFurtherClears(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  layers: StackLayer[],
  first: Session,
): Session {
  const clear = layers.find((layer) => layer.product.coating!.coatsPerSession !== null);
  const most = clear?.product.coating!.coatsPerSession ?? 0;
  let last = first;
  for (let done = most, pass = 2; clear && done < clear.coats; done += most, pass += 1) {
    const coats = Math.min(most, clear.coats - done);
    const reason: StepReason = { code: 'session-limit', product: clear.product.code, most };
    const common = { subject: section.name, sections: [section.key], parts: group.partsOf(section) };
    const before = last;
    const after = addStage(
      draft,
      group,
      { key: `scuff-${section.key}-${pass}`, placeKind: 'bay', phase: 'clear', after: [last.unload] },
      (room) => {
        const scuff = draft.work({
          ...common,
          key: `${section.key}/scuff-${pass}`,
          operation: 'scuff-between',
          hold: room.hold,
          place: room.place,
          because: [reason],
          after: room.after,
        });
        afterSanding(draft, before, scuff);
        return [scuff];
      },
    );
    last = addSession(draft, {
      ...common,
      key: `${section.key}/clear-${pass}`,
      layers: [{ ...clear, coats, firstCoat: done + 1, allCoats: clear.coats, because: [reason] }],
      after,
    });
  }
  return last;
}
