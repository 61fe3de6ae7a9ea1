import { usualFigures, type Figures } from '../figures';
import { cartridgesPerM } from '../survey';
import type { Operation } from './operation';

/** What sealing uses by the metre of seam, at the shop's cartridge; other work as its entry says. */
export function sealantFor({ does, consumes }: Operation, figures: Figures): Operation['consumes'] {
  if (!does.includes('seal-seams')) return consumes;
  const more = cartridgesPerM(figures) / cartridgesPerM(usualFigures);
  return consumes.map(({ product, perUnit }) => ({ product, perUnit: perUnit * more }));
}
