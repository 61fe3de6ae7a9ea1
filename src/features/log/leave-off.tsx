'use client';

import { useState } from 'react';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';

/**
 * Leaving off: what is still to do in hours, or which panels are done; the plan keeps the rest. Hours that are typed go
 * before the share of the panels.
 */
export function LeaveOff({
  panels,
  disabled,
  onLeave,
}: {
  panels: readonly string[];
  disabled: boolean;
  onLeave(remainingMin: number | null, parts: string[]): void;
}) {
  const [left, setLeft] = useState('');
  const [done, setDone] = useState<readonly string[]>([]);
  const minutes = left.trim() === '' ? null : Math.round(typedFigure(left) * 60);
  return (
    <>
      {panels.length > 1 && (
        <details className="relative">
          <summary className="flex h-16 cursor-pointer items-center px-2 text-lead">
            {done.length === 0 ? 'Panels done …' : `${done.length} of ${panels.length} panels done`}
          </summary>
          <div
            role="group"
            aria-label="Panels done"
            className="absolute right-0 z-20 flex max-h-64 w-80 flex-wrap gap-1 overflow-auto border border-strong bg-sheet p-2"
          >
            {panels.map((panel) => {
              const on = done.includes(panel);
              return (
                <button
                  key={panel}
                  type="button"
                  aria-pressed={on}
                  disabled={disabled}
                  onClick={() => setDone(on ? done.filter((one) => one !== panel) : [...done, panel])}
                  className={`h-11 min-w-14 rounded-[2px] border px-2 disabled:opacity-50 ${on ? 'border-ink bg-tint font-semibold underline' : 'border-line text-quiet'}`}
                >
                  {panel}
                </button>
              );
            })}
          </div>
        </details>
      )}
      <label className="flex items-center gap-1">
        <input
          inputMode="decimal"
          className="h-12 w-16 text-right text-lead"
          aria-label="Hours still to do"
          disabled={disabled}
          value={left}
          onChange={(event) => setLeft(event.target.value)}
        />
        h left
      </label>
      <Button
        className="h-16 px-4 text-lead"
        disabled={disabled || (minutes !== null && !(minutes >= 0))}
        onClick={() => onLeave(minutes, [...done])}
      >
        Leave off
      </Button>
    </>
  );
}
