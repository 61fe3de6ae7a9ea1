'use client';

import { Moon, Sun } from 'lucide-react';
import { useState } from 'react';

/** Light for the office, dark for a dim booth; kept in a cookie so that the first paint is right. */
export function ThemeSwitch() {
  const [dark, setDark] = useState(
    () => typeof document !== 'undefined' && document.documentElement.dataset.theme === 'dark',
  );
  const change = () => {
    const next = dark ? 'light' : 'dark';
    document.documentElement.dataset.theme = next;
    document.cookie = `coatrel-theme=${next}; path=/; max-age=31536000; samesite=strict`;
    setDark(!dark);
  };
  const Icon = dark ? Sun : Moon;
  return (
    <button
      type="button"
      onClick={change}
      className="flex size-7 shrink-0 items-center justify-center"
      aria-label="Change between light and dark"
      suppressHydrationWarning
    >
      <Icon size={16} aria-hidden="true" suppressHydrationWarning />
    </button>
  );
}
