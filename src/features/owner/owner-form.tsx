import type { ReactNode } from 'react';

export const Heading = ({ children }: { children: ReactNode }) => (
  <h2 className="pt-5 pb-1 font-semibold">{children}</h2>
);

/** Fields and buttons of the page are as large as a thumb. */
export const field = 'h-12 w-full border border-line bg-raised px-3';
export const button = 'h-12 border border-strong px-4 font-semibold';

/** A line that the owner types. */
export const Typed = ({ name, label, least = 1 }: { name: string; label: string; least?: number }) => (
  <input
    className={field}
    name={name}
    aria-label={label}
    placeholder={label.toLowerCase()}
    maxLength={name === 'said' ? 200 : 80}
    required={least > 0}
  />
);
