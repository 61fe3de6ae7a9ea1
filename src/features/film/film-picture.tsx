'use client';

import { filmAt } from '@/core/film';
import { Bars, Floor, fontPx, Ghost, Hatch, short, stack, type Piece } from './film-bars';
import type { FilmSection } from './film-props';

const height = 610;
const top = 44;
const foot = 62;
const axisPx = 52;
const leastPx = 196;

/** Round steps of the µm scale: about eight lines. */
const stepFor = (mostUm: number): number =>
  [10, 20, 25, 50, 100, 200, 250, 500, 1000].find((step) => mostUm / step <= 9) ?? 2000;

/** The film of every section to scale in µm, flats and edges side by side, as it stands on the day shown. */
export function FilmPicture({
  sections,
  at,
  selected,
  onSelect,
}: {
  sections: readonly FilmSection[];
  at: number;
  selected: string | null;
  onSelect(key: string): void;
}) {
  const mostUm = Math.max(
    100,
    ...sections.flatMap(({ column, readingsUm }) => [
      column.leftUm + (column.slices.at(-1)?.takenUm ?? 0),
      ...readingsUm.filter((um) => um < 800),
    ]),
  );
  const step = stepFor(mostUm);
  const scale = (height - top - foot) / (Math.ceil(mostUm / step) * step);
  const each = Math.max(leastPx, (860 - axisPx) / sections.length);
  const width = axisPx + each * sections.length;
  const y = (um: number) => height - foot - um * scale;
  const lines = Array.from(
    { length: Math.floor((height - top - foot) / (step * scale)) + 1 },
    (_, i) => i * step,
  );
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      style={{ height: '100%', minWidth: width > 880 ? `${width}px` : undefined }}
      className="max-h-full w-full"
      preserveAspectRatio="xMinYMin meet"
      role="group"
      aria-label="Film section of each section, µm dry"
    >
      <text x={axisPx - 8} y={18} fontSize={fontPx} textAnchor="end" fill="var(--ink)">
        µm dry
      </text>
      {lines.map((um) => (
        <g key={um}>
          <path d={`M${axisPx} ${y(um)}H${width}`} stroke="var(--line)" strokeWidth={um === 0 ? 1.5 : 0.8} />
          <text x={axisPx - 8} y={y(um) + 4.5} fontSize={fontPx} textAnchor="end" fill="var(--ink)">
            {um}
          </text>
        </g>
      ))}
      {sections.map((section, i) => (
        <Column
          key={section.key}
          section={section}
          at={at}
          x={axisPx + i * each + 14}
          width={each - 34}
          y={y}
          selected={section.key === selected}
          onSelect={onSelect}
        />
      ))}
    </svg>
  );
}

