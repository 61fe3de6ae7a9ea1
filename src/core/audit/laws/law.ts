import type { Inquiry, Law } from '../model';
import type { SprayPass } from '../passes';
import type { Walk } from '../walks';

/** What all laws look at: each surface walked, the passes in order. */
export interface Ground extends Inquiry {
  walks: readonly Walk[];
  passes: readonly SprayPass[];
}

export interface LawFile {
  law: Law;
  check(ground: Ground): void;
}
