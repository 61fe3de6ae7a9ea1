import type { JobSection } from '../record';
import type { Substrate } from '../vehicle';
import type { StepDraft } from './draft';
import { addStage, keysOf, type Group } from './group';
import type { StepReason } from './step';

interface StripMethod {
  operation: string;
  /** Factor on the rate for what the old film does to the abrasive. */
  slower: number;
  reason: StepReason;
}

/** How a section is taken down: gel on bare-metal aluminium, disc elsewhere; peeling clear ×1.5, gummy films ×5. */
export function stripMethod(section: JobSection): StripMethod {
  const { substrate, depth, oldFinish } = section;
  if (depth === 'scuff') return { operation: 'scuff', slower: 1, reason: { code: 'depth', depth } };
  if (depth === 'stable') return { operation: 'sand-stable', slower: 1, reason: { code: 'depth', depth } };
  if (substrate === 'aluminium')
    return {
      operation: 'strip-chemical',
      slower: 1,
      reason: { code: 'substrate', substrate, method: 'gel' },
    };
  const slower =
    oldFinish === 'peeling-clear' ? 1.5 : oldFinish === 'lacquer' || oldFinish === 'one-part' ? 5 : 1;
  return { operation: 'strip-disc', slower, reason: { code: 'substrate', substrate, method: 'disc' } };
}

/** Wash, strip down, protect, take each section down, clean its seams. */
export function addStripping(draft: StepDraft, group: Group, after: readonly string[]): string[] {
  return addStage(draft, group, { key: 'strip', placeKind: 'wash', phase: 'strip', after }, (room) => {
    const common = { hold: room.hold, place: room.place, because: [{ code: 'always' as const }] };
    const whole = { ...common, subject: group.subject, sections: keysOf(group.sections), parts: group.parts };
    const wash = draft.work({ ...whole, key: `${group.key}/wash`, operation: 'wash', after: room.after });
    const down = draft.work({
      ...whole,
      key: `${group.key}/strip-down`,
      operation: 'strip-down',
      after: [wash],
      ...(group.loose ? { fixedMin: 0 } : {}),
    });
    const protect = draft.work({
      ...whole,
      key: `${group.key}/protect`,
      operation: 'protect',
      after: [down],
    });
    return group.sections.map((section) => addSectionStrip(draft, group, section, room, protect));
  });
}

function addSectionStrip(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  room: { hold: string | null; place: 'wash' | 'bay' | 'bench' | 'booth' | 'yard' | undefined },
  after: string,
): string {
  const method = stripMethod(section);
  const parts = group.partsOf(section);
  const common = {
    subject: section.name,
    sections: [section.key],
    parts,
    hold: room.hold,
    place: room.place,
  };
  const strip = draft.work({
    ...common,
    key: `${section.key}/strip`,
    operation: method.operation,
    faces: 'both',
    share: method.slower,
    because: [method.reason],
    after: [after],
  });
  const beads = parts.some((part) => part.beadM > 0);
  if (section.depth !== 'bare' || !beads) return strip;
  return draft.work({
    ...common,
    key: `${section.key}/seams`,
    operation: 'clean-seams',
    because: [{ code: 'depth', depth: section.depth }],
    after: [strip],
  });
}

/** Bare metal waits no longer than this for its first coat, elapsed minutes. */
export const bareMetalMax: Partial<Record<Substrate, number>> = {
  steel: 480,
  galvanised: 480,
  aluminium: 1440,
};

interface Treated {
  after: string[];
  /** One closing window for each treated substrate, to be tied to the first coat. */
  windows: ((firstCoat: string) => void)[];
}

/** Metalwork and dry-fit, then the treatment of bare metal whose window the first coat must meet. */
export function addTreatment(draft: StepDraft, group: Group, bare: JobSection[], after: string[]): Treated {
  const worked = group.sections.filter((section) => section.depth !== 'scuff');
  if (worked.length === 0) return { after, windows: [] };
  const windows: Treated['windows'] = [];
  const ends = addStage(draft, group, { key: 'metal', placeKind: 'bay', phase: 'metal', after }, (room) => {
    const common = { hold: room.hold, place: room.place };
    const metal = worked.map((section) =>
      draft.work({
        ...common,
        key: `${section.key}/metalwork`,
        operation: 'metalwork',
        subject: section.name,
        sections: [section.key],
        parts: group.partsOf(section),
        because: [{ code: 'depth', depth: section.depth }],
        after: room.after,
        ...(group.loose ? { fixedMin: 0 } : {}),
      }),
    );
    const substrates = [...new Set(bare.map((section) => section.substrate))].filter(
      (one) => bareMetalMax[one],
    );
    const treated = substrates.map((substrate) => {
      const sections = bare.filter((section) => section.substrate === substrate);
      const key = draft.work({
        ...common,
        key: `${group.key}/treat-${substrate}`,
        operation: substrate === 'aluminium' ? 'treat-aluminium' : 'treat-steel',
        subject: sections.map((section) => section.name).join(', '),
        sections: keysOf(sections),
        parts: sections.flatMap(group.partsOf),
        faces: 'both',
        because: [{ code: 'substrate', substrate, method: 'treat' }],
        after: metal,
        crew: 3,
      });
      windows.push((firstCoat) =>
        draft.link(key, firstCoat, { code: 'bare-metal', substrate }, 0, bareMetalMax[substrate]!),
      );
      return key;
    });
    return treated.length > 0 ? treated : metal;
  });
  return { after: ends, windows };
}
