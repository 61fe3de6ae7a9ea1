'use client';

import { useCallback, useMemo, useState } from 'react';
import { markKinds, type Edit, type MarkKind, type PartSeen, type SurveyChange } from '@/core/record';
import { centreOf } from '@/core/geometry';
import { useSaving } from '../frame/saving';
import type { MarkShown, PanelShown } from './walkaround-props';

/** What one does to panels again and again. */
type Act = { kind: 'mark'; mark: MarkKind } | { kind: 'survey'; set: SurveyChange };

/** What an edit that was sent did to its panels; null where it is none that is done again. */
function actOf(edit: Edit | null): Act | null {
  if (edit?.kind === 'survey') return { kind: 'survey', set: edit.set };
  const [mark] = edit?.kind === 'add-marks' ? edit.marks : [];
  return mark ? { kind: 'mark', mark: mark.kind } : null;
}

/** Usual size of a mark in mm, to be mended where it differs. */
const usualSizeMm: Record<MarkKind, number> = {
  dent: 60,
  rust: 40,
  peel: 150,
  crack: 80,
  chip: 8,
  dull: 400,
  high: 50,
  low: 80,
  pinhole: 2,
  feather: 60,
  'rub-through': 30,
};

/** Marks of one panel are laid out beside each other beneath the code in its middle, m. */
const stepM = 0.12;
const placeOf = (panel: PanelShown, nth: number): { x: number; y: number } => {
  const [x, y] = centreOf(panel.part.outline);
  const column = (nth % 5) - 2;
  return { x: x + column * stepM, y: y + 1.5 * stepM + Math.floor(nth / 5) * stepM };
};

export interface SurveyActions {
  /** The selected panels, with the versions that were seen. */
  selected: PartSeen[];
  mark(kind: MarkKind): void;
  set(change: SurveyChange): void;
  /** The edit that sets the survey of all selected panels. */
  toEdit(change: SurveyChange): Edit;
  repeat(): void;
  /** Round that new marks belong to: 0 the walk round, then each block round. */
  round: number;
  setRound(round: number): void;
}

/** Marks and findings for all selected panels at once, and the last of them again. */
export function useSurveyActions(
  job: string,
  selected: readonly PanelShown[],
  marks: readonly MarkShown[],
): SurveyActions {
  const { save, lastOf } = useSaving();
  const [round, setRound] = useState(0);
  const seen = useMemo(
    () => selected.map((panel): PartSeen => ({ part: panel.part.key, seen: panel.surveySeen })),
    [selected],
  );
  const toEdit = useCallback(
    (set: SurveyChange): Edit => ({ kind: 'survey', job, parts: seen, set }),
    [job, seen],
  );
  const act = useCallback(
    (one: Act) => {
      if (selected.length === 0) return;
      if (one.kind === 'survey') void save(toEdit(one.set));
      else
        void save({
          kind: 'add-marks',
          job,
          marks: selected.map((panel) => ({
            part: panel.part.key,
            kind: one.mark,
            ...placeOf(panel, marks.filter((mark) => mark.part === panel.part.key).length),
            sizeMm: usualSizeMm[one.mark],
            depthMm: null,
            note: '',
            mended: false,
            round,
          })),
        });
    },
    [job, marks, round, save, selected, toEdit],
  );
  return {
    selected: seen,
    mark: (kind) => act({ kind: 'mark', mark: kind }),
    set: (set) => act({ kind: 'survey', set }),
    toEdit,
    repeat: () => {
      const last = actOf(lastOf(['survey', 'add-marks']));
      if (last) act(last);
    },
    round,
    setRound,
  };
}

/** The kind of mark a digit stands for. */
export const markOfDigit = (key: string): MarkKind | null =>
  /^[1-8]$/.test(key) ? markKinds[Number(key) - 1]! : null;
