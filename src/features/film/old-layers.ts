import type { OldLayer } from '@/core/film';
import type { Job, JobSection } from '@/core/record';
import { filmSummary } from '@/core/survey';

/** Film of an old finish that nobody read, µm: a working figure until somebody does. */
const unreadUm = 100;

/**
 * The old film as the survey measured or guessed it, each layer with whether it is stripped: the median of what was read
 * is the best guess where nobody told the layers apart.
 */
export function oldLayers(
  job: Job,
  parts: ReadonlySet<string>,
  depth: JobSection['depth'],
  finish: JobSection['oldFinish'],
): OldLayer[] {
  const known = job.surveyed.find((one) => parts.has(one.key) && one.under.length > 0);
  const under = (known?.under ?? []).flatMap(({ kind, um, sound }): OldLayer[] =>
    um === null
      ? []
      : [
          {
            name: kind.replace(/-/g, ' '),
            um,
            isStripped: depth === 'bare' || (depth === 'stable' && !sound),
          },
        ],
  );
  if (under.length > 0) return under;
  const read = filmSummary(job.readings.filter((reading) => parts.has(reading.part)));
  const isStripped = depth === 'bare';
  if (read)
    return [
      {
        name: isStripped ? 'old film, as read' : 'kept film, as read',
        um: read.medianUm,
        isStripped,
      },
    ];
  return isStripped && finish !== 'none'
    ? [{ name: `${finish.replace(/-/g, ' ')}, nobody read it`, um: unreadUm, isStripped }]
    : [];
}
