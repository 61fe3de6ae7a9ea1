import { closingMin, waitingMin, type Product } from '../film';
import type { JobSection } from '../record';
import type { StepDraft } from './draft';
import { addStage, groupsOf, keysOf, type Group, type StageRoom } from './group';
import { litresOf } from './session';
import type { StackLayer } from './stack';
import type { LinkReason } from './step';

/** Fairing rounds by level, and the share of the hull that takes compound in each. */
const fairing = { Keep: 0, Work: 0, Road: 1, Show: 3, Mirror: 3 } as const;
const fairedShare = 0.15;
const fairBlockRate = 60;

/** A hull by roller and tip, in one stay: wash, take down, fair, primers and topcoats sanded between, bottom, refit. */
export function addHullRoute(draft: StepDraft): void {
  for (const group of groupsOf(draft)) {
    addStage(draft, group, { key: 'hull', placeKind: 'bay', phase: 'strip', after: [] }, (room) => {
      const wash = draft.work({
        key: `${group.key}/wash`,
        operation: 'wash',
        subject: group.subject,
        sections: keysOf(group.sections),
        parts: group.parts,
        hold: room.hold,
        because: [{ code: 'always' }],
        after: room.after,
      });
      let beneath = wash;
      const ends: string[] = [];
      for (const section of group.sections) {
        const end = addSection(draft, group, section, { ...room, after: [wash] }, beneath);
        ends.push(end);
        beneath = end;
      }
      return ends;
    });
  }
}

/** @param beneath what must be finished before this section is taped and painted: the one painted before it */
function addSection(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  room: StageRoom,
  beneath: string,
): string {
  const parts = group.partsOf(section);
  const common = { subject: section.name, sections: [section.key], parts, hold: room.hold };
  const sand =
    section.depth === 'scuff' ? 'scuff' : section.depth === 'stable' ? 'sand-stable' : 'strip-disc';
  let last = draft.work({
    ...common,
    key: `${section.key}/strip`,
    operation: sand,
    because: [{ code: 'depth', depth: section.depth }],
    after: room.after,
  });
  const isBottom = group.stackOf(section).layers.some((layer) => layer.role === 'antifouling');
  const rounds = isBottom ? 0 : fairing[section.level];
  for (let round = 1; round <= rounds; round += 1) {
    const because = [{ code: 'level-round' as const, level: section.level, round, of: rounds }];
    const fair = draft.work({
      ...common,
      key: `${section.key}/fair-${round}`,
      operation: 'fair',
      share: fairedShare,
      because,
      after: [last],
    });
    const key = `${section.key}/block-fairing-${round}`;
    last = draft.work({
      ...common,
      key,
      operation: 'block',
      name: `Block fairing, round ${round} of ${rounds}`,
      rate: fairBlockRate,
      share: fairedShare,
      phase: 'filler',
      leaves: 'filler',
      because,
      after: [],
    });
    // Fairing compound is left overnight before it is blocked.
    draft.link(fair, last, { code: 'settle' }, 12 * 60);
  }
  const mask = draft.work({
    ...common,
    key: `${section.key}/mask`,
    operation: 'mask',
    because: [{ code: 'colour-next', colour: section.colourName }],
    after: [last, beneath],
  });
  return addRolledCoats(draft, group, section, room, mask);
}

function addRolledCoats(
  draft: StepDraft,
  group: Group,
  section: JobSection,
  room: StageRoom,
  start: string,
): string {
  const parts = group.partsOf(section);
  const common = { subject: section.name, sections: [section.key], parts, hold: room.hold };
  let last = start;
  let beneath: Product | null = null;
  for (const layer of group.stackOf(section).layers) {
    for (let coat = 1; coat <= layer.coats; coat += 1) {
      const sanded = beneath !== null && sandsBetween(layer, coat);
      if (sanded) {
        const sand = draft.work({
          ...common,
          key: `${section.key}/sand-${layer.role}-${coat}`,
          operation: 'sand-between',
          because: [{ code: 'layer', role: layer.role, product: layer.product.code, coat, of: layer.coats }],
          after: [],
        });
        follow(draft, last, sand, beneath!, 'sand');
        last = sand;
      }
      const key = draft.work({
        ...common,
        key: `${section.key}/${layer.role}-${coat}`,
        operation: 'roll',
        name: `${layer.product.name}, coat ${coat} of ${layer.coats}`,
        phase: layer.role === 'topcoat' ? 'colour' : 'build',
        because: [
          { code: 'layer', role: layer.role, product: layer.product.code, coat, of: layer.coats },
          ...(layer.typed ? [{ code: 'typed-coats' as const }] : []),
        ],
        after: sanded || beneath === null ? [last] : [],
        leaves:
          layer.role === 'topcoat' || layer.role === 'antifouling'
            ? 'colour'
            : layer.role === 'barrier'
              ? 'epoxy'
              : 'high-build',
        coat: {
          session: `${section.key}/${layer.role}-${coat}`,
          role: layer.role,
          product: layer.product.code,
          coat,
          of: layer.coats,
          areaM2: parts.reduce((sum, part) => sum + part.outsideM2, 0),
          dryUm: layer.dryUm,
          litres: litresOf(layer.product, parts),
        },
      });
      if (!sanded && beneath !== null) follow(draft, last, key, beneath, 'recoat');
      last = key;
      beneath = layer.product;
    }
  }
  return last;
}

/** Enamels and primers are sanded before every further coat; barrier and antifouling go on while the last still takes. */
const sandsBetween = (layer: StackLayer, coat: number): boolean =>
  layer.role === 'topcoat' || (layer.role === 'primer' && coat > 1);

function follow(draft: StepDraft, from: string, to: string, product: Product, how: 'sand' | 'recoat'): void {
  const sheet = product.coating!;
  const factor = draft.factor(product, 'bay');
  const airC = draft.airC('bay');
  if (how === 'sand') {
    const why: LinkReason = { code: 'sand-after', product: product.code, airC };
    draft.link(from, to, why, waitingMin(sheet.sandAfterMin, factor));
    return;
  }
  draft.link(from, to, { code: 'flash', product: product.code, airC }, waitingMin(sheet.flashMin, factor));
  if (sheet.recoatMaxMin !== null)
    draft.softWindow({
      key: `${from}>${to}`,
      from,
      to,
      product: product.code,
      maxMin: closingMin(sheet.recoatMaxMin, factor),
      sections: draft.stepOf(to).sections,
    });
}
