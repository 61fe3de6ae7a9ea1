import Joi from 'joi';
import {
  coatSystemOf,
  isUpperRole,
  laddersWith,
  layerRank,
  layerRoles,
  levels,
  type CoatSystem,
  type Ladder,
} from '../film';
import type { JobSection } from '../record';
import type { Shop } from '../shop';
import { substrates } from '../vehicle';
import type { Fault } from './faults';
import * as field from '../concepts/atoms';
import { exactly as required, seenOrNew } from '../concepts/atoms';

const count = () => field.whole(0, 20);

const coats = Joi.alternatives().try(
  required({ rule: Joi.valid('fixed'), count: field.whole(1, 20) }),
  required({ rule: Joi.valid('per-round'), count: field.whole(1, 20) }),
  required({ rule: Joi.valid('budget') }),
  required({
    rule: Joi.valid('level'),
    byLevel: required(Object.fromEntries(levels.map((level) => [level, count()]))),
  }),
);

const systemFields = {
  name: field.requiredLine(80),
  why: field.requiredLine(200),
  route: field.oneOf(['panel', 'hull', 'aircraft']),
  substrates: Joi.array().items(field.oneOf(substrates)).min(1).unique(),
  forgiveness: field.whole(1, 5),
  layers: Joi.array()
    .items(required({ role: field.oneOf(layerRoles), product: field.key(), coats }))
    .min(1)
    .max(20),
};

const grit = Joi.alternatives().try(field.whole(24, 20_000), Joi.valid('cut', 'polish'));
const ladderFields = {
  name: field.requiredLine(80),
  why: field.requiredLine(200),
  use: Joi.valid('colour'),
  hand: field.flag(),
  steps: Joi.array()
    .items(required({ grit, removalUm: field.figure(0, 100) }))
    .max(20),
};

/**
 * Layers stand from the metal up. Primers and undercoats lie beneath in their one order, each once; colours, translucent
 * layers and clears over them in any order that their sheets allow; only the topmost clear follows the budget.
 */
const orderOfLayers: Joi.CustomValidator<Pick<CoatSystem, 'layers'>> = (entry, helper) => {
  const { layers } = entry;
  const fault = (custom: string) => helper.message({ custom: `{{#label}}: ${custom}` });
  for (const [i, { role, product, coats }] of layers.entries()) {
    const below = layers[i - 1];
    const isTwice = below?.role === role && (below.product === product || !isUpperRole(role));
    if (isTwice) return fault(`${role} stands twice`);
    if (below && layerRank(role) < layerRank(below.role))
      return fault(`${role} cannot lie over ${below.role}`);
    if (coats.rule === 'budget' && i < layers.findLastIndex((one) => one.role === 'clear'))
      return fault('only the topmost clear follows the clear budget; the others have a fixed count');
  }
  return entry;
};

/** Grits grow finer, and polishes come last. */
const orderOfGrits: Joi.CustomValidator<Pick<Ladder, 'steps'>> = (entry, helper) => {
  const rank = entry.steps.map(({ grit: one }) =>
    one === 'polish' ? 100_001 : one === 'cut' ? 100_000 : one,
  );
  const back = rank.findIndex((value, i) => i > 0 && value < rank[i - 1]!);
  if (back < 0) return entry;
  const [to, from] = [entry.steps[back]!.grit, entry.steps[back - 1]!.grit];
  return helper.message({ custom: `{{#label}}: ${to} after ${from} goes backwards` });
};

export const coatSystemWithKey = () =>
  required({ key: field.coatSystem(), ...systemFields }).custom(orderOfLayers);
export const ladderWithKey = () => required({ key: field.ladder(), ...ladderFields }).custom(orderOfGrits);

/** Edits of the shop's ways of laying and sanding film, and of what its log taught it. */
export const wayEditSchemas = {
  'coat-system': required({
    kind: Joi.any(),
    key: field.coatSystem(),
    seen: seenOrNew(),
    entry: required(systemFields).custom(orderOfLayers).allow(null),
  }),
  ladder: required({
    kind: Joi.any(),
    key: field.ladder(),
    seen: seenOrNew(),
    entry: required(ladderFields).custom(orderOfGrits).allow(null),
  }),
  learned: required({
    kind: Joi.any(),
    operation: field.operationCode(),
    seen: seenOrNew(),
    factor: field.figure(0.1, 10).allow(null),
  }),
};

/** Systems and ladders a section names must be there. */
export function wayFaults(
  { system, ladder }: Partial<Pick<JobSection, 'system' | 'ladder'>>,
  { systems, ladders }: Pick<Shop, 'systems' | 'ladders'>,
  place: string,
): Fault[] {
  const faults: Fault[] = [];
  if (system !== undefined && !coatSystemOf(system, systems))
    faults.push({ place: `${place}.system`, reason: `there is no coat system ${system}` });
  if (ladder && !laddersWith(ladders).some((one) => one.key === ladder))
    faults.push({ place: `${place}.ladder`, reason: `there is no ladder ${ladder}` });
  return faults;
}
