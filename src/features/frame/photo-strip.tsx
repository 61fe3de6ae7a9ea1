'use client';

import { X } from 'lucide-react';
import Image from 'next/image';
import { date } from '../words/format';
import { PhotoInput } from './photo-input';
import { QueuedPhotos } from './queued-photos';
import type { PhotoShown, usePhotos } from './use-photos';

/** Small photos in a row, each opens whole; a new one is chosen from this machine. */
export function PhotoStrip({
  shown: { job, photos, said, take, remove },
  of,
  words,
  given = {},
}: {
  shown: ReturnType<typeof usePhotos>;
  /** What they show, for labels. */
  of: string;
  words(photo: PhotoShown): string;
  /** What the next photo carries beside it. */
  given?: Record<string, string>;
}) {
  return (
    <>
      <ul className="flex flex-wrap gap-2">
        {photos.map((photo) => (
          <li key={photo.id} className="relative">
            <a href={`/api/photos/${photo.sha256}`} target="_blank" rel="noreferrer">
              <Image
                unoptimized
                src={`/api/photos/${photo.sha256}?thumb`}
                alt={`${words(photo)} on ${date(photo.takenOn)}`}
                width={84}
                height={63}
                className="h-[63px] w-[84px] border border-line object-cover"
              />
            </a>
            <button
              type="button"
              aria-label={`Remove the photo of ${date(photo.takenOn)}`}
              className="absolute top-0 right-0 bg-raised"
              onClick={() => void remove(photo)}
            >
              <X size={14} aria-hidden="true" />
            </button>
            {photo.mark && <span className="block w-[84px] text-small">{words(photo)}</span>}
          </li>
        ))}
      </ul>
      <PhotoInput
        label={`Add a photo of ${of}`}
        className="h-auto w-full py-1 text-small"
        onTake={(files) => take(files, given)}
      />
      <QueuedPhotos job={job} />
      {said && (
        <p role="alert" className="text-small text-stop">
          {said}
        </p>
      )}
    </>
  );
}
