import { windowFromFirst } from '../film';
import { areasOfCoat, type Pass, type PassFilm } from '../programme';
import type { Part } from '../vehicle';
import { leading } from './group';
import type { SectionWork } from './section-work';
import { facesIn } from './film-ledger';
import { withinRecoat, type CoatedFace } from './recoat-windows';
import { addSession, type Session, type SessionLayer } from './session';
import { splitByShift } from './session-split';
import type { SectionStack, StackLayer } from './stack';
import type { StepDraft } from './draft';
import type { StepReason } from './step';

export interface SprayedPass {
  pass: Pass;
  /** Key of its first session. */
  key: string;
  works: readonly SectionWork[];
  /** Panels of all its areas. */
  parts: readonly Part[];
  subject: string;
  /** Steps before it. */
  after: readonly string[];
  round: number;
  rounds: number;
}

/** The booth sessions of a sprayed pass, in their order: one, or colour and clear apart where no shift holds both. */
export function layPass(draft: StepDraft, sprayed: SprayedPass): Session[] {
  const { pass, works, key, subject } = sprayed;
  const shut = new Set(pass.shut);
  // What is shut has no inside to spray, whatever the others of the session have.
  const parts = sprayed.parts.map((part) => (shut.has(part.section) ? { ...part, insideM2: 0 } : part));
  const layers = pass.films.map((film) => layerOf(draft, sprayed, film, parts));
  const lists = splitByShift(draft, { layers, parts, faces: pass.faces });
  const sessions: Session[] = [];
  for (const [i, list] of lists.entries()) {
    const last = sessions.at(-1);
    const added = addSession(draft, {
      key: i === 0 ? key : `${key}-${i + 1}`,
      pass: pass.key,
      subject,
      sections: works.map((work) => work.section.key),
      parts,
      layers: list,
      after: last ? [last.unload] : sprayed.after,
      faces: pass.faces,
      shut: [...pass.shut],
    });
    // The window of a film that was broken between two sessions runs on.
    const isOneFilm =
      last?.lastProduct === added.lastProduct &&
      list.every((layer) => layer.product === added.lastProduct) &&
      windowFromFirst.has(added.lastProduct.coating!.family);
    const session = isOneFilm && last ? { ...added, opens: last.opens } : added;
    if (last) withinRecoat(draft, last, session, coatedFaces(pass, parts));
    sessions.push(session);
  }
  return sessions;
}

/** What a pass coats, face by face: insides only of areas that have any open. */
function coatedFaces({ faces, areas }: Pass, parts: readonly Part[]): CoatedFace[] {
  const opened = areas.filter((area) => parts.some((part) => part.section === area && part.insideM2 > 0));
  return facesIn(faces)
    .map((face) => ({ face, sections: face === 'inside' && faces === 'both' ? opened : areas }))
    .filter(({ sections }) => sections.length > 0);
}

/** The layer of a stack that a film of a pass lays: that of the area that leads, if it has it. */
export function layerBehind(
  works: readonly SectionWork[],
  { role, product }: PassFilm,
  face: 'outside' | 'inside' = 'outside',
): StackLayer {
  const lead = leading(works.map((work) => work.section));
  const leadFirst = [...works].sort((a, b) => Number(b.section === lead) - Number(a.section === lead));
  for (const { group, section } of leadFirst) {
    const stack = face === 'inside' ? group.insideStackOf(section) : group.stackOf(section);
    const found = stack.layers.find((layer) => layer.role === role && layer.product.code === product);
    if (found) return found;
  }
  throw new Error(`${product} is in no stack of its pass`);
}

function layerOf(
  draft: StepDraft,
  sprayed: SprayedPass,
  film: PassFilm,
  parts: readonly Part[],
): SessionLayer {
  const { works, pass } = sprayed;
  const layer = layerBehind(works, film, pass.role === 'inside' ? 'inside' : 'outside');
  const isShared = areasOfCoat(film, film.coats).length === works.length;
  return {
    role: layer.role,
    product: layer.product,
    coats: film.coats,
    firstCoat: film.first,
    allCoats: film.of,
    because: reasonsOf(sprayed, film, layer),
    partsOf: isShared
      ? null
      : (coat) => {
          const areas = new Set(areasOfCoat(film, coat));
          return parts.filter((part) => areas.has(part.section));
        },
  };
}

function reasonsOf(
  { pass, works, round, rounds }: SprayedPass,
  film: PassFilm,
  layer: StackLayer,
): StepReason[] {
  const first = leading(works.map((work) => work.section));
  const { group, situation } = works.find((work) => work.section === first)!;
  const typed: StepReason[] = layer.typed ? [{ code: 'typed-coats' }] : [];
  switch (pass.role) {
    case 'prime':
      return situation.route === 'aircraft' ? typed : [{ code: 'depth', depth: 'bare' }];
    case 'build':
      return [{ code: 'level-round', level: first.level, round, of: rounds }];
    case 'inside':
    case 'texture':
    case 'touch-in':
      return [];
    case 'clear':
      return [
        {
          code: 'session-limit',
          product: film.product,
          most: layer.product.coating!.coatsPerSession ?? film.coats,
        },
      ];
    case 'colour':
      return typed.length > 0 || film.role !== 'clear' ? typed : budgetOf(group.stackOf(first));
  }
}

function budgetOf({ clear }: SectionStack): StepReason[] {
  if (!clear) return [];
  const { coats, leftFlatUm, leftEdgeUm, tapeThrough } = clear;
  const tape = tapeThrough === null ? null : String(tapeThrough);
  return [{ code: 'clear-budget', coats, leftFlatUm, leftEdgeUm, tapeThrough: tape }];
}
