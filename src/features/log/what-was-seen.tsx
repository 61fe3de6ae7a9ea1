'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { PhotoStrip } from '../frame/photo-strip';
import { usePhotos } from '../frame/use-photos';
import { counted } from '../words/counted';

/** A look ends with what was seen: nothing, or what and where; a photo of it may stand for the words. */
export function WhatWasSeen({
  job,
  step,
  light,
  disabled,
  onDone,
}: {
  job: string;
  step: string;
  /** How to look: the lamp and its angle. */
  light: string;
  disabled: boolean;
  onDone(note: string): void;
}) {
  const [seen, setSeen] = useState('');
  const shown = usePhotos(job, 'step', step);
  const kept = shown.photos.length > 0 ? `${counted(shown.photos.length, 'photo')} kept` : '';
  const said = [seen.trim(), kept].filter((one) => one !== '').join('; ');
  return (
    <>
      {light !== '' && <span className="text-small text-quiet">{light}</span>}
      <div className="w-56">
        <PhotoStrip shown={shown} of="what is looked at" words={() => 'what was looked at'} />
      </div>
      <input
        className="h-12 w-56 text-lead"
        aria-label="What was seen"
        placeholder="what was seen, and where"
        maxLength={180}
        disabled={disabled}
        value={seen}
        onChange={(event) => setSeen(event.target.value)}
      />
      <Button
        className="h-16 px-4 text-lead"
        disabled={disabled}
        onClick={() => onDone(kept === '' ? 'nothing found' : `nothing found; ${kept}`)}
      >
        Nothing found
      </Button>
      <Button
        look="main"
        className="h-16 px-5 text-lead"
        disabled={disabled || said === ''}
        onClick={() => onDone(said)}
      >
        Done
      </Button>
    </>
  );
}
