import { markKinds, type MarkKind, type Visibility } from '@/core/record';
import type { StripRefusal, StripRemark } from '@/core/steps';
import type { AdvisedDepth, AdviceReason, DepthAdvice, Incompatibility } from '@/core/survey';
import { micrometres } from './format';

export const depthWords: Record<AdvisedDepth, string> = {
  revive: 'correct what is there',
  scuff: 'scuff and refinish',
  stable: 'to the sound layer',
  bare: 'to bare',
};

export const markWords: Record<MarkKind, string> = {
  dent: 'dent',
  rust: 'rust',
  peel: 'peeling',
  crack: 'crack',
  chip: 'chip',
  dull: 'dull',
  high: 'high spot',
  low: 'low spot',
  pinhole: 'pinholes',
  feather: 'unfeathered edge',
  'rub-through': 'rub through',
};

/** How a mark is drawn: its digit on the keyboard, or a letter for what block rounds show. */
export const markSign = (kind: MarkKind): string =>
  ({ pinhole: 'P', feather: 'F', 'rub-through': 'T' })[kind as string] ?? String(markKinds.indexOf(kind) + 1);

export const visibilityWords: Record<Visibility, string> = {
  seen: 'seen',
  'under-trim': 'under trim',
  lined: 'lined or carpeted',
  hidden: 'hidden by another panel',
};

const plain = (word: string) => word.replace(/-/g, ' ');

/** A fact that led to an advice. */
export function adviceSentence(reason: AdviceReason): string {
  switch (reason.code) {
    case 'mark':
      return `${reason.count} × ${markWords[reason.kind]} marked`;
    case 'peeling':
      return 'the clear lifts: a feathered edge of a lifting film fails again';
    case 'thick':
      return `${micrometres(reason.highestUm)} at one point, over ${micrometres(reason.limitUm)}: filler or several repaints`;
    case 'scatter':
      return `readings from ${micrometres(reason.lowestUm)} to ${micrometres(reason.highestUm)}: repaired before`;
    case 'solvent':
      return `the old film ${reason.result} in the thinner of the new one`;
    case 'patch':
      return `a test patch of the new paint ${reason.result}`;
    case 'lacquer-below':
      return 'lacquer below would react under two-part paint';
    case 'old-filler':
      return 'old filler under the paint: its age and its bond are not known';
    case 'unsound-layer':
      return `${plain(reason.kind)} underneath is not sound`;
    case 'replaced':
      return 'a replaced panel: its primer is known';
    case 'holds':
      return 'the old film holds against the thinner';
    case 'kept-level':
      return 'level Keep: the age is to be preserved';
    case 'nothing-against':
      return 'nothing recorded speaks against the old film';
  }
}

export const unknownWords: Record<DepthAdvice['unknown'][number], string> = {
  film: 'film not measured',
  'solvent-test': 'solvent test not done',
  'lead-test': 'lead and chromate test not done',
};

/** Why a method is not to be used. */
export function refusalSentence(refusal: StripRefusal): string {
  switch (refusal.code) {
    case 'attacks':
      return `attacks ${refusal.substrate}`;
    case 'warps':
      return 'warps outer sheet';
    case 'aircraft-skin':
      return 'never on aircraft skins';
    case 'smears':
      return 'lacquer smears under it';
    case 'does-not-move':
      return `does not move ${plain(refusal.oldFinish)}`;
    case 'lead-dry':
      return 'lead or chromate found: nothing dry';
  }
}

/** What to be careful about with a method that may be used. */
export function remarkSentence(remark: StripRemark): string {
  switch (remark.code) {
    case 'thin-heat':
      return `${remark.sheetMm} mm sheet: keep the disc moving, its heat warps it`;
    case 'evaporates':
      return `${remark.airC} °C: gone before it bites, work early or in the cold`;
    case 'too-cold':
      return `${remark.airC} °C: the gel is slow, count another cycle`;
  }
}

/** What an old layer does under the new system. */
export function incompatibilitySentence({ beneath, code }: Incompatibility): string {
  const layer = plain(beneath);
  switch (code) {
    case 'lacquer-lifts':
    case 'one-part-lifts':
      return `${layer} lifts and wrinkles under the solvents of two-part paint: take it off`;
    case 'peels-again':
      return `${layer} lifts again, whatever is laid on it`;
    case 'filler-edge-swells':
      return 'the edges of old filler swell and show later: seal with epoxy or take it out';
    case 'enamel-needs-seal':
      return `${layer} of unknown age wants an epoxy seal and a test patch first`;
    case 'unknown-needs-patch':
      return 'an unknown film wants a test patch before anything is laid on it';
    case 'gelcoat-pores':
      return 'gelcoat has pores: fill and prime before the topcoat';
    case 'patch-failed':
      return `a test patch failed on this ${layer}: nothing of it may stay`;
    case 'barrier-needs-bare':
      return `a barrier on ${layer} holds no better than that does: bare first`;
  }
}
