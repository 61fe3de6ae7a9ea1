'use client';

import { PhotoStrip } from '../frame/photo-strip';
import { usePhotos } from '../frame/use-photos';

/** Photos of one gate: the gap at a joint, a seam, a weld, as it was when it was ticked. */
export function GatePhotos({ job, gate, name }: { job: string; gate: string; name: string }) {
  const shown = usePhotos(job, 'gate', gate);
  return <PhotoStrip shown={shown} of={name} words={() => name} />;
}
