import type { LocalDate } from '../units';
import type { PhotoTag } from './handover-words';

/** A photo of a job: what it shows, and who sees it. The picture lies in the store under its SHA-256. */
export interface JobPhoto {
  id: string;
  part: string | null;
  /** Face of its panel; null where nobody said. */
  face: 'outside' | 'inside' | null;
  step: string | null;
  /** The mark it shows, by its id in the job; null for the panel as a whole. */
  mark: string | null;
  /** The gate before primer it shows, a joint or a seam; null for none. */
  gate: string | null;
  /** The sample it shows; null for none. */
  sample: string | null;
  /** The coat it shows, 1 for the first; null for none. */
  coat: number | null;
  tag: PhotoTag;
  caption: string;
  /** The owner sees it on his page. */
  forOwner: boolean;
  takenOn: LocalDate;
  sha256: string;
}
