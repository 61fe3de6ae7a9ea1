'use client';

import { createContext, useContext } from 'react';

const PlanHash = createContext('');

/** Hands down the hash of what the shown plan is made from. */
export const PlanHashProvider = PlanHash.Provider;

/** Changes when the plan does: part of the key of every answer that hangs on the plan. */
export const usePlanHash = (): string => useContext(PlanHash);
