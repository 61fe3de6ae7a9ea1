'use client';

import { useId } from 'react';
import { useOpen } from './who';

/** Where photos are chosen from this machine; the same ones may be chosen again. */
export function PhotoInput({
  label,
  className,
  onTake,
}: {
  label: string;
  className: string;
  onTake(files: File[]): void;
}) {
  const id = useId();
  const live = useOpen('add-photo');
  return (
    <>
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        multiple
        disabled={!live}
        className={className}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          onTake(files);
        }}
      />
    </>
  );
}
