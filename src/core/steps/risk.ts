import type { Shelf } from '../film';
import type { Step } from './step';

/** Films that forgive no slip of the hand. */
const riskyFamilies: ReadonlySet<string> = new Set(['candy', 'flake', 'effect-base', 'single-stage']);

/**
 * Steps whose mistake costs the panel or more: candy, flake, pearl and wet single stage at the gun, a machine on film that
 * is being cut. They want a trial first, or somebody who has done it beside them (docs/method.md, Tape, tack and hands).
 */
export const isRisky = (step: Pick<Step, 'coat' | 'operation' | 'skipped'>, shelf: Shelf): boolean =>
  !step.skipped &&
  (step.operation === 'polish' ||
    step.operation === 'disc-sand' ||
    (step.coat !== null && riskyFamilies.has(shelf.get(step.coat.product)?.coating?.family ?? '')));
