'use client';

import { useState } from 'react';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { markWords } from '../words/survey-words';
import { PhotoStrip } from '../frame/photo-strip';
import { usePhotos } from '../frame/use-photos';
import type { MarkShown } from './walkaround-props';

/** Photos of one panel, of the whole or of one of its marks. */
export function PanelPhotos({
  job,
  part,
  marks,
}: {
  job: string;
  part: string;
  marks: readonly MarkShown[];
}) {
  const live = useLive();
  const shown = usePhotos(job, 'part', part);
  const [ofMark, setOfMark] = useState('');
  return (
    <Part title="Photos">
      {marks.length > 0 && (
        <label className="flex items-center gap-2 pb-1">
          Next photo shows
          <select value={ofMark} disabled={!live} onChange={(event) => setOfMark(event.target.value)}>
            <option value="">the panel</option>
            {marks.map((mark) => (
              <option key={mark.id} value={mark.id}>
                {markWords[mark.kind]}, {mark.sizeMm} mm
              </option>
            ))}
          </select>
        </label>
      )}
      <PhotoStrip
        shown={shown}
        of={part}
        words={(photo) => {
          const mark = marks.find((one) => one.id === photo.mark);
          return mark ? `${markWords[mark.kind]}, ${mark.sizeMm} mm` : part;
        }}
        given={{ mark: ofMark }}
      />
    </Part>
  );
}
