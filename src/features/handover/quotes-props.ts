import {
  againstLast,
  changeFrom,
  jobOfWay,
  openedSince,
  stagesDue,
  type AgainstLast,
  type Offer,
  type OfferChange,
  type OpenedSection,
  type StageDue,
  type WayAsked,
} from '@/core/offer';
import { levels } from '@/core/film';
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
  /** Other ways that may be told beside a quote. */
  ways: { value: string; text: string; way: WayAsked }[];
  /** Warnings of the plan that say stop. */
  stops: number;
  /** The latest first. */
  quotes: QuoteShown[];
  /** What a like job took beside what this one is planned with; null where it was made after none. */
  last: { job: string; isFinished: boolean; rows: AgainstLast[] } | null;
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
    last,
  }: {
    job: Job;
    plan: Plan;
    inputHash: string;
    today: string;
    locale: Locale;
    /** The job it was made after, with its plan; null for none. */
    last: { job: Job; plan: Plan } | null;
  },
): QuotesProps {
  const inForce = [...kept].reverse().find((one) => one.answer === 'accepted');
  const names = new Map(job.sections.map((one) => [one.key, one.name]));
  return {
    job: job.number,
    today,
    locale,
    last: last && {
      job: last.job.number,
      isFinished: last.job.state === 'finished',
      rows: againstLast(plan, last.plan),
    },
    ways: waysOf(job),
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

/** Levels that what is painted may have instead, and schemes that were kept. */
const waysOf = (job: Job): QuotesProps['ways'] => [
  ...levels
    .map((level): WayAsked => ({ kind: 'level', level }))
    .filter((way) => jobOfWay(job, way) !== null)
    .map((way) => ({
      value: `level ${way.kind === 'level' ? way.level : ''}`,
      text: `all of it at ${way.kind === 'level' ? way.level : ''}`,
      way,
    })),
  ...job.alternatives.map(({ id, name }) => ({
    value: `scheme ${id}`,
    text: `scheme ${name}`,
    way: { kind: 'scheme' as const, id },
  })),
];
