import { paintAndFinish } from './catalogue-paint';
import { preparation } from './catalogue-preparation';
import type { Operation } from './operation';

/**
 * The operation catalogue: person-minutes before shape and learned factors, the trade's labour anchors where it has
 * them and our own working defaults elsewhere (strip-down, refit, moves, metalwork). The shop's own rate replaces any.
 */
export const catalogue: readonly Operation[] = [...preparation, ...paintAndFinish];

const byCode = new Map(catalogue.map((one) => [one.code, one]));

/** @throws Error for a code that is not in the catalogue: our own bug. */
export function operationOf(code: string): Operation {
  const found = byCode.get(code);
  if (!found) throw new Error(`no such operation: ${code}`);
  return found;
}
