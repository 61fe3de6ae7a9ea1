'use client';

import { useMemo, useState } from 'react';
import { surfaceStates, type Depth } from '@/core/record';
import { gapLinesOf } from '@/core/vehicle';
import { Button } from '@/ui/button';
import { Empty, Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { useDay } from '../frame/day';
import { useSaving } from '../frame/saving';
import { useSelection } from '../frame/use-selection';
import { EdgesTables } from './edges-tables';
import { FittingsTable } from './fittings-table';
import { GatesTables } from './gates-tables';
import { JobOptions } from './job-options';
import { Legend, stateNames } from './legend';
import { NetPicture } from './net-picture';
import { ObjectInspector } from './object-inspector';
import { OthersTables } from './others-tables';
import { PanelInspector } from './panel-inspector';
import { markOfDigit, useSurveyActions, type SurveyActions } from './survey-actions';
import type { PanelShown, WalkaroundProps } from './walkaround-props';

const views = {
  net: 'Net',
  ways: 'Three ways',
  fittings: 'Fittings',
  gates: 'Gates and holes',
  edges: 'Edges',
  others: 'Others',
};
type View = keyof typeof views;

const zoomStep = 1.5;
const mostZoom = 8;

/** The keys of the net: marks, selection, size. */
function netKey({
  chosen,
  actions,
  accept,
  panel,
  select,
  panels,
  clear,
  zoom,
  setZoom,
}: {
  chosen: readonly PanelShown[];
  actions: SurveyActions;
  accept(): Promise<void>;
  panel: PanelShown | undefined;
  select(keys: readonly string[]): void;
  panels: readonly PanelShown[];
  clear(): void;
  zoom: number;
  setZoom(zoom: number): void;
}) {
  return (key: string): boolean => {
    const mark = markOfDigit(key);
    if (mark && chosen.length > 0) actions.mark(mark);
    else if (key === 'r' && chosen.length > 0) actions.repeat();
    else if (key === 'Enter' && chosen.length > 0) void accept();
    else if (key === 'a' && panel)
      select(panels.filter((one) => one.part.section === panel.part.section).map((one) => one.part.key));
    else if (key === 'Escape') clear();
    else if (key === '+') setZoom(Math.min(mostZoom, zoom * zoomStep));
    else if (key === '-') setZoom(Math.max(1, zoom / zoomStep));
    else if (key === '0') setZoom(1);
    else return false;
    return true;
  };
}

/** What the object is made of and in what state: the net on the day shown, the survey of the selected panels. */
export function WalkaroundRoom(props: WalkaroundProps) {
  const { job, panels, marks, readings, sections, lots, steps, covers } = props;
  const [view, setView] = useState<View>('net');
  const [zoom, setZoom] = useState(1);
  const { at } = useDay();
  const [page, setPage] = useState('measure');
  const { selected, select, clear } = usePanels(panels);
  const chosen = useMemo(
    () => selected.flatMap((key) => panels.find((panel) => panel.part.key === key) ?? []),
    [selected, panels],
  );
  const actions = useSurveyActions(job.number, chosen, marks);
  const states = useMemo(() => surfaceStates(steps, lots, at, covers), [steps, lots, at, covers]);
  const net = useMemo(
    () =>
      panels.map(({ part, lot, hex, survey, fields }) => ({
        ...part,
        lot,
        hex,
        fields,
        loose: part.side === 'loose',
        absent: survey?.absent ?? false,
      })),
    [panels],
  );
  const lines = useMemo(() => gapLinesOf(panels.map((panel) => panel.part)), [panels]);
  const panel = chosen.at(-1);
  const section = sections.find((one) => one.key === panel?.part.section);

  const accept = useAccept(job.number, chosen);
  const onKey = netKey({ chosen, actions, accept, panel, select, panels, clear, zoom, setZoom });
  return (
    <>
      <Room
        title="Walkaround"
        aside={<NetAside view={view} states={states} zoom={zoom} onKey={onKey} setView={setView} />}
      >
        {view === 'ways' ? (
          <JobOptions job={job.number} locale={props.view.locale} />
        ) : view === 'fittings' ? (
          <FittingsTable {...props.stripDown} />
        ) : view === 'gates' ? (
          <GatesTables {...props.stripDown} />
        ) : view === 'edges' ? (
          <EdgesTables {...props.stripDown} />
        ) : view === 'others' ? (
          <OthersTables {...props.stripDown} />
        ) : panels.length > 0 ? (
          <div className="h-full min-h-72">
            <NetPicture
              parts={net}
              states={states}
              selected={selected}
              onSelect={(key, extend) =>
                select(
                  extend
                    ? [...selected.filter((one) => one !== key), ...(selected.at(-1) === key ? [] : [key])]
                    : [key],
                )
              }
              marks={marks}
              readings={readings}
              zoom={zoom}
              onKey={onKey}
              title="Net of panels, to scale"
            />
          </div>
        ) : (
          <Empty>This job has no panels yet: read a panel map, or choose a body kind in a new job.</Empty>
        )}
      </Room>
      {view !== 'net' ? null : panel && section ? (
        <PanelInspector
          job={job.number}
          panel={panel}
          count={chosen.length}
          section={section}
          sections={sections}
          look={stateNames[states.get(panel.lot) ?? 'old'] ?? ''}
          marks={marks}
          readings={readings}
          lines={lines}
          actions={actions}
          onAccept={() => void accept()}
          panels={panels}
          onGone={clear}
          page={page}
          onPage={setPage}
          locale={props.view.locale}
        />
      ) : (
        <ObjectInspector props={props} />
      )}
    </>
  );
}

/** The states in the net, its size, and the other views. */
function NetAside({
  view,
  states,
  zoom,
  onKey,
  setView,
}: {
  view: View;
  states: ReadonlyMap<string, string>;
  zoom: number;
  onKey: (key: string) => boolean;
  setView(view: View): void;
}) {
  return (
    <div className="flex items-center gap-4">
      {view === 'net' && <Legend states={[...new Set(states.values())]} />}
      {view === 'net' && (
        <div className="flex gap-1" role="group" aria-label="Size of the net">
          <Button aria-label="Smaller" disabled={zoom === 1} onClick={() => onKey('-')}>
            −
          </Button>
          <Button aria-label="Larger" disabled={zoom >= mostZoom} onClick={() => onKey('+')}>
            +
          </Button>
        </div>
      )}
      <ViewSwitch views={views} shown={view} onShow={setView} />
    </div>
  );
}

/** Takes the advice: panels advised alike are written together. */
function useAccept(job: string, chosen: readonly PanelShown[]) {
  const { save } = useSaving();
  return async () => {
    const groups = new Map<string, PanelShown[]>();
    for (const one of chosen) groups.set(one.advice.depth, [...(groups.get(one.advice.depth) ?? []), one]);
    for (const [advised, list] of groups)
      await save({
        kind: 'survey',
        job,
        parts: list.map((one) => ({ part: one.part.key, seen: one.surveySeen })),
        set: advised === 'revive' ? { depth: 'scuff', level: 'Keep' } : { depth: advised as Depth },
      });
  };
}

/** Selected panels, the one in focus last; the address may name the first. */
function usePanels(panels: readonly PanelShown[]) {
  const [focus, setFocus] = useSelection(
    (name) =>
      (panels.find((panel) => panel.part.key === name) ?? panels.find((panel) => panel.part.section === name))
        ?.part.key ?? null,
  );
  const [others, setOthers] = useState<string[]>([]);
  const selected = useMemo(
    () => (focus ? [...others.filter((key) => key !== focus), focus] : []),
    [focus, others],
  );
  const select = (keys: readonly string[]) => {
    setOthers(keys.slice(0, -1));
    setFocus(keys.at(-1) ?? '');
  };
  return { selected, select, clear: () => select([]) };
}
