'use client';

import { textureFill, textureSheen } from '@/ui/textures';

export const fontPx = 13;
const charPx = 6.7;

const textureOf: Record<string, string> = {
  kept: 'old',
  etch: 'epoxy',
  epoxy: 'epoxy',
  barrier: 'epoxy',
  build: 'high-build',
  primer: 'high-build',
  promoter: 'sealer',
  sealer: 'sealer',
  clear: 'clear-film',
  intercoat: 'clear-film',
};

const fillOf = (kind: string, colour: string): string => {
  const texture = textureOf[kind] ?? 'colour';
  return texture === 'clear-film' ? 'var(--clear-film)' : textureFill(texture, colour);
};

export const short = (text: string, px: number): string => {
  const room = Math.floor(px / charPx);
  return text.length <= room ? text : room < 4 ? '' : `${text.slice(0, room - 1)}…`;
};

export interface Piece {
  kind: string;
  label: string;
  fromUm: number;
  toUm: number;
}

/** Layers told by their part in the stack; a colour by its own name. */
const coloured = new Set(['ground', 'colour', 'candy', 'flake', 'topcoat']);

export function stack<T extends { kind: string; name: string }>(
  slices: readonly T[],
  laid: (slice: T) => number,
  taken: (slice: T) => number,
  colourName: string,
): { pieces: Piece[]; topUm: number } {
  let at = 0;
  const pieces = slices.map((slice) => {
    const fromUm = at;
    at += Math.max(0, laid(slice) - taken(slice));
    const off = taken(slice) >= 0.5 ? ` −${taken(slice).toFixed(0)}` : '';
    const word =
      slice.kind === 'kept' || slice.kind === 'old'
        ? slice.name
        : coloured.has(slice.kind)
          ? colourName
          : slice.kind;
    return { kind: slice.kind, label: `${word} ${laid(slice).toFixed(0)}${off}`, fromUm, toUm: at };
  });
  return { pieces: pieces.filter((piece) => piece.toUm > piece.fromUm), topUm: at };
}

/** What is still to come, as an outline up to the film when all is done. */
export const Ghost = ({
  x,
  width,
  fromPx,
  toPx,
}: {
  x: number;
  width: number;
  fromPx: number;
  toPx: number;
}) =>
  fromPx - toPx < 2 ? null : (
    <path
      d={`M${x} ${fromPx}V${toPx}h${width}V${fromPx}`}
      fill="none"
      stroke="var(--strong-line)"
      strokeDasharray="2 4"
      className="pointer-events-none"
    />
  );

export function Bars({
  pieces,
  x,
  width,
  y,
  colour,
  labels = false,
}: {
  pieces: readonly Piece[];
  x: number;
  width: number;
  y(um: number): number;
  colour: string;
  labels?: boolean;
}) {
  return pieces.map((piece, i) => {
    const [from, to] = [y(piece.fromUm), y(piece.toUm)];
    const text = short(piece.label, width - 14);
    return (
      <g key={i}>
        <title>{`${piece.label} µm`}</title>
        <rect x={x} y={to} width={width} height={from - to} fill={fillOf(piece.kind, colour)} />
        <rect
          x={x}
          y={to}
          width={width}
          height={from - to}
          fill={textureSheen(piece.kind === 'clear' ? 'clear' : '') ?? 'none'}
          stroke="var(--ink)"
          strokeWidth="0.8"
        />
        {labels && from - to >= 16 && text && (
          <>
            <rect
              x={x + 4}
              y={(from + to) / 2 - 8}
              width={text.length * charPx + 6}
              height={16}
              fill="var(--raised)"
              opacity=".93"
            />
            <text x={x + 7} y={(from + to) / 2 + 4.5} fontSize={fontPx} fill="var(--ink)">
              {text}
            </text>
          </>
        )}
      </g>
    );
  });
}

/** What is on top now and will be taken: hatched inside the last film. */
export function Hatch({
  x,
  width,
  y,
  topUm,
  um,
  label,
}: {
  x: number;
  width: number;
  y(um: number): number;
  topUm: number;
  um: number;
  label?: string;
}) {
  if (um < 0.5) return null;
  const px = y(topUm - um) - y(topUm);
  return (
    <g className="pointer-events-none">
      {label && <title>{`${label} −${um.toFixed(0)} µm`}</title>}
      <rect x={x} y={y(topUm)} width={width} height={px} fill="url(#hatch-planned)" opacity=".35" />
      <path d={`M${x} ${y(topUm - um)}h${width}`} stroke="var(--ink)" strokeWidth="1" />
    </g>
  );
}

/** Line of the least film that must stay. */
export const Floor = ({
  x,
  width,
  at,
  broken,
}: {
  x: number;
  width: number;
  at: number;
  broken: boolean;
}) => (
  <path
    d={`M${x} ${at}h${width}`}
    stroke={broken ? 'var(--stop)' : 'var(--ink)'}
    strokeWidth="2"
    strokeDasharray="6 4"
    className="pointer-events-none"
  />
);
