'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { photoTags } from '@/core/record';
import type { PhotoShown, useJobPhotos } from '../frame/use-photos';
import { photoTagNames } from '../words/handover-words';
import { photoAlt, Picture } from './photo-picture';
import { useOpen } from '../frame/who';

type Shown = ReturnType<typeof useJobPhotos>;

/** A photo with what it is of, its words, and whether the owner sees it. */
export function PhotoCard({
  photo,
  change,
  remove,
}: {
  photo: PhotoShown;
  change: Shown['change'];
  remove: Shown['remove'];
}) {
  const live = useOpen('set-photo');
  const [words, setWords] = useState(photo.caption);
  const of = photoAlt(photo);
  return (
    <li className="w-52 border border-line bg-raised p-2">
      <a href={`/api/photos/${photo.sha256}`} target="_blank" rel="noreferrer">
        <Picture photo={photo} isSmall className="h-36 w-full object-cover" />
      </a>
      <div className="flex items-center justify-between gap-1 pt-1">
        <span className="text-small font-semibold">{photo.part ?? 'the object'}</span>
        <button type="button" aria-label={`Remove the photo of ${of}`} onClick={() => void remove(photo)}>
          <X size={14} aria-hidden="true" />
        </button>
      </div>
      <select
        aria-label={`What the photo of ${of} shows`}
        className="w-full"
        disabled={!live}
        value={photo.tag}
        onChange={(event) => {
          const tag = photoTags.find((one) => one === event.target.value);
          if (tag) void change(photo, { tag });
        }}
      >
        {photoTags.map((one) => (
          <option key={one} value={one}>
            {photoTagNames[one]}
          </option>
        ))}
      </select>
      <input
        aria-label={`Words under the photo of ${of}`}
        className="mt-1 w-full"
        maxLength={200}
        disabled={!live}
        value={words}
        placeholder="words under it"
        onChange={(event) => setWords(event.target.value)}
        onBlur={() => words.trim() !== photo.caption && void change(photo, { caption: words.trim() })}
      />
      <label className="flex items-center gap-2 pt-1 text-small">
        <input
          type="checkbox"
          className="size-5"
          disabled={!live}
          checked={photo.forOwner}
          onChange={(event) => void change(photo, { forOwner: event.target.checked })}
        />
        the owner sees it
      </label>
    </li>
  );
}
