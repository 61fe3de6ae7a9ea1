import type { JobSection } from '../record';
import type { StepDraft } from './draft';
import { addStage, groupsOf, keysOf, type Group, type StageRoom } from './group';
import { addSession, afterSanding, type Session } from './session';
import { addStripping, bareMetalMax } from './stripping';

/**
 * Aircraft: strip with approved gel, licensed inspection of the bare skin, conversion coat, thin epoxy within its
 * window, topcoats; no filler and no blocking on skins; the lots meet again at rigging and three holds release them.
 */
export function addAircraftRoute(draft: StepDraft): void {
  const groups = groupsOf(draft);
  const ends = groups.map((group) => addGroup(draft, group));
  const body = groups.find((group) => !group.loose) ?? groups[0];
  if (!body) return;
  addStage(draft, body, { key: 'rig', placeKind: 'bay', phase: 'refit', after: ends.flat() }, (room) => {
    const common = {
      subject: draft.context.job.name,
      sections: keysOf(draft.context.job.sections),
      parts: [],
      hold: room.hold,
      leaves: null,
    };
    const placards = draft.work({
      ...common,
      key: 'placards',
      operation: 'placards',
      because: [{ code: 'always' }],
      after: room.after,
    });
    const rig = draft.work({
      ...common,
      key: 'rig',
      operation: 'rig',
      because: [{ code: 'always' }],
      after: [placards],
    });
    const balance = addHold(
      draft,
      'hold/balance',
      'Hold: control surfaces balanced after paint',
      common,
      room,
      [rig],
    );
    const covers = addHold(draft, 'hold/covers', 'Hold: covers counted off, drains clear', common, room, [
      balance,
    ]);
    return [addHold(draft, 'hold/weight', 'Hold: weight and balance revised', common, room, [covers])];
  });
}

function addHold(
  draft: StepDraft,
  key: string,
  name: string,
  common: { subject: string; sections: string[] },
  room: StageRoom,
  after: string[],
): string {
  if (!draft.context.job.signOffs.some((one) => one.step === key))
    draft.warn({ code: 'unsigned-hold', step: key });
  return draft.work({
    ...common,
    key,
    operation: 'inspect',
    name,
    parts: [],
    hold: room.hold,
    place: room.place,
    because: [{ code: 'licensed-hold' }],
    after,
    leaves: null,
    phase: key.startsWith('hold/skin') ? 'metal' : 'refit',
  });
}

function addGroup(draft: StepDraft, group: Group): string[] {
  let after = addStripping(draft, group, []);
  for (const step of draft.network.steps)
    if (group.sections.some((section) => step.sections.includes(section.key)) && step.phase === 'strip')
      step.cautions = [...new Set([...step.cautions, 'aircraft-skin' as const])];
  const bare = group.sections.filter((section) => section.depth === 'bare');
  let treat: string | null = null;
  after = addStage(draft, group, { key: 'treat', placeKind: 'wash', phase: 'metal', after }, (room) => {
    const common = { subject: group.subject, sections: keysOf(group.sections) };
    const hold = addHold(
      draft,
      `hold/skin-${group.key}`,
      'Hold: bare skin inspected for corrosion and cracks',
      common,
      room,
      room.after,
    );
    if (bare.length === 0) return [hold];
    treat = draft.work({
      ...common,
      key: `${group.key}/treat-aluminium`,
      operation: 'treat-aluminium',
      parts: bare.flatMap(group.partsOf),
      hold: room.hold,
      place: room.place,
      because: [{ code: 'substrate', substrate: 'aluminium', method: 'treat' }],
      after: [hold],
      crew: 3,
    });
    return [treat];
  });
  let film: Session | null = null;
  for (const section of group.sections) film = paint(draft, group, section, after, treat, film);
  return film ? [film.unload] : after;
}

/** Thin epoxy inside the bare-metal window, then topcoats in a session of their own inside the epoxy's window. */
function paint(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  after: string[],
  treat: string | null,
  before: Session | null,
): Session | null {
  const parts = group.partsOf(section);
  const common = { subject: section.name, sections: [section.key], parts };
  const layers = group.stackOf(section).layers.filter((layer) => layer.coats > 0);
  let last = before;
  for (const layer of layers) {
    const session: Session = addSession(draft, {
      ...common,
      key: `${section.key}/${layer.role}`,
      layers: [
        {
          ...layer,
          firstCoat: 1,
          allCoats: layer.coats,
          because: layer.typed ? [{ code: 'typed-coats' }] : [],
        },
      ],
      after: last ? [last.unload] : after,
    });
    if (layer.role === 'epoxy' && treat)
      draft.link(
        treat,
        session.firstCoat,
        { code: 'bare-metal', substrate: 'aluminium' },
        0,
        bareMetalMax.aluminium!,
      );
    if (layer.role === 'topcoat' && last) {
      const { recoatMaxMin } = last.lastProduct.coating!;
      if (recoatMaxMin !== null)
        draft.softWindow({
          key: `${last.lastCoat}>${session.firstCoat}`,
          from: last.lastCoat,
          to: session.firstCoat,
          product: last.lastProduct.code,
          maxMin: recoatMaxMin,
          sections: [section.key],
        });
      afterSanding(draft, last, session.firstCoat);
    }
    last = session;
  }
  return last;
}
