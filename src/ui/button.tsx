import type { ButtonHTMLAttributes } from 'react';

const looks = {
  main: 'bg-ink text-sheet border-ink',
  plain: 'bg-raised text-ink border-strong',
  strip: 'bg-transparent text-strip-ink border-strip-quiet',
};

/** A button of 32 px; `main` once a view at most. */
export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof looks }) {
  return (
    <button
      type="button"
      {...rest}
      className={`h-8 rounded-[2px] border px-3 font-semibold disabled:opacity-50 ${looks[look]} ${className}`}
    />
  );
}
