'use client';

import type { PhotoTag } from '@/core/record';
import { PhotoStrip } from './photo-strip';
import { usePhotos } from './use-photos';

/** Photos of one step, one coat of it, or one sample, and where the next one is added. */
export function OwnPhotos({
  job,
  kind,
  id,
  of,
  tag,
  coat = null,
}: {
  job: string;
  kind: 'step' | 'sample';
  id: string;
  /** What they show, for labels. */
  of: string;
  /** What the next one is of. */
  tag: PhotoTag;
  coat?: number | null;
}) {
  const shown = usePhotos(job, kind, id);
  const given = { tag, coat: coat === null ? '' : String(coat) };
  return <PhotoStrip shown={shown} of={of} words={() => of} given={given} />;
}
