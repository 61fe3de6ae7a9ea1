import { boundsOf, distanceToPiece, edgesOf, type Point } from '../geometry';
import type { Plan, PlannedStep } from '../plan/model';
import { sectionFilm } from '../readings/section-film';
import { baseOf, type FilmReading, type Job } from '../record';
import type { Shop } from '../shop';
import { withShopWays } from '../steps';
import { filmSummary } from '../survey';
import { localDateOf, type LocalDate } from '../units';
import { panelsOf, type Part } from '../vehicle';

/** Whole film over the substrate, µm, on flats and on edges. */
export interface FlatAndEdge {
  flatUm: number;
  edgeUm: number;
}

/** A reading of the finished film. */
export interface FilmPoint extends Pick<FilmReading, 'um' | 'fromLeftMm' | 'fromTopMm' | 'onDate'> {
  /** It lies on an edge, where less must stay; flats count where nobody noted the place. */
  onEdge: boolean;
  /** How far it lies below the line at which sanding stops, µm; 0 where it does not, null where there is no line. */
  belowUm: number | null;
}

/** What stands on a panel, for whoever polishes next. */
export interface PanelFilm {
  part: string;
  name: string;
  section: string;
  planned: FlatAndEdge;
  /** Of it, old film that was kept, µm. */
  keptUm: number;
  /** Whole film at which sanding stops: the film under the last one and what must stay of that; null where nothing is sanded. */
  stop: FlatAndEdge | null;
  points: FilmPoint[];
  lowestUm: number | null;
  /** Of the flats. */
  medianUm: number | null;
  lowestEdgeUm: number | null;
  /** Least room over the stop line among the readings, µm; below 0 where one lies under it, null where nothing was read. */
  roomUm: number | null;
  /** It was sanded or polished after it was read: the figures are too high. */
  isStale: boolean;
}

/** Along an edge within this a pad cuts through first, m. */
const edgeBandM = 0.025;

/**
 * The film of every painted panel at the end: planned, read and the line at which whoever polishes next must stop. Readings
 * count from the day on which the last coat of the panel was done; those before it were of another film.
 */
export function filmRecord(given: Job, plan: Plan, shop: Shop): PanelFilm[] {
  const job = withShopWays(given, shop);
  const films = new Map(
    plan.sections.flatMap((summary) => {
      const section = job.sections.find((one) => one.key === summary.base);
      return section && summary.layers.length > 0
        ? [[summary.section, { summary, ...sectionFilm(summary, section, job, plan) }] as const]
        : [];
    }),
  );
  const names = new Map(job.sections.map((one) => [one.key, one.name]));
  return panelsOf(plan.parts).flatMap((part): PanelFilm[] => {
    const film = films.get(part.section);
    if (!film) return [];
    const own = plan.steps.filter((step) => step.sections.includes(part.section) && !step.skipped);
    const read = readingsSince(job, part.key, lastCoatDay(own, shop.timeZone));
    const { leftUm, edgeLeftUm, floorUm, edgeFloorUm, topStartsUm, edgeTopStartsUm } = film.column;
    const stop =
      floorUm === null
        ? null
        : { flatUm: topStartsUm + floorUm, edgeUm: edgeTopStartsUm + (edgeFloorUm ?? floorUm) };
    const points = read.map((reading) => pointOf(reading, part, stop));
    const rooms = points.flatMap((one) =>
      stop === null ? [] : [one.um - (one.onEdge ? stop.edgeUm : stop.flatUm)],
    );
    const flats = points.filter((one) => !one.onEdge);
    const edges = points.filter((one) => one.onEdge);
    const least = (of: readonly FilmPoint[]) => (of.length > 0 ? Math.min(...of.map((one) => one.um)) : null);
    return [
      {
        part: part.key,
        name: part.name,
        section: names.get(baseOf(part.section)) ?? film.summary.name,
        planned: { flatUm: leftUm, edgeUm: edgeLeftUm },
        keptUm: film.column.slices.reduce(
          (sum, one) => sum + (one.kind === 'kept' ? one.laidUm - one.takenUm : 0),
          0,
        ),
        stop,
        points,
        lowestUm: least(flats),
        medianUm: filmSummary(flats)?.medianUm ?? null,
        lowestEdgeUm: least(edges),
        roomUm: rooms.length > 0 ? Math.min(...rooms) : null,
        isStale: wasSandedSince(own, read, shop.timeZone),
      },
    ];
  });
}

const isLaid = (step: PlannedStep): boolean => step.coat !== null && step.state === 'done';

/** The day on which the last coat of a panel ended; null while one is still to come. */
function lastCoatDay(steps: readonly PlannedStep[], timeZone: string): LocalDate | null {
  const coats = steps.filter((step) => step.coat !== null);
  if (coats.length === 0 || !coats.every(isLaid)) return null;
  return localDateOf(Math.max(...coats.map((step) => step.end)), timeZone);
}

const readingsSince = (job: Job, part: string, day: LocalDate | null): FilmReading[] =>
  day === null ? [] : job.readings.filter((one) => one.part === part && one.onDate >= day);

function pointOf(reading: FilmReading, part: Part, stop: FlatAndEdge | null): FilmPoint {
  const { um, fromLeftMm, fromTopMm, onDate } = reading;
  const onEdge = isOnEdge(reading, part);
  const line = stop && (onEdge ? stop.edgeUm : stop.flatUm);
  return {
    um,
    fromLeftMm,
    fromTopMm,
    onDate,
    onEdge,
    belowUm: line === null ? null : Math.max(0, line - um),
  };
}

function isOnEdge({ fromLeftMm, fromTopMm }: FilmReading, { outline, holes }: Part): boolean {
  if (fromLeftMm === null || fromTopMm === null) return false;
  const { left, top } = boundsOf(outline);
  const at: Point = [left + fromLeftMm / 1000, top + fromTopMm / 1000];
  return [outline, ...holes].some((ring) =>
    edgesOf(ring).some(([from, to]) => distanceToPiece(at, from, to) <= edgeBandM),
  );
}

/** Some of what was sanded at the end came after the last reading. */
function wasSandedSince(
  steps: readonly PlannedStep[],
  read: readonly FilmReading[],
  timeZone: string,
): boolean {
  const last = read
    .map((one) => one.onDate)
    .sort()
    .at(-1);
  if (last === undefined) return false;
  return steps.some(
    (step) => step.grit !== null && step.state === 'done' && localDateOf(step.end, timeZone) > last,
  );
}
