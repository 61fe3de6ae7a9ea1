'use client';

import { useEffect, useState } from 'react';
import type { JobPhoto } from '@/core/record';
import { useAnswer } from './asking';
import { onPhotoKept, queuePhotos, type PhotoPlace } from './photo-queue';
import { useSaving } from './saving';

export interface PhotoShown extends JobPhoto {
  widthPx: number;
  heightPx: number;
  seen: number;
}

const mostMb = 15;
const none: PhotoShown[] = [];

/** All photos of a job: read once, read anew after each that was kept, changed or removed. */
export function useJobPhotos(job: string) {
  const { save } = useSaving();
  const question = useAnswer<{ photos: PhotoShown[] }>(`/api/jobs/${job}/photos`);
  const { refetch } = question;
  const [refused, setRefused] = useState<string | null>(null);
  useEffect(() => onPhotoKept((of) => void (of === job && refetch())), [job, refetch]);
  const take = (files: readonly File[], place: PhotoPlace) => {
    const large = files.filter((file) => file.size > mostMb * 1048576);
    setRefused(
      large.length > 0 ? `Larger than ${mostMb} MB: ${large.map((file) => file.name).join(', ')}.` : null,
    );
    queuePhotos(
      job,
      files.filter((file) => file.size <= mostMb * 1048576),
      place,
    );
  };
  const remove = async (photo: PhotoShown) => {
    await save({ kind: 'remove-photo', job, id: photo.id, seen: photo.seen });
    await refetch();
  };
  const change = async (photo: PhotoShown, to: Partial<Pick<PhotoShown, 'tag' | 'caption' | 'forOwner'>>) => {
    await save({ kind: 'set-photo', job, id: photo.id, seen: photo.seen, set: to });
    await refetch();
  };
  const said = refused ?? (question.isError ? 'The photos could not be read.' : null);
  return { photos: question.data?.photos ?? none, said, take, remove, change };
}

/** Photos of one panel, one gate, one sample or one step. */
export function usePhotos(job: string, of: 'part' | 'gate' | 'step' | 'sample', key: string) {
  const { photos, said, take, remove } = useJobPhotos(job);
  return {
    job,
    photos: photos.filter((photo) => photo[of] === key),
    said,
    take: (files: readonly File[], given: PhotoPlace) => take(files, { [of]: key, ...given }),
    remove,
  };
}
