'use client';

import { useSyncExternalStore } from 'react';

const noChanges = () => () => {};

/** False until the page listens to its fields: what is typed before would be lost, so fields open only then. */
export const useLive = (): boolean =>
  useSyncExternalStore(
    noChanges,
    () => true,
    () => false,
  );
