'use client';

import { Notice } from '@/ui/notice';
import type { WarningText } from '../words/warning-words';

/** What is wrong with the plan, the graver first. */
export function Warnings({ warnings, most = 6 }: { warnings: readonly WarningText[]; most?: number }) {
  const sorted = [...warnings].sort((a, b) => Number(b.grade === 'stop') - Number(a.grade === 'stop'));
  if (sorted.length === 0) return <Notice grade="released">No window, budget or date is at risk.</Notice>;
  return (
    <>
      {sorted.slice(0, most).map((warning) => (
        <Notice key={warning.text} grade={warning.grade}>
          {warning.text}
        </Notice>
      ))}
      {sorted.length > most && <p className="pl-6 text-quiet">and {sorted.length - most} more in Steps</p>}
    </>
  );
}
