'use client';

import { useState } from 'react';
import { askJson, Refusal, useAnswer } from './asking';
import { useSaving } from './saving';

export interface PhotoShown {
  id: string;
  part: string | null;
  mark: string | null;
  gate: string | null;
  step: string | null;
  takenOn: string;
  sha256: string;
  widthPx: number;
  heightPx: number;
  seen: number;
}

const mostMb = 15;

/** Photos of one panel, one gate or one step: read once, read anew after each that is taken or removed. */
export function usePhotos(job: string, of: 'part' | 'gate' | 'step', key: string) {
  const { save } = useSaving();
  const path = `/api/jobs/${job}/photos`;
  const question = useAnswer<{ photos: PhotoShown[] }>(path);
  const photos = (question.data?.photos ?? []).filter((photo) => photo[of] === key);
  const [refused, setRefused] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const said = refused ?? (question.isError ? 'The photos could not be read.' : null);
  const again = () => question.refetch();
  const take = async (file: File, given: Record<string, string>) => {
    if (file.size > mostMb * 1048576) {
      setRefused(`${file.name} is larger than ${mostMb} MB.`);
      return;
    }
    setBusy(true);
    setRefused(null);
    try {
      await askJson(`${path}?${new URLSearchParams({ [of]: key, ...given })}`, {
        method: 'POST',
        body: file,
      });
      await again();
    } catch (error) {
      setRefused(
        error instanceof Refusal && error.status !== 0
          ? `Not kept: ${error.message}.`
          : 'Coatrel does not answer; the photo is not kept.',
      );
    }
    setBusy(false);
  };
  const remove = async (photo: PhotoShown) => {
    await save({ kind: 'remove-photo', job, id: photo.id, seen: photo.seen });
    await again();
  };
  return { photos, said, busy, take, remove };
}
