'use client';

import { useState } from 'react';
import { photoTags, type PhotoTag } from '@/core/record';
import { Part } from '@/ui/facts';
import { photoTagNames } from '../words/handover-words';
import { markWords } from '../words/survey-words';
import { PhotoStrip } from '../frame/photo-strip';
import { usePhotos } from '../frame/use-photos';
import type { MarkShown } from './walkaround-props';
import { useOpen } from '../frame/who';

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
  const live = useOpen('add-photo');
  const shown = usePhotos(job, 'part', part);
  const [ofMark, setOfMark] = useState('');
  const [face, setFace] = useState('');
  const [tag, setTag] = useState<PhotoTag>('before');
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
      <div className="flex flex-wrap gap-2 pb-1">
        <select
          aria-label="Face that the next photo shows"
          value={face}
          disabled={!live}
          onChange={(event) => setFace(event.target.value)}
        >
          <option value="">either face</option>
          <option value="outside">outside</option>
          <option value="inside">inside</option>
        </select>
        <select
          aria-label="What the next photo is of"
          value={tag}
          disabled={!live}
          onChange={(event) => setTag(photoTags.find((one) => one === event.target.value) ?? 'before')}
        >
          {photoTags.map((one) => (
            <option key={one} value={one}>
              {photoTagNames[one]}
            </option>
          ))}
        </select>
      </div>
      <PhotoStrip
        shown={shown}
        of={part}
        words={(photo) => {
          const mark = marks.find((one) => one.id === photo.mark);
          return mark ? `${markWords[mark.kind]}, ${mark.sizeMm} mm` : part;
        }}
        given={{ mark: ofMark, face, tag }}
      />
    </Part>
  );
}
