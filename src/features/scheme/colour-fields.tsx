'use client';

import type { JobSection, SectionChange } from '@/core/record';
import { EditText } from '../frame/edit-field';

/** Name and look of a section's colour. */
export function ColourFields({ job, section }: { job: string; section: JobSection & { seen: number } }) {
  const edit = (set: SectionChange) =>
    ({ kind: 'section', job, section: section.key, seen: section.seen, set }) as const;
  return (
    <span className="flex items-center gap-3">
      <EditText
        label={`Colour of ${section.name} on the screen`}
        quiet
        type="color"
        className="w-16 p-0"
        value={section.colourHex}
        toEdit={(text) => edit({ colourHex: text.toLowerCase() })}
      />
      <EditText
        label={`Name of the colour of ${section.name}`}
        quiet
        className="w-56"
        value={section.colourName}
        toEdit={(text) => edit({ colourName: text })}
      />
    </span>
  );
}
