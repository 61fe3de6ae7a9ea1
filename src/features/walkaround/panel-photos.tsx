'use client';

import { X } from 'lucide-react';
import Image from 'next/image';
import { useEffect, useId, useState } from 'react';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { useSaving } from '../frame/saving';
import { date } from '../words/format';
import { markWords } from '../words/survey-words';
import type { MarkShown } from './walkaround-props';

interface PhotoShown {
  id: string;
  part: string | null;
  mark: string | null;
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

/** Photos of one panel: small ones in a row, each opens whole; a new one is chosen from this machine. */
export function PanelPhotos({
  job,
  part,
  marks,
}: {
  job: string;
  part: string;
  marks: readonly MarkShown[];
}) {
  const id = useId();
  const live = useLive();
  const { save } = useSaving();
  const [photos, setPhotos] = useState<PhotoShown[]>([]);
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [ofMark, setOfMark] = useState('');
  const shows = (photo: PhotoShown): string => {
    const mark = marks.find((one) => one.id === photo.mark);
    return mark ? `${markWords[mark.kind]}, ${mark.sizeMm} mm` : part;
  };
  const show = (all: PhotoShown[]) => setPhotos(all.filter((photo) => photo.part === part));
  useEffect(() => {
    const stop = new AbortController();
    readPhotos(job, stop.signal)
      .then((all) => setPhotos(all.filter((photo) => photo.part === part)))
      .catch(() => stop.signal.aborted || setSaid('The photos could not be read.'));
    return () => stop.abort();
  }, [job, part]);
  const take = async (file: File) => {
    if (file.size > mostMb * 1048576) {
      setSaid(`${file.name} is larger than ${mostMb} MB.`);
      return;
    }
    setBusy(true);
    setSaid(null);
    try {
      const answer = await fetch(`/api/jobs/${job}/photos?${new URLSearchParams({ part, mark: ofMark })}`, {
        method: 'POST',
        body: file,
      });
      if (answer.ok) show(await readPhotos(job));
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
    show(await readPhotos(job));
  };
  return (
    <Part title="Photos">
      <ul className="flex flex-wrap gap-2">
        {photos.map((photo) => (
          <li key={photo.id} className="relative">
            <a href={`/api/photos/${photo.sha256}`} target="_blank" rel="noreferrer">
              <Image
                unoptimized
                src={`/api/photos/${photo.sha256}?thumb`}
                alt={`${shows(photo)} on ${date(photo.takenOn)}`}
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
            {photo.mark && <span className="block w-[84px] text-small">{shows(photo)}</span>}
          </li>
        ))}
      </ul>
      {marks.length > 0 && (
        <label className="flex items-center gap-2 pt-1">
          Next photo shows
          <select value={ofMark} disabled={!live} onChange={(event) => setOfMark(event.target.value)}>
            <option value="">the panel</option>
            {marks.map((mark) => (
              <option key={mark.id} value={mark.id}>
                {markWords[mark.kind]}, {mark.sizeMm} mm
              </option>
            ))}
          </select>
        </label>
      )}
      <label htmlFor={id} className="sr-only">
        Add a photo of {part}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        disabled={!live || busy}
        className="h-auto w-full py-1 text-small"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void take(file);
        }}
      />
      {busy && <p className="text-small text-quiet">Keeping …</p>}
      {said && (
        <p role="alert" className="text-small text-stop">
          {said}
        </p>
      )}
    </Part>
  );
}