function Column({
  section,
  at,
  x,
  width,
  y,
  selected,
  onSelect,
}: {
  section: FilmSection;
  at: number;
  x: number;
  width: number;
  y(um: number): number;
  selected: boolean;
  onSelect(key: string): void;
}) {
  const slices = filmAt(section.column, section.times, at);
  const flatPx = width * 0.68;
  const edgeX = x + width * 0.76;
  const edgePx = width * 0.24;
  const flat = stack(
    slices,
    (slice) => slice.laidUm,
    (slice) => slice.takenUm,
    section.colour.name,
  );
  const edge = stack(
    slices,
    (slice) => slice.edgeUm,
    (slice) => slice.edgeTakenUm,
    section.colour.name,
  );
  const last = section.column.slices.at(-1);
  const done = slices.at(-1);
  // What the ladder will still take is hatched on top of the last film once it is laid.
  const toTake = last?.why === 'ladder' && done && done.laidUm > 0 ? last.takenUm - done.takenUm : 0;
  const edgeToTake =
    last?.why === 'ladder' && done && done.laidUm > 0 ? last.edgeTakenUm - done.edgeTakenUm : 0;
  const { floorUm, edgeFloorUm, topStartsUm, edgeTopStartsUm, leftUm, edgeLeftUm } = section.column;
  const topLaid = (done?.laidUm ?? 0) > 0;
  const thin = isThin(section);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={selected}
      aria-label={`${section.name}: ${flat.topUm.toFixed(0)} µm on flats, ${edge.topUm.toFixed(0)} on edges`}
      className="cursor-pointer"
      onClick={() => onSelect(section.key)}
      onKeyDown={(event) => event.key === 'Enter' && onSelect(section.key)}
    >
      <rect x={x - 10} y={4} width={width + 20} height={height - 8} fill="transparent" />
      {selected && (
        <path d={`M${x - 6} ${height - 8}H${x + width + 6}`} stroke="var(--ink)" strokeWidth="3" />
      )}
      <Bars pieces={flat.pieces} x={x} width={flatPx} y={y} colour={section.colour.hex} labels />
      <Bars pieces={edge.pieces} x={edgeX} width={edgePx} y={y} colour={section.colour.hex} />
      <Hatch x={x} width={flatPx} y={y} topUm={flat.topUm} um={toTake} label="to sand, polish" />
      <Hatch x={edgeX} width={edgePx} y={y} topUm={edge.topUm} um={edgeToTake} />
      <Ghost x={x} width={flatPx} fromPx={y(flat.topUm)} toPx={y(leftUm)} />
      <Ghost x={edgeX} width={edgePx} fromPx={y(edge.topUm)} toPx={y(edgeLeftUm)} />
      {topLaid && floorUm !== null && (
        <Floor x={x - 5} width={flatPx + 10} at={y(topStartsUm + floorUm)} broken={thin.flat} />
      )}
      {topLaid && edgeFloorUm !== null && (
        <Floor x={edgeX - 4} width={edgePx + 8} at={y(edgeTopStartsUm + edgeFloorUm)} broken={thin.edge} />
      )}
      {section.readingsUm
        .filter((um) => um < 800)
        .map((um, i) => (
          <path key={i} d={`M${x - 9} ${y(um)}h7`} stroke="var(--ink)" strokeWidth="2">
            <title>{`read at the survey: ${um.toFixed(0)} µm`}</title>
          </path>
        ))}
      <ColumnWords
        x={x}
        flatPx={flatPx}
        y={y}
        flat={flat}
        edgeX={edgeX}
        edgePx={edgePx}
        edge={edge}
        section={section}
        thin={thin}
      />
    </g>
  );
}

/** The figures over and the names under one column. */
function ColumnWords({
  x,
  flatPx,
  y,
  flat,
  edgeX,
  edgePx,
  edge,
  section,
  thin,
}: {
  x: number;
  flatPx: number;
  y: (um: number) => number;
  flat: { pieces: Piece[]; topUm: number };
  edgeX: number;
  edgePx: number;
  edge: { pieces: Piece[]; topUm: number };
  section: FilmSection;
  thin: { flat: boolean; edge: boolean };
}) {
  return (
    <>
      <text
        x={x + flatPx / 2}
        y={y(flat.topUm) - 8}
        fontSize="14"
        fontWeight="600"
        textAnchor="middle"
        fill="var(--ink)"
      >
        {flat.topUm > 0 ? `${flat.topUm.toFixed(0)} µm` : 'bare'}
      </text>
      <text
        x={edgeX + edgePx / 2}
        y={y(edge.topUm) - 8}
        fontSize={fontPx}
        textAnchor="middle"
        fill="var(--ink)"
      >
        {edge.topUm > 0 ? edge.topUm.toFixed(0) : ''}
      </text>
      <text x={x} y={height - foot + 22} fontSize="14" fontWeight="600" fill="var(--ink)">
        {short(section.name, flatPx + 6)}
      </text>
      <text x={x} y={height - foot + 40} fontSize={fontPx} fill="var(--quiet)">
        {section.level}
        {thin.flat || thin.edge ? ', too thin' : ''}
      </text>
      <text x={edgeX} y={height - foot + 22} fontSize={fontPx} fill="var(--quiet)">
        edge
      </text>
    </>
  );
}

/** Whether the clear that is planned leaves less than the floor once all is sanded. */
export function isThin({ column }: Pick<FilmSection, 'column'>): { flat: boolean; edge: boolean } {
  const last = column.slices.at(-1);
  if (!last || column.floorUm === null) return { flat: false, edge: false };
  return {
    flat: last.laidUm - last.takenUm < column.floorUm - 0.05,
    edge: last.edgeUm - last.edgeTakenUm < column.edgeFloorUm! - 0.05,
  };
}
