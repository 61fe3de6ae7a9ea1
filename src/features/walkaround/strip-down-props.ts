import type { Allowance } from '@/core/survey';
import type { Find, Fitting, Gate, Hole } from '@/core/record';

type Seen<T> = T & { seen: number };

/** The strip-down of a job: its lists with the row versions that guard their edits. */
export interface StripDownProps {
  job: string;
  today: string;
  fittings: Seen<Fitting>[];
  holes: Seen<Hole>[];
  gates: Seen<Gate>[];
  finds: Seen<Find>[];
  panels: { key: string; name: string; section: string }[];
  sections: { key: string; name: string }[];
  /** Masking passes by section: how often a fitting on it would be masked. */
  passes: Record<string, number>;
  allowance: Allowance | null;
}
