'use client';

import { useEffect, useState } from 'react';
import { useSaving } from '../frame/saving';

export interface PhotoShown {
  id: string;
  part: string | null;
  mark: string | null;
  gate: string | null;
  takenOn: string;
  sha256: string;
  widthPx: number;
  heightPx: number;
  seen: number;
}

const mostMb = 15;

async function readPhotos(job: string, signal?: AbortSignal): Promise<PhotoShown[]> {
  const answer = await fetch(`/api/jobs/${job}/photos`, { signal });
  return ((await answer.json()) as { photos: PhotoShown[] }).photos;
}

/** Photos of one panel or one gate: read once, read anew after each that is taken or removed. */
export function usePhotos(job: string, of: 'part' | 'gate', key: string) {
  const { save } = useSaving();
  const [photos, setPhotos] = useState<PhotoShown[]>([]);
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    const stop = new AbortController();
    readPhotos(job, stop.signal)
      .then((all) => setPhotos(all.filter((photo) => photo[of] === key)))
      .catch(() => stop.signal.aborted || setSaid('The photos could not be read.'));
    return () => stop.abort();
  }, [job, of, key]);
  const again = async () => setPhotos((await readPhotos(job)).filter((photo) => photo[of] === key));
  const take = async (file: File, given: Record<string, string>) => {
    if (file.size > mostMb * 1048576) {
      setSaid(`${file.name} is larger than ${mostMb} MB.`);
      return;
    }
    setBusy(true);
    setSaid(null);
    try {
      const answer = await fetch(`/api/jobs/${job}/photos?${new URLSearchParams({ [of]: key, ...given })}`, {
        method: 'POST',
        body: file,
      });
      if (answer.ok) await again();
      else {
        const { faults } = (await answer.json()) as { faults?: { reason: string }[] };
        setSaid(
          `Not kept: ${faults?.map((one) => one.reason).join('; ') ?? 'the server could not take it'}.`,
        );
      }
    } catch {
      setSaid('Coatrel does not answer; the photo is not kept.');
    }
    setBusy(false);
  };
  const remove = async (photo: PhotoShown) => {
    await save({ kind: 'remove-photo', job, id: photo.id, seen: photo.seen });
    await again();
  };
  return { photos, said, busy, take, remove };
}
