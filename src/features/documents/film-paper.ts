import {
  column,
  figures,
  row,
  strong,
  subheading,
  table,
  text,
  type Block,
  type PrintedPaper,
} from '@/core/documents';
import type { PanelFilm } from '@/core/handover';
import { fullDate, micrometres } from '../words/format';
import { panelsText } from '../words/handover-words';
import { letterheadOf } from './letterhead';
import { netDrawing } from './net-drawing';
import type { WorkGiven } from './work-papers';

const um = (value: number | null): string => (value === null ? '' : value.toFixed(0));

/** The film of every panel: planned, read, and the line at which whoever polishes next must stop. */
export function filmPaper(given: WorkGiven, film: readonly PanelFilm[]): PrintedPaper {
  const { job, shop } = given;
  return {
    title: `Film record of ${job.name}`,
    subject: job.number,
    shop: letterheadOf(shop),
    blocks: filmBlocks(given, film),
  };
}

export function filmBlocks({ job, plan }: WorkGiven, film: readonly PanelFilm[]): Block[] {
  const below = film.filter((one) => one.roomUm !== null && one.roomUm < 0);
  const thin = film.filter((one) => one.stop !== null && one.planned.flatUm < one.stop.flatUm);
  const stale = film.filter((one) => one.isStale);
  return [
    text(
      'Whole film over the substrate. Who sands or polishes reads the panel first and stops at the line: what lies under it is not clear any more.',
    ),
    ...netDrawing({ job, plan, words: 'Every outside laid flat, with the keys of its panels' }),
    ...(below.length > 0
      ? [
          strong(
            `Below the stop line: ${below.map((one) => `${one.part} by ${micrometres(-(one.roomUm ?? 0))}`).join(', ')}. Nobody sands or polishes there any more.`,
          ),
        ]
      : []),
    ...(stale.length > 0
      ? [
          text(
            `Sanded or polished after they were read, so that less is there than it says: ${panelsText(stale.map((one) => one.part))}.`,
          ),
        ]
      : []),
    ...(thin.length > 0
      ? [
          text(
            `By the plan itself less is left than the stop line asks for: ${panelsText(thin.map((one) => one.part))}. Another clear coat, or no sanding there.`,
          ),
        ]
      : []),
    table(
      'Film by panel, µm',
      [
        column('Panel', 3.4),
        figures('Planned flat', 1.3),
        figures('edge', 1),
        figures('Read lowest', 1.3),
        figures('edge', 1),
        figures('median', 1.2),
        figures('Stop flat', 1.2),
        figures('edge', 1),
        figures('Room', 1.1),
      ],
      film.map((one) =>
        row(
          `${one.part} ${one.name}`,
          um(one.planned.flatUm),
          um(one.planned.edgeUm),
          um(one.lowestUm) || 'not read',
          um(one.lowestEdgeUm),
          um(one.medianUm),
          um(one.stop?.flatUm ?? null),
          um(one.stop?.edgeUm ?? null),
          um(one.roomUm),
        ),
      ),
    ),
    ...pointBlocks(film),
  ];
}

/** Where the readings below the line lie, so that they are found again. */
function pointBlocks(film: readonly PanelFilm[]): Block[] {
  const points = film.flatMap((one) =>
    one.points.filter((point) => (point.belowUm ?? 0) > 0).map((point) => ({ part: one.part, ...point })),
  );
  if (points.length === 0) return [];
  return [
    subheading('Points below the line'),
    table(
      'Points below the line',
      [
        column('Panel', 1),
        figures('Read, µm', 1),
        figures('Below by, µm', 1),
        column('Where', 3),
        column('Read on', 2),
      ],
      points.map((one) =>
        row(
          one.part,
          um(one.um),
          um(one.belowUm),
          one.fromLeftMm === null || one.fromTopMm === null
            ? 'nobody noted it'
            : `${one.fromLeftMm.toFixed(0)} mm from the left, ${one.fromTopMm.toFixed(0)} mm from the top${one.onEdge ? ', edge' : ''}`,
          fullDate(one.onDate),
        ),
      ),
    ),
  ];
}
