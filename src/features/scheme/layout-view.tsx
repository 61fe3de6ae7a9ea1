'use client';

import { useMemo, useState } from 'react';
import { strips as stripWords } from '@/core/record';
import { layoutOf, snapper, stripKeys, stripOf, type Snap } from '@/core/scheme';
import { Empty } from '@/ui/layout';
import { InspectorPanel, Part } from '@/ui/facts';
import { AddConstruction } from './add-construction';
import { ConstructionFields } from './construction-fields';
import { FieldFigures } from './field-figures';
import { LayoutPicture } from './layout-picture';
import type { ConstructionShown, LayoutProps } from './layout-props';
import { RemoveConstruction } from './remove-construction';
import { stripName } from '@/core/record';
import { faultText, kindNames } from '../words/scheme-words';
import { SchemeFiles } from './scheme-files';
import { SightLine } from './sight-line';
import { StationTable } from './station-table';
import { useMoved } from './use-moved';

/** The room in which lines, fields and bands are laid out on the panels with measures. */
export function LayoutView(props: LayoutProps) {
  const { job, parts, route, colours } = props;
  const [selected, select] = useState<string | null>(null);
  const { constructions, onMove, refused } = useMoved(props, selected);
  const layout = useMemo(() => layoutOf(parts, route, constructions), [parts, route, constructions]);
  const strips = useMemo(
    () => stripWords.flatMap((key) => (key === 'both' ? [] : (stripOf(parts, route, key) ?? []))),
    [parts, route],
  );
  const hexes = useMemo(() => new Map(colours.map((one) => [one.id, one.hex])), [colours]);
  const own = constructions.find((one) => one.id === selected) ?? null;
  const stripChoices = stripChoicesOf(strips, parts);
  if (parts.length === 0) return <Empty>This job has no panels yet: nothing can be laid out.</Empty>;
  const faults = layout.faults.filter((one) => one.construction === selected);
  return (
    <div className="flex h-full min-h-0">
      <div className="flex min-w-0 flex-1 flex-col px-4 pb-3">
        <AddConstruction
          job={job}
          colours={colours}
          stripChoices={stripChoices}
          place={Math.min(999, 1 + Math.max(0, ...constructions.map((one) => one.place)))}
          heightOf={(key) => {
            const strip = strips.find((one) => one.key === (key === 'both' ? 'left' : key));
            return Math.round((strip?.heightM ?? 0.6) * 500);
          }}
        />
        <div className="min-h-0 flex-1">
          <LayoutPicture
            parts={parts}
            layout={layout}
            strips={strips}
            hexOf={(key) => hexes.get(key) ?? '#8a8a8a'}
            colourOf={(part) => props.colourOf[part.section] ?? ''}
            selected={selected}
            onSelect={select}
            onMove={onMove}
            snapper={() => snapperOf(own, constructions, strips)}
          />
        </div>
      </div>
      <InspectorPanel
        title={own ? own.name : 'Lines and fields'}
        {...(own ? { subtitle: `${kindNames[own.shape.kind]}, ${stripName(own.strip).toLowerCase()}` } : {})}
      >
        <ConstructionList constructions={constructions} hexes={hexes} selected={selected} onSelect={select} />
        {refused && (
          <p role="alert" className="text-small text-stop">
            {refused}
          </p>
        )}
        {faults.map((fault) => (
          <p key={`${fault.code} ${fault.strip}`} role="alert" className="text-small text-stop">
            {faultText(fault)}
          </p>
        ))}
        {own ? (
          <>
            <Part title="Measures">
              <ConstructionFields
                job={job}
                one={own}
                colours={colours}
                panels={panelsOn(strips, own.strip)}
                stripChoices={stripChoices}
              />
              <RemoveConstruction key={own.id} job={job} one={own} onGone={() => select(null)} />
            </Part>
            <Part title="With a steel rule">
              <StationTable layout={layout} one={own} />
            </Part>
            <Part title="Along the side">
              <SightLine layout={layout} one={own} />
            </Part>
          </>
        ) : (
          <>
            <Part title="Areas and edges">
              <FieldFigures layout={layout} colours={colours} />
            </Part>
            <Part title="To lay out by">
              <SchemeFiles job={job} strips={strips} layout={layout} />
            </Part>
          </>
        )}
      </InspectorPanel>
    </div>
  );
}

/** An edge this near draws a line to itself, mm: about a pixel of the picture, or ten. */
const snapReachMm = 12;

/** What draws the selected construction to itself: edges and other lines of its strip. */
function snapperOf(
  own: ConstructionShown | null,
  constructions: readonly ConstructionShown[],
  strips: Strips,
): (upMm: number) => Snap | null {
  const [key] = own ? stripKeys(own.strip) : [];
  const strip = strips.find((one) => one.key === key);
  if (!own || !strip) return () => null;
  const others = constructions.filter((one) => one !== own && stripKeys(one.strip).includes(strip.key));
  return snapper(strip, own, others, snapReachMm);
}

function ConstructionList({
  constructions,
  hexes,
  selected,
  onSelect,
}: {
  constructions: readonly ConstructionShown[];
  hexes: ReadonlyMap<string, string>;
  selected: string | null;
  onSelect(id: string | null): void;
}) {
  if (constructions.length === 0)
    return (
      <p className="py-2 text-quiet">
        Nothing is laid out yet: every section has one colour. Name a band or a field above and lay it out.
      </p>
    );
  return (
    <ul className="pb-2" aria-label="What is laid out, the lowest first">
      {constructions.map((one) => (
        <li key={one.id}>
          <button
            type="button"
            aria-pressed={one.id === selected}
            className={`flex w-full items-center gap-2 py-1 text-left ${one.id === selected ? 'font-semibold' : ''}`}
            onClick={() => onSelect(one.id === selected ? null : one.id)}
          >
            <svg width="16" height="16" aria-hidden="true">
              <rect
                x="0.5"
                y="0.5"
                width="15"
                height="15"
                fill={hexes.get(one.colour) ?? '#8a8a8a'}
                stroke="var(--ink)"
              />
            </svg>
            <span className="flex-1">{one.name}</span>
            <span className="text-quiet">{stripName(one.strip).toLowerCase()}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

type Strips = readonly NonNullable<ReturnType<typeof stripOf>>[];

function stripChoicesOf(strips: Strips, parts: LayoutProps['parts']) {
  const keys = strips.map((strip) => strip.key);
  const both = keys.includes('left') && keys.includes('right') ? ['both'] : [];
  const loose = parts.filter((part) => part.side === 'loose').map((part) => part.key);
  return [...both, ...keys, ...loose].map((value) => ({ value, text: stripName(value) }));
}

function panelsOn(strips: Strips, on: string): string[] {
  const key = on === 'both' ? 'left' : on;
  return strips.find((strip) => strip.key === key)?.panels.map(({ part }) => part.key) ?? [on];
}
