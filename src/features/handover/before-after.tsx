'use client';

import { useState } from 'react';
import type { PhotoShown } from '../frame/use-photos';
import { fullDate } from '../words/format';
import { Picture } from './photo-picture';

/** Two photos of a panel over each other: the slider, by hand or by keyboard, draws the later one over the earlier. */
export function BeforeAfter({ photos }: { photos: readonly PhotoShown[] }) {
  const [from, setFrom] = useState(photos[0]?.id ?? '');
  const [to, setTo] = useState(photos.at(-1)?.id ?? '');
  const [share, setShare] = useState(50);
  const before = photos.find((one) => one.id === from) ?? photos[0];
  const after = photos.find((one) => one.id === to) ?? photos.at(-1);
  if (photos.length < 2 || !before || !after) return null;
  const pick = (label: string, value: string, set: (id: string) => void) => (
    <select aria-label={label} value={value} onChange={(event) => set(event.target.value)}>
      {photos.map((one) => (
        <option key={one.id} value={one.id}>
          {fullDate(one.takenOn)} {one.caption}
        </option>
      ))}
    </select>
  );
  return (
    <figure aria-label="Before and after" className="max-w-md pb-4">
      <div className="relative aspect-[4/3] overflow-hidden border border-line bg-raised">
        <Picture photo={before} className="absolute inset-0 size-full object-contain" />
        <div className="absolute inset-0" style={{ clipPath: `inset(0 0 0 ${share}%)` }}>
          <Picture photo={after} className="size-full bg-raised object-contain" />
        </div>
        <div className="absolute inset-y-0 w-px bg-ink" style={{ left: `${share}%` }} aria-hidden="true" />
      </div>
      <input
        type="range"
        aria-label="How much of the earlier one is seen, %"
        min={0}
        max={100}
        value={share}
        className="w-full"
        onChange={(event) => setShare(Number(event.target.value))}
      />
      <figcaption className="flex justify-between gap-3">
        {pick('Earlier', before.id, setFrom)}
        {pick('Later', after.id, setTo)}
      </figcaption>
    </figure>
  );
}
