import type { LayerRole } from '../film';
import { quantityOf } from './labour';
import type { StepDraft } from './draft';
import type { RepairPlace } from './repair-place';
import { litresOf, sprayOf } from './session';
import type { Step } from './step';

/** What coating a panel again takes. */
interface RepairCoat {
  /** Person-minutes of wiping, spraying and flashing, beside setting up. */
  minutes: number;
  needs: Step['needs'];
  /** Product of the last coat; null where the stack has none of them. */
  last: string | null;
}

const clears: ReadonlySet<LayerRole> = new Set(['clear']);
const colours: ReadonlySet<LayerRole> = new Set([
  'sealer',
  'ground',
  'candy',
  'flake',
  'colour',
  'topcoat',
  'intercoat',
  'clear',
]);

/** The layers of its panel that a repair lays again, by the stack that lies there. */
export function repairCoat(draft: StepDraft, { card, works, parts }: RepairPlace): RepairCoat {
  const [{ group, section }] = works as RepairPlace['works'] & [RepairPlace['works'][number]];
  const roles = card.coats === 'clear' ? clears : colours;
  const layers = group.stackOf(section).layers.filter(({ role, coats }) => coats > 0 && roles.has(role));
  const wipe = draft.operation('wipe');
  const minutesBy = (code: string, share: number) => {
    const operation = draft.operation(code);
    const { weighted } = quantityOf(operation, parts, 'outside', draft.figures);
    return (draft.rateOf(operation) ?? 0) * draft.learnedOf(operation) * weighted * share;
  };
  let minutes = minutesBy(wipe.code, 1);
  const needs: Step['needs'] = [];
  for (const { role, product, coats } of layers) {
    const flash = draft.waits(product, 'flashMin', 'booth');
    const attended = flash <= draft.figures('session.attended-flash') ? flash : 0;
    minutes += minutesBy(sprayOf(role), coats) + attended * coats;
    needs.push({ product: product.code, amount: coats * litresOf(product, parts, 'outside', draft.figures) });
  }
  return { minutes, needs, last: layers.at(-1)?.product.code ?? null };
}
