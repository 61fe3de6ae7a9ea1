import type { Change, PlanFigures } from '@/core/changes';
import type { WarningText } from '../words/warning-text';

/** A remedy as it would come out, its warnings in words. */
export interface RemedyShown {
  change: Change;
  figures: PlanFigures;
  settles: boolean;
  alsoSettles: WarningText[];
  brings: WarningText[];
}

/** What the server says of the remedies of one warning. */
export type Remedies = { status: 'gone' } | { status: 'tried'; base: PlanFigures; tried: RemedyShown[] };
