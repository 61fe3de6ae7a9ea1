import { ladders, levelStandards, type Ladder } from '../film';
import type { JobSection } from '../record';
import type { StepDraft } from './draft';
import { addStage, keysOf, type Group, type StageRoom } from './group';
import { afterSanding, type Session } from './session';

/** Minutes per m² of colour sanding on a ladder: by hand 25 first and 12 each next, by disc 8 and 4. */
export function sandingRate(ladder: Ladder): number {
  const grits = ladder.steps.filter((step) => typeof step.grit === 'number').length;
  if (grits === 0) return 0;
  return ladder.hand ? 25 + 12 * (grits - 1) : 8 + 4 * (grits - 1);
}

/** Minutes per m² of polishing: cut 12, then 8, then 6; a single light polish 6. */
export function polishingRate(ladder: Ladder): number {
  const passes = ladder.steps.filter((step) => typeof step.grit !== 'number').length;
  if (passes === 1) return 6;
  return [12, 8, 6].slice(0, passes).reduce((sum, rate) => sum + rate, 0);
}

/** Colour sand and polish each section. @returns the keys that end the group's own work */
export function addFinish(draft: StepDraft, group: Group, painted: ReadonlyMap<string, Session>): string[] {
  const after = [...painted.values()].map((session) => session.unload);
  return addStage(draft, group, { key: 'finish', placeKind: 'bay', phase: 'finish', after }, (room) =>
    group.sections.flatMap((section) =>
      finishSection(draft, group, section, room, painted.get(section.key) ?? null),
    ),
  );
}

function finishSection(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  room: StageRoom,
  session: Session | null,
): string[] {
  const standard = levelStandards[section.level];
  const ladder = ladders[standard.ladder];
  const common = {
    subject: section.name,
    sections: [section.key],
    parts: group.partsOf(section),
    hold: room.hold,
    place: room.place,
    because: [{ code: 'level-round' as const, level: section.level, round: 1, of: 1 }],
  };
  const unmask = draft.work({
    ...common,
    key: `${section.key}/unmask`,
    operation: 'unmask',
    because: [{ code: 'always' }],
    after: room.after,
  });
  let last = unmask;
  const worked: string[] = [];
  if (sandingRate(ladder) > 0)
    worked.push(
      (last = draft.work({
        ...common,
        key: `${section.key}/colour-sand`,
        operation: ladder.hand ? 'colour-sand' : 'disc-sand',
        rate: sandingRate(ladder),
        after: [last],
      })),
    );
  if (polishingRate(ladder) > 0)
    worked.push(
      (last = draft.work({
        ...common,
        key: `${section.key}/polish`,
        operation: 'polish',
        rate: polishingRate(ladder),
        after: [last],
      })),
    );
  if (session && worked[0]) afterSanding(draft, session, worked[0]);
  return [last];
}

/** Everything meets again: trim, glass and loose parts go back on the body. */
export function addRefit(draft: StepDraft, group: Group, after: string[]): string[] {
  return addStage(draft, group, { key: 'refit', placeKind: 'bay', phase: 'refit', after }, (room) => [
    draft.work({
      key: `${group.key}/refit`,
      operation: 'refit',
      subject: group.subject,
      sections: keysOf(group.sections),
      parts: group.parts,
      hold: room.hold,
      place: room.place,
      because: [{ code: 'always' }],
      after: room.after,
    }),
  ]);
}
