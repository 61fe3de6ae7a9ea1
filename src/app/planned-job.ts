import { notFound } from 'next/navigation';
import { cache } from 'react';
import { currentPlan } from '@/server/services/plans';

/** The job of an address with its working plan, read once a request; an unknown number is a page that is not there. */
export const plannedJob = cache(
  async (number: string) => (await currentPlan(decodeURIComponent(number))) ?? notFound(),
);

export interface JobParams {
  params: Promise<{ job: string }>;
}
