'use client';

import Link from 'next/link';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Notice } from '@/ui/notice';
import { useLive } from '@/ui/use-live';
import { stationWords } from '../words/finding-words';
import type { ChangeGround } from '../what-if/change-words';
import { RemedyList } from './remedy-list';
import type { WarningShown } from './warnings-shown';

/** All warnings of a plan: what, by which law, figure and limit, until when, where it is put right, and what helps. */
export function WarningsView({
  job,
  warnings,
  ground,
  at,
  onStep,
}: {
  job: string;
  warnings: readonly WarningShown[];
  ground: ChangeGround;
  /** The station asked for; empty for all. */
  at: string;
  /** Shows a step beside the warnings. */
  onStep(key: string): void;
}) {
  const [station, setStation] = useState(at);
  const stations = [...new Set(warnings.map((one) => one.station))];
  const shown = station === '' ? warnings : warnings.filter((one) => one.station === station);
  if (warnings.length === 0)
    return <Notice grade="released">No window, film, budget or date is at risk.</Notice>;
  return (
    <>
      <label className="flex items-center gap-2 pb-2">
        Put right in
        <select value={station} onChange={(event) => setStation(event.target.value)}>
          <option value="">all stations ({warnings.length})</option>
          {stations.map((one) => (
            <option key={one} value={one}>
              {stationWords[one]} ({warnings.filter((other) => other.station === one).length})
            </option>
          ))}
        </select>
      </label>
      <ul aria-label="Warnings">
        {shown.map((one) => (
          <Warning key={one.key} job={job} warning={one} ground={ground} onStep={onStep} />
        ))}
      </ul>
      {shown.length === 0 && <p className="text-quiet">Nothing is to be put right there.</p>}
    </>
  );
}

function Warning({
  job,
  warning,
  ground,
  onStep,
}: {
  job: string;
  warning: WarningShown;
  ground: ChangeGround;
  onStep(key: string): void;
}) {
  const { grade, text, law, measure, by, station, step, remedies } = warning;
  const [open, setOpen] = useState(false);
  const live = useLive();
  const facts = [law, measure, by === null ? null : `by ${by}`].filter((one) => one !== null);
  return (
    <li className="border-t border-line py-2 first:border-t-0">
      <Notice grade={grade}>{text}</Notice>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 pl-6 text-small">
        <span className="text-quiet tabular-nums">{facts.join(' · ')}</span>
        <Link
          href={station === 'shop' ? '/shop' : `/jobs/${job}/${station}`}
          className="underline underline-offset-2"
          prefetch={false}
        >
          {stationWords[station]}
        </Link>
        {step !== null && (
          <button type="button" className="underline underline-offset-2" onClick={() => onStep(step)}>
            Its step
          </button>
        )}
        {remedies > 0 && (
          <Button
            className="!px-2 text-small"
            disabled={!live}
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            What helps
          </Button>
        )}
      </div>
      {open && (
        <div className="ml-6 max-w-3xl border-l border-line pl-3">
          <RemedyList job={job} warning={warning.key} ground={ground} />
        </div>
      )}
    </li>
  );
}
