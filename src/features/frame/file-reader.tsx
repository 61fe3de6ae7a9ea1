'use client';

import { useId, useState } from 'react';
import { useLive } from '@/ui/use-live';
import type { Deed } from '@/core/rights';
import { useSaving } from './saving';
import { useMay } from './who';

/** Reads one file from this machine as text and sends it; what is wrong with it stands beneath, all of it. */
export function FileReader({
  label,
  accept,
  mostMb,
  path,
  toBody,
  saved,
  deed,
}: {
  label: string;
  accept: string;
  mostMb: number;
  path: string;
  toBody(text: string): unknown;
  saved: string;
  /** What reading the file does; who may not does not see the field. */
  deed: Deed;
}) {
  const id = useId();
  const live = useLive();
  const may = useMay();
  const { send } = useSaving();
  const [faults, setFaults] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const read = async (file: File) => {
    if (file.size > mostMb * 1048576) {
      setFaults([`${file.name} is larger than ${mostMb} MB`]);
      return;
    }
    setBusy(true);
    const outcome = await send(path, toBody(await file.text()), saved);
    setBusy(false);
    setFaults(
      outcome.status === 'refused'
        ? outcome.faults.map((one) => (one.place ? `${one.place}: ${one.reason}` : one.reason))
        : [],
    );
  };
  if (!may(deed)) return null;
  return (
    <div className="py-1">
      <label htmlFor={id} className="block">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={accept}
        disabled={!live || busy}
        className="h-auto w-full py-1 text-small"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void read(file);
        }}
      />
      {busy && <p className="text-small text-quiet">Reading …</p>}
      {faults.length > 0 && (
        <ul role="alert" className="text-small text-stop">
          {faults.slice(0, 6).map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
          {faults.length > 6 && <li>and {faults.length - 6} more</li>}
        </ul>
      )}
    </div>
  );
}
