import { figuresFrom } from '../figures';
import {
  coatSystemOf,
  filmColumn,
  filmFiguresOf,
  type FilmColumn,
  type FilmSlice,
  type OldLayer,
  type SliceTimes,
} from '../film';
import type { Plan } from '../plan/model';
import type { Job, JobSection } from '../record';
import { isTouchIn } from '../steps';
import { filmSummary } from '../survey';

/** The film of a section or lot as it is planned, and when each layer of it is laid and taken from. */
export interface SectionFilm {
  route: 'panel' | 'hull' | 'aircraft';
  depth: JobSection['depth'];
  column: FilmColumn;
  times: SliceTimes[];
}

/** @param section the section of the job that the summary belongs to, with the ways of the shop handed to it */
export function sectionFilm(
  summary: Plan['sections'][number],
  section: JobSection,
  job: Job,
  plan: Pick<Plan, 'parts' | 'steps'>,
): SectionFilm {
  const route = (section.ways?.system ?? coatSystemOf(section.system))?.route ?? 'panel';
  const depth = depthOfLot(summary.section, section);
  const parts = new Set(plan.parts.flatMap((part) => (part.section === summary.section ? [part.key] : [])));
  const kept = oldLayers(job, parts, depth, section.oldFinish);
  const figures = filmFiguresOf(figuresFrom(section.ways?.figures ?? job.figures), { section: section.key });
  const column = filmColumn(kept, summary.layers, summary.clear, route, figures);
  return { route, depth, column, times: timesOf(column, summary.section, plan) };
}

/** Film of an old finish that nobody read, µm: a working figure until somebody does. */
const unreadUm = 100;

/**
 * The old film as the survey measured or guessed it, each layer with whether it is stripped: the median of what was read
 * is the best guess where nobody told the layers apart.
 */
function oldLayers(
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

/** A lot may be taken further down than its section; its key says so. */
const depthOfLot = (key: string, section: JobSection): JobSection['depth'] => {
  const own = key.split(':')[1] ?? '';
  return (['bare', 'stable', 'scuff'] as const).find((depth) => own.includes(depth)) ?? section.depth;
};

/** When each slice is laid and taken from, by the plan's steps of that section. */
function timesOf(column: FilmColumn, section: string, plan: Pick<Plan, 'steps'>): SliceTimes[] {
  const own = plan.steps.filter((step) => step.sections.includes(section));
  const ends = (match: (step: Plan['steps'][number]) => boolean) => own.filter(match).map((step) => step.end);
  /** A role that comes twice in a stack is laid in its order. */
  const coatsEnd = ({ kind, coats }: FilmSlice, below: readonly FilmSlice[]): number[] => {
    const all = ends((step) => step.coat?.role === kind && !isTouchIn(step)).sort((a, b) => a - b);
    const before = below.reduce((sum, one) => sum + (one.kind === kind ? one.coats : 0), 0);
    const comesAgain = column.slices.filter((one) => one.kind === kind).length > 1;
    return comesAgain ? all.slice(before, before + coats) : all;
  };
  return column.slices.map((slice, i) => ({
    laid: coatsEnd(slice, column.slices.slice(0, i)),
    taken:
      slice.why === 'stripping'
        ? ends((step) => step.leaves === 'bare')
        : slice.why === 'blocking'
          ? ends((step) => step.operation === 'block' && step.phase === 'build')
          : slice.why === 'ladder'
            ? ends((step) => ['colour-sand', 'disc-sand', 'polish'].includes(step.operation))
            : slice.why === 'nibs'
              ? ends((step) => step.operation === 'sand-between')
              : ends((step) => /^(scuff-epoxy|block-filler|block-fairing)/.test(step.operation)),
  }));
}
