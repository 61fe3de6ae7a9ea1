import { clearLeft } from '../film';
import type { JobSection } from '../record';
import type { Laying } from './laying';
import { keysOf, leading } from './group';
import { crewMinutes, type Faces } from './labour';
import type { Part } from '../vehicle';
import { clearSessions } from './section-situation';
import {
  addSession,
  afterSanding,
  longestShift,
  withinRecoat,
  type Session,
  type SessionLayer,
} from './session';
import { coatsInRound, onInside } from '../programme';
import { allOf, sharedLayers, stackOf, type CoatsOf } from './shared-layers';
import type { SectionStack, StackLayer } from './stack';
import type { StepDraft } from './draft';
import type { StepReason } from './step';
import type { Task } from './task-model';

/** A booth session of a task: which layers, how many coats of each, on which faces; with its windows. */
export function laySession(laying: Laying, task: Task): Session {
  const { draft } = laying;
  const { operation, sections } = task;
  const shut = shutIn(laying, task);
  // What is shut has no inside to spray, whatever the others of the session have.
  const parts = laying
    .partsOf(task)
    .map((part) => (shut.includes(part.section) ? { ...part, insideM2: 0 } : part));
  const lists = layersOf(laying, task, parts);
  const films = [...new Set(sections.flatMap((one) => laying.standing.get(one.key) ?? []))];
  let after = laying.before(task);
  let last: Session | null = null;
  lists.forEach((layers, i) => {
    const session = addSession(draft, {
      key: i === 0 ? task.key : `${task.key}-${i + 1}`,
      subject: laying.subjectOf(task),
      sections: keysOf(sections),
      parts,
      layers,
      after,
      faces: facesOf(laying, task),
      shut,
    });
    if (i === 0) {
      laying.closeBareMetal(task, session);
      for (const film of films) afterSanding(draft, film, session.firstCoat);
      closeWindows(laying, task, session);
    }
    if (last) withinRecoat(draft, last, session.firstCoat);
    last = session;
    after = [session.unload];
  });
  if (operation.makes === 'coloured')
    for (const section of sections) warnOfFilm(draft, section, stackOf(laying, section), laying);
  for (const section of sections) {
    laying.standing.set(section.key, last!);
    laying.topmost.set(section.key, last!);
    laying.open.laid([section.key], facesThere(facesOf(laying, task), parts, section.key), last!);
  }
  return last!;
}

/** Films that nobody opened since want their next coat inside their window, on every face and whatever is built. */
function closeWindows(laying: Laying, task: Task, session: Session): void {
  const { draft } = laying;
  const [named, shut] = [facesOf(laying, task), shutIn(laying, task)];
  const coated = (section: string): Faces => (shut.includes(section) ? 'outside' : named);
  for (const { film, face, sections } of laying.open.beneath(keysOf(task.sections), coated)) {
    const maxMin = draft.closes(film.lastProduct, 'recoatMaxMin', 'booth');
    if (maxMin === null) continue;
    const [from, to, product] = [film.lastCoat, session.firstCoat, film.lastProduct.code];
    const key = `${from}>${to}${face === 'inside' ? '|inside' : ''}`;
    draft.softWindow({ key, from, to, product, maxMin, sections, face });
  }
}

/** Of the faces that are sprayed, those that a section has: a roof without insides has only its outside. */
function facesThere(named: Faces, parts: readonly Part[], section: string): Faces {
  const hasInside = parts.some((part) => part.section === section && part.insideM2 > 0);
  return named === 'both' && !hasInside ? 'outside' : named;
}

function facesOf(laying: Laying, task: Task): Faces {
  if (task.operation.faces === 'inside') return 'inside';
  // High-build is there to be blocked, and nobody blocks an inside: it gets the primer and the colour alone.
  if (task.operation.makes === 'built') return 'outside';
  // Further clears are there to be sanded: an inside has all it gets with the first.
  if (task.operation.makes === 'cleared') return 'outside';
  const isColour = task.operation.makes === 'coloured';
  const inOneGo = task.sections.some((section) => insidesOf(laying, section) === 'in-one-go');
  return isColour && shutIn(laying, task).length > 0 && !inOneGo ? 'outside' : 'both';
}

/** Whether the insides of a section were painted before its outside, or are sprayed with it. */
function insidesOf(laying: Laying, section: JobSection): 'none' | 'shut' | 'in-one-go' {
  const { schools, flags } = laying.works.get(section.key)!.situation;
  if (!flags.has('openings')) return 'none';
  return schools.openings === 'one-go' ? 'in-one-go' : 'shut';
}

/** Sections of a colour session whose insides are painted and shut. */
const shutIn = (laying: Laying, task: Task): string[] =>
  task.operation.makes === 'coloured'
    ? keysOf(task.sections.filter((section) => insidesOf(laying, section) === 'shut'))
    : [];

