'use client';

import { Moon, Sun } from 'lucide-react';
import { useSyncExternalStore } from 'react';

const changed = 'coatrel-theme';

function subscribe(onChange: () => void): () => void {
  window.addEventListener(changed, onChange);
  return () => window.removeEventListener(changed, onChange);
}

const isDark = () => document.documentElement.dataset.theme === 'dark';

/** Light for the office, dark for a dim booth; kept in a cookie so that the first paint is right. */
export function ThemeSwitch() {
  const dark = useSyncExternalStore(subscribe, isDark, () => false);
  const change = () => {
    const next = dark ? 'light' : 'dark';
    document.documentElement.dataset.theme = next;
    document.cookie = `coatrel-theme=${next}; path=/; max-age=31536000; samesite=strict`;
    window.dispatchEvent(new Event(changed));
  };
  const Icon = dark ? Sun : Moon;
  return (
    <button
      type="button"
      onClick={change}
      className="flex size-7 shrink-0 items-center justify-center"
      aria-label="Change between light and dark"
    >
      <Icon size={16} aria-hidden="true" />
    </button>
  );
}
