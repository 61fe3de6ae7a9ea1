'use client';

import type { JobSection } from '@/core/record';
import { EditChoice } from '../frame/edit-field';

/** Which of the job's colours the insides of a section have, where it is not that of their outside. */
export function InsideColour({
  job,
  section,
  colours,
}: {
  job: string;
  section: JobSection & { seen: number };
  colours: readonly { id: string; name: string }[];
}) {
  return (
    <EditChoice
      label={`Colour of the insides of ${section.name}`}
      quiet
      className="w-44"
      value={section.insideColour ?? ''}
      choices={[
        { value: '', text: 'as outside' },
        ...colours.map(({ id, name }) => ({ value: id, text: name })),
      ]}
      toEdit={(insideColour) => ({
        kind: 'section',
        job,
        section: section.key,
        seen: section.seen,
        set: { insideColour: insideColour || null },
      })}
    />
  );
}

/** Which of the job's colours a section has where no field says otherwise. */
export function SectionColour({
  job,
  section,
  colours,
}: {
  job: string;
  section: JobSection & { seen: number };
  colours: readonly { id: string; name: string }[];
}) {
  return (
    <EditChoice
      label={`Colour of ${section.name}`}
      quiet
      className="w-44"
      value={section.colour}
      choices={colours.map(({ id, name }) => ({ value: id, text: name }))}
      toEdit={(colour) => ({
        kind: 'section',
        job,
        section: section.key,
        seen: section.seen,
        set: { colour },
      })}
    />
  );
}