function layersOf(laying: Laying, task: Task, parts: readonly Part[]): SessionLayer[][] {
  const { operation, sections, round, rounds } = task;
  const first = leading(sections);
  const stack = stackOf(laying, first);
  const situation = laying.works.get(first.key)!.situation;
  const sizes = clearSessions(stack, situation.schools.clears === 'cut-and-clear');
  const shared = (because: (layer: StackLayer) => StepReason[], coats: CoatsOf) =>
    sharedLayers(laying, task, coats).map(({ layer, partsOf }): SessionLayer => ({
      ...layer,
      firstCoat: 1,
      allCoats: layer.coats,
      because: because(layer),
      partsOf,
    }));
  switch (operation.makes) {
    case 'built':
      return [
        shared(
          () => [{ code: 'level-round', level: first.level, round, of: rounds }],
          (layer, section) => coatsInRound(layer.coats, round, laying.works.get(section.key)!.rounds.build),
        ),
      ];
    case 'insides-coloured':
      return [
        shared(
          () => [],
          (layer) => onInside(layer),
        ),
      ];
    case 'cleared': {
      const firstCoat = sizes.slice(0, round).reduce((sum, one) => sum + one, 1);
      const layers = shared(
        ({ product, coats }) => [
          { code: 'session-limit', product: product.code, most: product.coating!.coatsPerSession ?? coats },
        ],
        () => sizes[round]!,
      );
      const all = sizes.reduce((sum, one) => sum + one, 0);
      return [layers.map((layer) => ({ ...layer, firstCoat, allCoats: all }))];
    }
    case 'coloured': {
      if (situation.route === 'aircraft') return [shared(typedOf, allOf)];
      const layers = shared(
        (layer) => because(layer, stack),
        (layer) => (layer.role === 'clear' ? sizes[0]! : layer.coats),
      );
      const clears = stack.layers.find((layer) => layer.role === 'clear')?.coats ?? 0;
      const counted = layers.map((layer) =>
        layer.role === 'clear' ? { ...layer, allCoats: clears } : layer,
      );
      return splitByShift(laying.draft, parts, counted);
    }
    default: {
      const bare: StepReason[] = [{ code: 'depth', depth: 'bare' }];
      return [shared(situation.route === 'aircraft' ? typedOf : () => bare, allOf)];
    }
  }
}

const typedOf = (layer: StackLayer): StepReason[] => (layer.typed ? [{ code: 'typed-coats' }] : []);

function because(layer: StackLayer, stack: SectionStack): StepReason[] {
  if (layer.typed) return typedOf(layer);
  if (layer.role !== 'clear' || !stack.clear) return [];
  const { coats, leftFlatUm, leftEdgeUm, tapeThrough } = stack.clear;
  const tape = tapeThrough === null ? null : String(tapeThrough);
  return [{ code: 'clear-budget', coats, leftFlatUm, leftEdgeUm, tapeThrough: tape }];
}

/** Colour and clear in one session where a shift holds them, else the clear in one of its own. */
function splitByShift(
  draft: StepDraft,
  parts: readonly { outsideM2: number; insideM2: number }[],
  layers: SessionLayer[],
): SessionLayer[][] {
  if (fitsShift(draft, parts, layers)) return [layers];
  const ground = layers.filter((one) => one.role !== 'clear');
  const clears = layers.filter((one) => one.role === 'clear');
  const later = clears.map((one) => ({
    ...one,
    because: [...one.because, { code: 'shift-limit' as const }],
  }));
  return [ground, later].filter((list) => list.length > 0);
}

/** A rough sum of a session, to decide whether it is split between colour and clear. */
function fitsShift(
  draft: StepDraft,
  parts: readonly { outsideM2: number; insideM2: number }[],
  layers: readonly SessionLayer[],
): boolean {
  const area = parts.reduce((sum, part) => sum + part.outsideM2 + part.insideM2, 0);
  const painters = area > 20 ? 2 : 1;
  const wipe = crewMinutes(35 + 2 * area * 1.3, painters);
  const coats = layers.reduce(
    (sum, one) => sum + one.coats * (crewMinutes(3 * area * 1.1, painters) + one.product.coating!.flashMin),
    0,
  );
  return wipe + coats <= longestShift(draft);
}

/** Says when a typed number of clears leaves less than the finish needs; a thin result never passes unsaid. */
function warnOfFilm(draft: StepDraft, section: JobSection, stack: SectionStack, laying: Laying): void {
  // What takes its coats from a higher level beside it needs fewer itself: that level says when they are too few.
  if (section.lead !== undefined) return;
  if (laying.works.get(section.key)!.situation.route !== 'panel') return;
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
  const limitUm = 500;
  if (stack.totalUm > limitUm)
    draft.warn({ code: 'film-limit', section: section.key, totalUm: stack.totalUm, limitUm });
}
