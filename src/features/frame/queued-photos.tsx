'use client';

import { X } from 'lucide-react';
import { Progress } from '@/ui/progress';
import { dropQueued, useQueuedPhotos, type QueuedPhoto } from './photo-queue';

const said: Record<QueuedPhoto['state'], string> = {
  waiting: 'waits for the line',
  sending: 'on its way',
  keeping: 'being kept',
  refused: 'not kept',
};

/** Photos of a job that are on their way, with how far they are; what broke off goes on where it stopped. */
export function QueuedPhotos({ job }: { job: string }) {
  const own = useQueuedPhotos().filter((one) => one.job === job);
  if (own.length === 0) return null;
  return (
    <ul aria-label="Photos on their way" className="py-1">
      {own.map((one) => (
        <li key={one.id} className="flex flex-wrap items-center gap-2 text-small">
          <span className="max-w-48 truncate">{one.name}</span>
          {one.state === 'refused' ? (
            <span role="alert" className="text-stop">
              Not kept: {one.reason}.
            </span>
          ) : (
            <>
              <Progress label={`How far ${one.name} is`} share={one.bytes === 0 ? 0 : one.sent / one.bytes} />
              <span className="text-quiet">{said[one.state]}</span>
            </>
          )}
          <button type="button" aria-label={`Do not send ${one.name}`} onClick={() => dropQueued(one.id)}>
            <X size={14} aria-hidden="true" />
          </button>
        </li>
      ))}
    </ul>
  );
}
