import {
  changeFrom,
  openedSince,
  stagesDue,
  type Offer,
  type OfferChange,
  type OpenedSection,
  type StageDue,
} from '@/core/offer';
import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import { gradeOf } from '@/core/warnings/ground';
import type { Locale } from '../words/format';

/** A quote as the database keeps it. */
export interface KeptOffer {
  offer: Offer;
  answer: 'open' | 'accepted' | 'refused';
  answeredBy: string;
  answeredWhere: string;
  answeredOn: string | null;
  seen: number;
}

export interface QuoteShown extends KeptOffer {
  /** Against the version before it; null of the first. */
  change: OfferChange | null;
}

export interface QuotesProps {
  job: string;
  today: string;
  locale: Locale;
  /** Hash of what the shown plan rests on. */
  inputHash: string;
  /** Warnings of the plan that say stop. */
  stops: number;
  /** The latest first. */
  quotes: QuoteShown[];
  /** Of the accepted one: its payments today, and what is no longer as it was signed. */
  accepted: { number: number; stages: StageDue[]; opened: (OpenedSection & { name: string })[] } | null;
}

/** The quotes of a job beside its plan of today. */
export function quotesProps(
  kept: readonly KeptOffer[],
  {
    job,
    plan,
    inputHash,
    today,
    locale,
  }: { job: Job; plan: Plan; inputHash: string; today: string; locale: Locale },
): QuotesProps {
  const inForce = [...kept].reverse().find((one) => one.answer === 'accepted');
  const names = new Map(job.sections.map((one) => [one.key, one.name]));
  return {
    job: job.number,
    today,
    locale,
    inputHash,
    stops: plan.warnings.filter((one) => gradeOf(one) === 'stop').length,
    quotes: kept
      .map((one, i) => ({
        ...one,
        change: i === 0 ? null : changeFrom(kept[i - 1]!.offer, one.offer, job.scope),
      }))
      .reverse(),
    accepted: inForce
      ? {
          number: inForce.offer.number,
          stages: stagesDue(inForce.offer, plan),
          opened: openedSince(inForce.offer, job).map((one) => ({
            ...one,
            name: names.get(one.section) ?? one.section,
          })),
        }
      : null,
  };
}
