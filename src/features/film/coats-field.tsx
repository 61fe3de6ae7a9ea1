'use client';

import type { LayerRole } from '@/core/film';
import type { JobSection } from '@/core/record';
import { EditText } from '../frame/edit-field';

/** Coats of one layer; a typed figure is marked and an emptied one returns to the computed. */
export function CoatsField({
  job,
  section,
  role,
  coats,
  typed,
}: {
  job: string;
  section: JobSection & { seen: number };
  role: string;
  coats: number;
  typed: boolean;
}) {
  const toEdit = (text: string) => {
    const others = Object.fromEntries(Object.entries(section.coats).filter(([key]) => key !== role));
    const set = text === '' ? others : { ...others, [role as LayerRole]: Number(text) };
    return { kind: 'section', job, section: section.key, seen: section.seen, set: { coats: set } } as const;
  };
  return (
    <span className="inline-flex items-center gap-2">
      {typed && <span className="text-small text-quiet">typed</span>}
      <EditText
        label={`${role} coats of ${section.name}`}
        quiet
        type="number"
        min={0}
        max={12}
        step={1}
        value={String(coats)}
        toEdit={toEdit}
        className="w-14"
      />
    </span>
  );
}
