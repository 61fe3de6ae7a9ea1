'use client';

import { Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import type { WarningText } from '../words/warning-words';

/** What is wrong with the plan, in the order given. */
export function Warnings({ warnings, most = 6 }: { warnings: readonly WarningText[]; most?: number }) {
  if (warnings.length === 0) return <Notice grade="released">No window, budget or date is at risk.</Notice>;
  return (
    <>
      {warnings.slice(0, most).map((warning) => (
        <Notice key={warning.text} grade={warning.grade}>
          {warning.text}
        </Notice>
      ))}
      {warnings.length > most && (
        <p className="pl-6 text-quiet">and {warnings.length - most} more in Steps, Warnings</p>
      )}
    </>
  );
}

/** What has to be settled before one step can begin. */
export function StepWarnings({
  warnings,
  step,
}: {
  warnings: readonly (WarningText & { step: string | null })[];
  step: string;
}) {
  const own = warnings.filter((one) => one.step === step);
  return own.length === 0 ? null : (
    <Part title="Before it begins">
      <Warnings warnings={own} />
    </Part>
  );
}
