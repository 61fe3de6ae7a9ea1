import type { RepairKind } from '@/core/film';

/** Flaws of finished film. */
export const repairWords: Record<RepairKind, string> = {
  run: 'Run',
  sag: 'Sag',
  nib: 'Nib',
  insect: 'Insect',
  scratch: 'Scratch',
  'dry-spray': 'Dry spray',
  'fish-eye': 'Fish-eye',
  'solvent-pop': 'Solvent pop',
  'burn-through': 'Burn-through',
  'tape-bleed': 'Tape bleed',
  lifting: 'Lifting',
  stain: 'Stain',
};
