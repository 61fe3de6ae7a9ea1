import { notFound } from 'next/navigation';
import { cache } from 'react';
import { allowed } from './page-caller';
import { currentPlan } from '@/server/services/plans';

/**
 * The job of an address with its working plan, read once a request for whoever may read it; an unknown number is a page that is not there.
 */
export const plannedJob = cache(async (number: string) => {
  await allowed('plans');
  return (await currentPlan(decodeURIComponent(number))) ?? notFound();
});

export interface JobParams {
  params: Promise<{ job: string }>;
}
