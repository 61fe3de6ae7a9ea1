import { useId, type InputHTMLAttributes } from 'react';

/** A field of the door, its name above it. */
export function DoorField({
  label,
  hint,
  ...given
}: { label: string; hint?: string } & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      <input id={id} {...given} aria-describedby={hint ? `${id}-hint` : undefined} className="h-9 w-72" />
      {hint && (
        <p id={`${id}-hint`} className="text-small text-quiet">
          {hint}
        </p>
      )}
    </div>
  );
}

/** Why one does not come in. */
export const DoorRefusal = ({ text }: { text: string | null }) =>
  text && (
    <p role="alert" className="text-stop">
      {text}
    </p>
  );
