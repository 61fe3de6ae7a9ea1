'use client';

import { useState } from 'react';
import type { Alternative, Edit } from '@/core/record';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EditText } from '../frame/edit-field';

type Kept = Omit<Alternative, 'scheme'> & { seen: number };

/** Name, note and, of one that waits for a match, attempts and last day of a kept scheme, to be changed in place. */
export function KeptDetails({ job, kept }: { job: string; kept: Kept }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button className="no-print" onClick={() => setOpen(true)}>
        Change details<span className="sr-only"> of {kept.name}</span>
      </Button>
    );
  const toEdit = (set: Partial<Omit<Alternative, 'id' | 'scheme'>>): Edit => ({
    kind: 'set-item',
    job,
    list: 'alternatives',
    id: kept.id,
    seen: kept.seen,
    set,
  });
  return (
    <div className="no-print flex flex-wrap items-center gap-2 border-t border-line py-2">
      <EditText label="Name" className="w-48" value={kept.name} toEdit={(name) => toEdit({ name })} />
      {kept.ifUnmatched !== null && (
        <>
          <EditText
            label="Attempts"
            className="w-14"
            type="number"
            min={1}
            max={20}
            step={1}
            value={String(kept.mostAttempts)}
            toEdit={(text) => toEdit({ mostAttempts: typedFigure(text) })}
          />
          <EditText
            label="Last day"
            className="w-36"
            type="date"
            value={kept.lastDay ?? ''}
            toEdit={(day) => toEdit({ lastDay: day || null })}
          />
        </>
      )}
      <EditText label="Note" className="w-64" value={kept.note} toEdit={(note) => toEdit({ note })} />
      <Button onClick={() => setOpen(false)}>Close</Button>
    </div>
  );
}
