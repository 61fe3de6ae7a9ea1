import type { LeftAlone, OfferLine, StageState } from '@/core/offer';
import type { Depth } from '@/core/record';
import type { WasteKind } from '@/core/stores';
import { counted } from './counted';
import { phaseName } from './phase-names';
import { wasteWords } from './store-words';

export const stageNames: Record<StageState, string> = {
  ordered: 'With the order',
  stripped: 'Stripped and read',
  primed: 'In primer, blocked',
  coloured: 'In colour',
  delivered: 'On delivery',
};

/** The heading of a group of lines. */
export const lineKindNames: Record<OfferLine['kind'], string> = {
  labour: 'Labour',
  found: 'Damage that was found',
  materials: 'Materials',
  booth: 'Booth',
  'bought-in': 'Bought-in work',
  disposal: 'Disposal',
};

const isWaste = (kind: string): kind is WasteKind => kind in wasteWords;

/** What a line is for, in words. */
export function lineText({ kind, of }: OfferLine): string {
  switch (kind) {
    case 'labour':
      return of === '' ? 'Work done on what is no longer planned' : phaseName(of);
    case 'materials':
      return phaseName(of);
    case 'found':
      return 'Mending what was found';
    case 'booth':
      return 'Booth hours';
    case 'bought-in':
      return of;
    case 'disposal':
      return isWaste(of) ? wasteWords[of] : of;
  }
}

/** How much of a line there is. */
export const quantityText = ({ quantity, unit }: OfferLine): string =>
  unit === '' ? '' : unit === 'h' ? exactHours(quantity) : `${quantity.toFixed(1)} ${unit}`;

/** Hours to the minute, so that they times the rate are the sum. */
function exactHours(quantity: number): string {
  const minutes = Math.round(60 * quantity);
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

const depthWords: Record<Depth, string> = {
  scuff: 'The old paint stays and is scuffed',
  stable: 'The old paint comes off down to the first sound layer; what lies beneath stays',
  bare: 'All of the old paint comes off',
};

/** How far the old paint comes off a section. */
export const depthText = (depth: Depth): string => depthWords[depth];

/** What is deliberately not done on a section, in a sentence. */
export function leftAloneText(one: LeftAlone): string {
  switch (one.code) {
    case 'kept':
      return 'It keeps its paint with its age and its flaws; it is corrected, not painted.';
    case 'old-layers':
      return 'What is kept beneath may show its age later: no warranty covers it.';
    case 'absent':
      return `${counted(one.panels.length, 'panel')} left out: ${one.panels.join(', ')}.`;
    case 'hidden':
      return `Faces that nobody sees get their film and no finish: ${one.panels.join(', ')}.`;
    case 'reference':
      return `A spot is left as it is for reference: ${one.panels.join(', ')}.`;
    case 'match-limit':
      return `The colour was tried ${counted(one.attempts, 'time')} and did not match; it is not blended into what stays.`;
  }
}

export const choiceNames = {
  level: 'level',
  depth: 'how far the old paint comes off',
  system: 'coat system',
  colour: 'colour',
  insideColour: 'colour inside',
  coats: 'coats',
  panels: 'panels',
  lines: 'layout of the scheme',
  gone: 'the section is gone',
  new: 'the section is new',
} as const;
