'use client';

import { basesOf } from '@/core/record';
import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { PlannedStep } from '@/core/plan';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { hours, type Locale } from '../words/format';
import { namesOf, type JobNames } from '../words/names';
import { reasonSentence } from '../words/step-words';
import { groupSteps, groupings, type Grouping, type ListRow } from './group-steps';
import { GroupRow, StepRow } from './step-row';
import type { StepsRoomProps } from './steps-props';

/** From this many rows only those in sight are drawn. */
const drawnWhole = 400;
const rowPx = 27;

const head = [
  '',
  { text: 'Step', width: '29%' },
  { text: 'Section', width: '15%' },
  { text: 'Hours', right: true },
  { text: 'Crew', right: true },
  'Starts',
  { text: 'Lasts', right: true },
  'Because',
];

/** The steps by phase, section or day, groups to fold, hours to type in place; arrow keys walk the rows. */
export function StepList(props: StepsRoomProps & { selected: string | null; onSelect(key: string): void }) {
  const { job, steps, sections, productNames, locale, edits, selected, onSelect } = props;
  const [section, setSection] = useState<string | null>(null);
  const [by, setBy] = useState<Grouping>('phase');
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const [typing, setTyping] = useState<string | null>(null);
  const shownOnce = useRef(false);
  const box = useRef<HTMLDivElement>(null);
  const names = useMemo(
    () => namesOf({ steps }, sections, (code) => productNames[code] ?? code),
    [steps, sections, productNames],
  );
  const shown = useMemo(
    () =>
      steps.filter((step) => (step.minutes > 0 || step.skipped) && (section === null || isOf(step, section))),
    [steps, section],
  );
  const rows = useMemo(
    () => groupSteps(shown, by, { sections, timeZone: locale.timeZone, folded }),
    [shown, by, sections, locale.timeZone, folded],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- its values are used in this component alone
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box.current?.closest<HTMLElement>('[role="region"]') ?? null,
    estimateSize: () => rowPx,
    overscan: 20,
    enabled: rows.length > drawnWhole,
  });
  const bring = (key: string, block: ScrollLogicalPosition) => {
    const at = rows.findIndex((row) => row.kind === 'step' && row.step.key === key);
    if (rows.length > drawnWhole && at >= 0)
      virtual.scrollToIndex(at, { align: block === 'center' ? 'center' : 'auto' });
    else document.getElementById(`row-${key}`)?.scrollIntoView({ block });
  };
  useEffect(() => {
    // One comes from elsewhere for a step: bring its row into sight once.
    if (selected === null || shownOnce.current) return;
    shownOnce.current = true;
    bring(selected, 'center');
  });
  const fold = (key: string) =>
    setFolded((now) =>
      now.has(key) ? new Set([...now].filter((one) => one !== key)) : new Set([...now, key]),
    );
  const onKeyDown = (event: KeyboardEvent) => {
    if ((event.target as HTMLElement).tagName === 'INPUT') return;
    const move = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (event.key === 'e' && selected !== null) {
      event.preventDefault();
      return setTyping(selected);
    }
    if (!move) return;
    event.preventDefault();
    const open = rows.flatMap((row) => (row.kind === 'step' ? [row.step.key] : []));
    const next = open[Math.min(open.length - 1, Math.max(0, open.indexOf(selected ?? '') + move))];
    if (next === undefined) return;
    onSelect(next);
    bring(next, 'nearest');
  };
  const { visible, above, below } = inSight(rows.length, virtual);
  return (
    <div ref={box}>
      <ListHead
        shown={shown}
        sections={sections}
        section={section}
        setSection={setSection}
        by={by}
        setBy={setBy}
      />
      {shown.length === 0 && <Empty>There are no steps: the body kind of this job is not known here.</Empty>}
      <div onKeyDown={onKeyDown}>
        <RowsTable
          above={above}
          visible={visible}
          rows={rows}
          folded={folded}
          fold={fold}
          job={job}
          edits={edits}
          selected={selected}
          typing={typing}
          setTyping={setTyping}
          onSelect={onSelect}
          locale={locale}
          names={names}
          below={below}
        />
      </div>
    </div>
  );
}

/** Rows to draw, with the height of those before and behind them, px. */
function inSight(
  count: number,
  virtual: Pick<Virtualizer<HTMLElement, Element>, 'getVirtualItems' | 'getTotalSize'>,
): { visible: number[]; above: number; below: number } {
  if (count <= drawnWhole) return { visible: Array.from({ length: count }, (_, i) => i), above: 0, below: 0 };
  const items = virtual.getVirtualItems();
  return {
    visible: items.map((item) => item.index),
    above: items[0]?.start ?? 0,
    below: virtual.getTotalSize() - (items.at(-1)?.end ?? 0),
  };
}

/** How many steps are shown, of which section, grouped by what. */
function ListHead({
  shown,
  sections,
  section,
  setSection,
  by,
  setBy,
}: {
  shown: PlannedStep[];
  sections: { key: string; name: string; colourName: string }[];
  section: string | null;
  setSection: (value: string | null) => void;
  by: Grouping;
  setBy(by: Grouping): void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-2 pb-2">
      <span className="text-quiet">
        {shown.length} steps, {hours(shown.reduce((sum, step) => sum + step.personMinutes, 0))} h
      </span>
      <div className="flex flex-wrap gap-1" role="group" aria-label="Section shown">
        {[{ key: null, name: 'All' }, ...sections].map((one) => (
          <Button
            key={one.name}
            look={section === one.key ? 'main' : 'plain'}
            aria-pressed={section === one.key}
            onClick={() => setSection(one.key)}
          >
            {one.name}
          </Button>
        ))}
      </div>
      <span className="ml-auto flex items-center gap-2">
        <span className="text-quiet">by</span>
        <ViewSwitch views={groupings} shown={by} onShow={setBy} label="Grouped by" />
      </span>
    </div>
  );
}

/** The rows in sight, with the height of those that are not. */
function RowsTable({
  above,
  visible,
  rows,
  folded,
  fold,
  job,
  edits,
  selected,
  typing,
  setTyping,
  onSelect,
  locale,
  names,
  below,
}: {
  above: number;
  visible: number[];
  rows: ListRow[];
  folded: ReadonlySet<string>;
  fold: (key: string) => void;
  job: string;
  edits: StepsRoomProps['edits'];
  selected: string | null;
  typing: string | null;
  setTyping: (value: string | null) => void;
  onSelect: (key: string) => void;
  locale: Locale;
  names: JobNames;
  below: number;
}) {
  return (
    <Table caption="Steps of the job in order of time" head={head}>
      {above > 0 && <tr style={{ height: above }} aria-hidden="true" />}
      {visible.map((i) => {
        const row = rows[i]!;
        if (row.kind === 'group')
          return (
            <GroupRow key={row.key} row={row} isFolded={folded.has(row.key)} onFold={() => fold(row.key)} />
          );
        const { step } = row;
        return (
          <StepRow
            key={step.key}
            job={job}
            step={step}
            seen={edits[step.key]?.seen ?? null}
            selected={step.key === selected}
            isTyping={typing === step.key}
            onTyped={() => setTyping(null)}
            onSelect={() => onSelect(step.key)}
            locale={locale}
            because={step.because[0] ? reasonSentence(step.because[0], names) : 'The film needs the time.'}
          />
        );
      })}
      {below > 0 && <tr style={{ height: below }} aria-hidden="true" />}
    </Table>
  );
}

const isOf = (step: PlannedStep, section: string): boolean => basesOf(step).includes(section);
