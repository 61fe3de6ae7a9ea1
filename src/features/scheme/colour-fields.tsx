'use client';

import type { JobSection } from '@/core/record';
import { EditChoice } from '../frame/edit-field';

interface SectionColourProps {
  job: string;
  section: JobSection & { seen: number };
  colours: readonly { id: string; name: string }[];
  face: 'outside' | 'inside';
}

/** Which of the job's colours the outside or the insides of a section have where no field says otherwise. */
export function SectionColour({ job, section, colours, face }: SectionColourProps) {
  const isInside = face === 'inside';
  const named = colours.map(({ id, name }) => ({ value: id, text: name }));
  return (
    <EditChoice
      label={isInside ? `Colour of the insides of ${section.name}` : `Colour of ${section.name}`}
      quiet
      className="w-44"
      value={isInside ? (section.insideColour ?? '') : section.colour}
      choices={isInside ? [{ value: '', text: 'as outside' }, ...named] : named}
      toEdit={(colour) => ({
        kind: 'section',
        job,
        section: section.key,
        seen: section.seen,
        set: isInside ? { insideColour: colour || null } : { colour },
      })}
    />
  );
}
