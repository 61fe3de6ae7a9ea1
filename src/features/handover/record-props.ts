import type { HandoverRecord } from '@/core/handover';
import type { Plan } from '@/core/plan';
import { colourOfKey, type Job, type Provenance } from '@/core/record';
import { netOfJob } from '@/core/survey';
import type { Locale } from '../words/format';
import { openEndText } from '../words/handover-words';
import { leftAloneText } from '../words/offer-words';
import type { SectionShown } from './section-table';
import type { DryMassProps } from './dry-mass-table';

export interface SignatureShown {
  id: string;
  side: 'shop' | 'owner';
  by: string;
  where: string;
  on: string;
  seen: number;
  /** Panels that were worked on since. */
  opened: string[];
}

/** What the record of a handover shows on the screen; the file itself is a document. */
export interface RecordProps {
  job: string;
  seen: number;
  today: string;
  locale: Locale;
  inputHash: string;
  isFinished: boolean;
  openEnds: string[];
  leftAlone: { section: string; what: string[] }[];
  /** Panels whose film lies below the stop line, was sanded since it was read, or was not read. */
  film: { read: number; all: number; below: string[]; stale: string[] };
  returnLook: HandoverRecord['returnLook'];
  sections: SectionShown[];
  chosen: Pick<Job, 'reservePlace' | 'keptWhere' | 'moneyDepth'>;
  provenance: (Provenance & { seen: number })[];
  panels: { key: string; name: string }[];
  signatures: SignatureShown[];
  mass: DryMassProps | null;
}

export function recordProps(
  job: Job,
  sections: Plan['sections'],
  record: HandoverRecord,
  versions: Record<string, number>,
  given: Pick<RecordProps, 'today' | 'locale' | 'inputHash' | 'signatures' | 'mass'>,
): RecordProps {
  const read = record.film.filter((one) => one.roomUm !== null || one.points.length > 0);
  const { reservePlace, keptWhere, moneyDepth } = job;
  return {
    ...given,
    job: job.number,
    seen: versions[job.number]!,
    isFinished: job.state === 'finished',
    openEnds: record.openEnds.map(openEndText),
    leftAlone: record.leftAlone.map(({ section, what }) => ({ section, what: what.map(leftAloneText) })),
    film: {
      read: read.length,
      all: record.film.length,
      below: record.film.flatMap((one) => (one.roomUm !== null && one.roomUm < 0 ? [one.part] : [])),
      stale: record.film.flatMap((one) => (one.isStale ? [one.part] : [])),
    },
    returnLook: record.returnLook,
    sections: sections.map(({ section, name, level, colour, outsideM2, layers, totalUm }) => ({
      key: section,
      name,
      level,
      colour: colourOfKey(job, colour).name,
      outsideM2,
      layers: layers.map((layer) => `${layer.coats} × ${layer.name}`).join(', '),
      totalUm,
    })),
    chosen: { reservePlace, keptWhere, moneyDepth },
    provenance: job.provenance.map((one) => ({ ...one, seen: versions[`${job.number}/${one.id}`]! })),
    panels: netOfJob(job).map(({ key, name }) => ({ key, name })),
  };
}
