import type { Job, JobSection, JobState } from './job';

/** What a form of the job can change; only the named ones are touched. */
export type JobChange = Partial<
  Pick<Job, 'name' | 'owner' | 'arrival' | 'promised' | 'level' | 'dimensions'>
> & {
  state?: JobState;
  capLabourHours?: number;
  capMaterialsMinor?: number;
  capBoothHours?: number;
};

export type SectionChange = Partial<
  Pick<
    JobSection,
    'substrate' | 'oldFinish' | 'depth' | 'level' | 'system' | 'colourName' | 'colourHex' | 'coats'
  >
>;

export interface ShopChange {
  labourRateMinorPerHour?: number;
  boothRateMinorPerHour?: number;
  taxBp?: number;
}

/** One edit as a screen sends it. `seen` is the row version the person looked at; null where no row exists yet. */
export type Edit =
  | { kind: 'job'; job: string; seen: number; set: JobChange }
  | { kind: 'section'; job: string; section: string; seen: number; set: SectionChange }
  | { kind: 'measure'; job: string; part: string; seen: number | null; outsideM2: number | null }
  | { kind: 'shop'; seen: number; set: ShopChange }
  | { kind: 'rate'; operation: string; seen: number | null; rate: number | null }
  | { kind: 'add-day-off'; person: string; from: string; to: string; reason: string }
  | { kind: 'remove-day-off'; id: string; seen: number };

export interface NewJob {
  number: string;
  name: string;
  owner: string;
  bodyKind: string;
  dimensions: Record<string, number>;
  level: Job['level'];
  arrival: string;
  promised: string;
  capLabourHours: number;
  capMaterialsMinor: number;
  capBoothHours: number;
}
