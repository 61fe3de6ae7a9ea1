import type { Allowance } from '@/core/survey';
import type { TradeDate } from '@/core/plan';
import type { JobLists } from '@/core/record';

type Seen<T> = T & { seen: number };

/** What Scheme shows. */
type SchemeList = 'colours' | 'constructions' | 'looseItems' | 'alternatives' | 'matchAttempts' | 'samples';
/** What the Log shows. */
type LogList = 'repairs';
/** What Stores shows. */
type StoresList = 'materialCaps';
/** What the handover shows. */
type HandoverList = 'provenance' | 'decisions';
type SeenLists = {
  [N in Exclude<keyof JobLists, SchemeList | LogList | StoresList | HandoverList>]: Seen<
    JobLists[N][number]
  >[];
};

/** The strip-down of a job: its lists with the row versions that guard their edits. */
export interface StripDownProps extends SeenLists {
  job: string;
  today: string;
  panels: { key: string; name: string; section: string }[];
  sections: { key: string; name: string }[];
  /** Masking passes by section: how often a fitting on it would be masked. */
  passes: Record<string, number>;
  allowance: Allowance | null;
  /** When other trades are needed or may begin, by the plan. */
  tradeDates: TradeDate[];
}
