'use client';

import { useMemo } from 'react';
import { surfaceStates } from '@/core/record';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Empty, Room } from '@/ui/layout';
import { useDay } from '../frame/day';
import { EditText } from '../frame/edit-field';
import { useSelection } from '../frame/use-selection';
import { Warnings } from '../frame/warnings-bar';
import { area } from '../words/format';
import { JobFields } from './job-fields';
import { NetPicture } from './net-picture';
import { SectionFields } from './section-fields';
import type { WalkaroundProps } from './walkaround-props';

const stateNames: Record<string, string> = {
  old: 'old finish',
  bare: 'bare',
  epoxy: 'epoxy',
  filler: 'filler',
  'high-build': 'high-build',
  'guide-coat': 'guide coat',
  masked: 'masked',
  sealer: 'sealer',
  colour: 'coloured',
  clear: 'cleared',
  sanded: 'sanded',
  polished: 'polished',
};

/** What the object is made of: the net on the day shown, the selected panel, and what is done to its section. */
export function WalkaroundRoom({ job, caps, parts, sections, steps, measuredSeen, view }: WalkaroundProps) {
  const { at } = useDay();
  const [selected, setSelected] = useSelection(
    (name) =>
      (parts.find((part) => part.key === name) ?? parts.find((part) => part.section === name))?.key ?? null,
  );
  const states = useMemo(
    () =>
      surfaceStates(
        steps,
        sections.map((one) => one.key),
        at,
      ),
    [steps, sections, at],
  );
  const colours = useMemo(() => new Map(sections.map((one) => [one.key, one.colourHex])), [sections]);
  const net = useMemo(() => parts.map((part) => ({ ...part, loose: part.side === 'loose' })), [parts]);
  const part = parts.find((one) => one.key === selected);
  const section = sections.find((one) => one.key === (part?.section ?? ''));
  const total = parts.reduce((sum, one) => sum + one.outsideM2, 0);
  return (
    <>
      <Room title="Walkaround" aside={<Legend states={[...new Set(states.values())]} />}>
        {parts.length > 0 ? (
          <div className="h-full min-h-72">
            <NetPicture
              parts={net}
              states={states}
              colours={colours}
              selected={selected}
              onSelect={setSelected}
              title="Net of panels, to scale"
            />
          </div>
        ) : (
          <Empty>This job has no panels: its body kind is not known here.</Empty>
        )}
      </Room>
      {part && section ? (
        <InspectorPanel
          title={`${part.key} ${part.name}`}
          subtitle={`${section.name} · ${part.shape} · ${stateNames[states.get(section.key) ?? 'old']}`}
        >
          <Part title="Measured">
            <Fact label={part.measured ? 'Outside, measured' : 'Outside, from the net'}>
              <EditText
                label="Outside area of this panel"
                quiet
                type="number"
                step="any"
                unit="m²"
                value={part.outsideM2.toFixed(2)}
                toEdit={(text) => ({
                  kind: 'measure',
                  job: job.number,
                  part: part.key,
                  seen: measuredSeen[part.key] ?? null,
                  outsideM2: text === '' ? null : Number(text),
                })}
              />
            </Fact>
            {part.measured && (
              <p className="text-small text-quiet">Empty the figure to return to the computed area.</p>
            )}
            <Fact label="Inside and edges">{area(part.insideM2)}</Fact>
            <Fact label="Trim to tape">{part.trimM.toFixed(2)} m</Fact>
            <Fact label="Beads and rivet lines">{part.beadM.toFixed(2)} m</Fact>
            <Fact label="Curve factor">
              {part.curveFactor.toFixed(2)}, {part.curveReason}
            </Fact>
          </Part>
          <Part title={section.name}>
            <SectionFields job={job.number} section={section} seen={section.seen} />
            <Fact label="Section, outside">{area(section.typical.outsideM2)}</Fact>
            <Fact label="Section, inside">{area(section.typical.insideM2)}</Fact>
          </Part>
        </InspectorPanel>
      ) : (
        <InspectorPanel title="The object" subtitle={`${parts.length} panels, ${area(total)} outside`}>
          <Part title="Is the plan in order?">
            <Warnings warnings={view.warnings} most={4} />
          </Part>
          <Part title="Description">
            <JobFields job={job} caps={caps} locale={view.locale} />
          </Part>
          <p className="text-small text-quiet">
            Choose a panel to see and measure it; arrow keys walk to its neighbours.
          </p>
        </InspectorPanel>
      )}
    </>
  );
}

function Legend({ states }: { states: string[] }) {
  return (
    <ul className="flex flex-wrap gap-3 text-small">
      {states.map((state) => (
        <li key={state} className="flex items-center gap-1">
          <svg width="16" height="12" aria-hidden="true">
            <rect
              width="16"
              height="12"
              fill={
                ['colour', 'clear', 'sanded', 'polished'].includes(state) ? '#777' : `url(#texture-${state})`
              }
              stroke="var(--ink)"
            />
            {['clear', 'sanded', 'polished'].includes(state) && (
              <rect width="16" height="12" fill={`url(#sheen-${state})`} />
            )}
          </svg>
          {stateNames[state]}
        </li>
      ))}
    </ul>
  );
}
