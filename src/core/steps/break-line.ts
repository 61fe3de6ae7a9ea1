import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import type { Step, StepReason } from './step';

/** Texture that is laid up to measured lines: where, how much, and the line that is taped for it. */
export interface BreakLine {
  /** Panels that have it, each with what is textured as its area. */
  parts: readonly Part[];
  m2: number;
  lineM: number;
  /** Person-minutes to tape the line. */
  lineMin: number;
  needs: Step['needs'];
}

/**
 * What of the panels of a step is textured, where that was laid out; null where it goes by the share of lower panels.
 * The line takes what a metre of any straight field line takes.
 */
export function breakLineOf(draft: StepDraft, parts: readonly Part[]): BreakLine | null {
  const own = parts.filter((part) => part.texture !== undefined);
  if (own.length === 0) return null;
  const sum = (value: (texture: NonNullable<Part['texture']>) => number) =>
    own.reduce((total, part) => total + value(part.texture!), 0);
  const taping = draft.operation('mask-field');
  const rate = (draft.rateOf(taping) ?? 0) * draft.learnedOf(taping);
  const lineM = sum((texture) => texture.lineM);
  return {
    parts: own.map((part) => ({ ...part, outsideM2: part.texture!.m2 })),
    m2: sum((texture) => texture.m2),
    lineM,
    lineMin: lineM * rate,
    needs: lineM > 0 ? [{ product: 'fine-line', amount: lineM }] : [],
  };
}

export const breakLineBecause = (line: BreakLine | null): StepReason[] =>
  line === null ? [] : [{ code: 'break-line', m2: line.m2, lineM: line.lineM }];
