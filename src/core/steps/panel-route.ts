import { levelStandards } from '../film';
import type { JobSection } from '../record';
import type { StepDraft } from './draft';
import { addFinish, addRefit } from './finish';
import { addStage, groupsOf, keysOf, type Group } from './group';
import { addPaintSessions } from './paint-sessions';
import { addSession, afterSanding, type Session } from './session';
import { addStripping, addTreatment } from './stripping';

/** Sheet-metal vehicles: strip, metal, epoxy, filler, build and block, colours, finish, refit. */
export function addPanelRoute(draft: StepDraft): void {
  const groups = groupsOf(draft);
  const finished = groups.map((group) => ({ group, ends: addGroup(draft, group) }));
  const body = finished.find((one) => !one.group.loose) ?? finished[0];
  if (body)
    addRefit(
      draft,
      body.group,
      finished.flatMap((one) => one.ends),
    );
}

function addGroup(draft: StepDraft, group: Group): string[] {
  let after = addStripping(draft, group, []);
  let film: Session | null = null;
  const bare = group.sections.filter(
    (section) => section.depth === 'bare' && roleCoats(group, section, 'epoxy') > 0,
  );
  const treated = addTreatment(draft, group, bare, after);
  after = treated.after;
  if (bare.length > 0) {
    film = addEpoxy(draft, group, bare, after, treated.windows);
    after = [film.unload];
  }
  ({ after, film } = addFiller(draft, group, after, film));
  ({ after, film } = addBuildRounds(draft, group, after, film));
  const painted = addPaintSessions(draft, group, after, film);
  return addFinish(draft, group, painted);
}

export const roleCoats = (group: Group, section: JobSection, role: string): number =>
  group.stackOf(section).layers.find((layer) => layer.role === role)?.coats ?? 0;

function addEpoxy(
  draft: StepDraft,
  group: Group,
  bare: JobSection[],
  after: string[],
  windows: ((firstCoat: string) => void)[],
): Session {
  const layer = group.stackOf(bare[0]!).layers.find((one) => one.role === 'epoxy')!;
  const session = addSession(draft, {
    key: `${group.key}/epoxy`,
    subject: bare.map((section) => section.name).join(', '),
    sections: keysOf(bare),
    parts: bare.flatMap(group.partsOf),
    layers: [{ ...layer, firstCoat: 1, allCoats: layer.coats, because: [{ code: 'depth', depth: 'bare' }] }],
    after,
  });
  for (const close of windows) close(session.firstCoat);
  return session;
}

interface Standing {
  after: string[];
  film: Session | null;
}

function addFiller(draft: StepDraft, group: Group, after: string[], film: Session | null): Standing {
  const filled = group.sections.filter(
    (section) => section.depth !== 'scuff' && levelStandards[section.level].fillerRounds > 0,
  );
  if (filled.length === 0) return { after, film };
  const ends = addStage(draft, group, { key: 'filler', placeKind: 'bay', phase: 'filler', after }, (room) =>
    filled.map((section) => {
      const standard = levelStandards[section.level];
      let previous = room.after;
      for (let round = 1; round <= standard.fillerRounds; round += 1) {
        const common = {
          subject: section.name,
          sections: [section.key],
          parts: group.partsOf(section),
          hold: room.hold,
          place: room.place,
          share: standard.filledShare,
          because: [{ code: 'level-round' as const, level: section.level, round, of: standard.fillerRounds }],
        };
        const fill = draft.work({
          ...common,
          key: `${section.key}/fill-${round}`,
          operation: 'fill',
          after: previous,
        });
        if (round === 1 && film) afterSanding(draft, film, fill);
        previous = [
          draft.work({
            ...common,
            key: `${section.key}/block-filler-${round}`,
            operation: 'block',
            name: `Block filler, round ${round} of ${standard.fillerRounds}`,
            rate: standard.blockMinPerM2,
            phase: 'filler',
            leaves: 'filler',
            after: [fill],
          }),
        ];
      }
      return previous[0]!;
    }),
  );
  return { after: ends, film: null };
}

function addBuildRounds(
  draft: StepDraft,
  group: Group,
  start: string[],
  startFilm: Session | null,
): Standing {
  let [after, film] = [start, startFilm];
  const roundsOf = (section: JobSection) =>
    roleCoats(group, section, 'build') > 0 && section.depth !== 'scuff'
      ? Math.max(1, levelStandards[section.level].blockRounds)
      : 0;
  const most = Math.max(0, ...group.sections.map(roundsOf));
  for (let round = 1; round <= most; round += 1) {
    const sections = group.sections.filter((section) => roundsOf(section) >= round);
    const session = addBuildSession(draft, group, sections, round, roundsOf, after);
    // Filler is sanded when it ends; bare epoxy beneath must be ready for the next coat.
    if (film) afterSanding(draft, film, session.firstCoat);
    film = session;
    after = addBlocking(draft, group, sections, round, roundsOf, session);
  }
  return { after, film: most > 0 ? null : film };
}

function addBuildSession(
  draft: StepDraft,
  group: Group,
  sections: JobSection[],
  round: number,
  roundsOf: (section: JobSection) => number,
  after: string[],
): Session {
  const layer = group.stackOf(sections[0]!).layers.find((one) => one.role === 'build')!;
  const rounds = roundsOf(sections[0]!);
  // A typed count that does not divide evenly puts the odd coat into the first round.
  const coats = Math.max(1, Math.floor(layer.coats / rounds) + (round <= layer.coats % rounds ? 1 : 0));
  return addSession(draft, {
    key: `${group.key}/build-${round}`,
    subject: sections.map((section) => section.name).join(', '),
    sections: keysOf(sections),
    parts: sections.flatMap(group.partsOf),
    layers: [
      {
        ...layer,
        coats,
        firstCoat: 1,
        allCoats: coats,
        because: [{ code: 'level-round', level: sections[0]!.level, round, of: rounds }],
      },
    ],
    after,
  });
}

function addBlocking(
  draft: StepDraft,
  group: Group,
  sections: JobSection[],
  round: number,
  roundsOf: (section: JobSection) => number,
  session: Session,
): string[] {
  return addStage(
    draft,
    group,
    { key: `block-${round}`, placeKind: 'bay', phase: 'build', after: [session.unload] },
    (room) =>
      sections.map((section) => {
        const standard = levelStandards[section.level];
        const common = {
          subject: section.name,
          sections: [section.key],
          parts: group.partsOf(section),
          hold: room.hold,
          place: room.place,
          because: [{ code: 'level-round' as const, level: section.level, round, of: roundsOf(section) }],
        };
        const guide = draft.work({
          ...common,
          key: `${section.key}/guide-${round}`,
          operation: 'guide-coat',
          after: room.after,
        });
        const block = draft.work({
          ...common,
          key: `${section.key}/block-${round}`,
          operation: 'block',
          name: `Block, round ${round} of ${roundsOf(section)}`,
          rate: standard.blockMinPerM2,
          after: [guide],
        });
        afterSanding(draft, session, block);
        return block;
      }),
  );
}
