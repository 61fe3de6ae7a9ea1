'use client';

import { useState } from 'react';
import type { PhotoTag } from '@/core/record';
import { PhotoStrip } from './photo-strip';
import { usePhotos } from './use-photos';

interface Given {
  job: string;
  kind: 'step' | 'sample';
  id: string;
  /** What they show, for labels. */
  of: string;
  /** What the next one is of. */
  tag: PhotoTag;
  coat?: number;
}

/** Photos of one step, one coat of it, or one sample, and where the next one is added; they are read when somebody asks. */
export function OwnPhotos(given: Given) {
  const [isOpen, setOpen] = useState(false);
  return isOpen ? (
    <Opened {...given} />
  ) : (
    <button type="button" className="underline" onClick={() => setOpen(true)}>
      Photos of {given.of}
    </button>
  );
}

function Opened({ job, kind, id, of, tag, coat }: Given) {
  const shown = usePhotos(job, kind, id);
  const given = { tag, coat: coat === undefined ? '' : String(coat) };
  return <PhotoStrip shown={shown} of={of} words={() => of} given={given} />;
}
