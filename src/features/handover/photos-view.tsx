'use client';

import { useState } from 'react';
import type { PhotoPrompt } from '@/core/handover';
import { photoTags, type PhotoTag } from '@/core/record';
import { Empty } from '@/ui/layout';
import { useJobPhotos, type PhotoShown } from '../frame/use-photos';
import { PhotoInput } from '../frame/photo-input';
import { QueuedPhotos } from '../frame/queued-photos';
import { fullDate } from '../words/format';
import { photoTagNames, promptWords } from '../words/handover-words';
import { BeforeAfter } from './before-after';
import { PhotoCard } from './photo-card';

export interface PhotosProps {
  job: string;
  panels: { key: string; name: string }[];
  prompts: PhotoPrompt[];
}

/** The pictures of a job: what is worth one, each panel through time, and what the owner sees. */
export function PhotosView({ job, panels, prompts }: PhotosProps) {
  const shown = useJobPhotos(job);
  const [part, setPart] = useState('');
  const [tag, setTag] = useState<PhotoTag>('work');
  const own = shown.photos
    .filter((one) => part === '' || one.part === part)
    .sort((a, b) => a.takenOn.localeCompare(b.takenOn));
  return (
    <section aria-label="Photos">
      <div className="flex flex-wrap items-end gap-3 pb-2">
        <select aria-label="Panel" value={part} onChange={(event) => setPart(event.target.value)}>
          <option value="">all of the object</option>
          {panels.map(({ key, name }) => (
            <option key={key} value={key}>
              {key} {name}
            </option>
          ))}
        </select>
        <select
          aria-label="What the next photos show"
          value={tag}
          onChange={(event) => setTag(photoTags.find((one) => one === event.target.value) ?? 'work')}
        >
          {photoTags.map((one) => (
            <option key={one} value={one}>
              {photoTagNames[one]}
            </option>
          ))}
        </select>
        <PhotoInput
          label="Add photos"
          className="h-auto py-1"
          onTake={(files) => shown.take(files, { part, tag })}
        />
      </div>
      <QueuedPhotos job={job} />
      {shown.said && (
        <p role="alert" className="text-stop">
          {shown.said}
        </p>
      )}
      <Prompts prompts={prompts} />
      {own.length === 0 ? (
        <Empty>No photo yet.</Empty>
      ) : (
        <>
          {part !== '' && <BeforeAfter photos={own} />}
          <TimeLine photos={own} shown={shown} />
        </>
      )}
    </section>
  );
}

/** What is worth a picture now, and what was not taken. */
function Prompts({ prompts }: Pick<PhotosProps, 'prompts'>) {
  if (prompts.length === 0) return null;
  return (
    <details className="pb-2">
      <summary className="cursor-pointer">Worth a picture: {prompts.length}</summary>
      <ul className="list-disc pl-5">
        {prompts.slice(0, 30).map((one) => (
          <li key={`${one.step}${one.part}${one.why}`}>
            {one.name}, {one.subject}: {promptWords[one.why]}
            {one.state === 'done' && <span className="text-quiet">, not taken; it can still be</span>}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Photos by the day they were taken. */
function TimeLine({
  photos,
  shown,
}: {
  photos: readonly PhotoShown[];
  shown: ReturnType<typeof useJobPhotos>;
}) {
  const days = [...new Set(photos.map((one) => one.takenOn))];
  return (
    <ol aria-label="Time line" className="border-l border-line pl-3">
      {days.map((day) => (
        <li key={day} className="pb-3">
          <p className="font-semibold tabular-nums">{fullDate(day)}</p>
          <ul className="flex flex-wrap gap-3">
            {photos
              .filter((one) => one.takenOn === day)
              .map((one) => (
                <PhotoCard key={one.id} photo={one} change={shown.change} remove={shown.remove} />
              ))}
          </ul>
        </li>
      ))}
    </ol>
  );
}
