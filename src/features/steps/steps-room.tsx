'use client';

import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { PlannedStep } from '@/core/plan';
import { Button } from '@/ui/button';
import { InspectorPanel, Part } from '@/ui/facts';
import { Empty, Room, Table } from '@/ui/layout';
import type { JobView } from '../frame/job-view';
import { useSelection } from '../frame/use-selection';
import { Warnings } from '../frame/warnings-bar';
import { hours, moment, span, type Locale } from '../words/format';
import { reasonSentence } from '../words/step-words';
import { namesOf } from '../words/names';
import { StepInspector } from './step-inspector';

export interface StepsRoomProps {
  job: string;
  steps: PlannedStep[];
  sections: { key: string; name: string }[];
  productNames: Record<string, string>;
  resourceNames: Record<string, string>;
  locale: Locale;
  warnings: JobView['warnings'];
}

const phaseNames: Record<PlannedStep['phase'], string> = {
  walkaround: 'Moves and washing',
  strip: 'Strip',
  metal: 'Metal',
  epoxy: 'Epoxy',
  filler: 'Filler',
  build: 'Build and block',
  mask: 'Mask and prepare',
  colour: 'Colour',
  clear: 'Clear',
  finish: 'Colour sand and polish',
  refit: 'Refit',
};
const marks = { done: '■', running: '◧', planned: '□' };

/** What is to be done, section by section, with hours, times and the reason of each step. */
export function StepsRoom({
  job,
  steps,
  sections,
  productNames,
  resourceNames,
  locale,
  warnings,
}: StepsRoomProps) {
  const [section, setSection] = useState<string | null>(null);
  const [selected, setSelected] = useSelection(
    (name) => steps.find((step) => step.key === name)?.key ?? null,
  );
  const shownOnce = useRef(false);
  const names = useMemo(
    () => namesOf({ steps }, sections, (code) => productNames[code] ?? code),
    [steps, sections, productNames],
  );
  const shown = useMemo(
    () =>
      steps
        .filter((step) => step.minutes > 0 && (section === null || step.sections.includes(section)))
        .sort((a, b) => a.start - b.start || a.key.localeCompare(b.key)),
    [steps, section],
  );
  useEffect(() => {
    // One comes from elsewhere for a step: bring its row into sight once.
    if (selected === null || shownOnce.current) return;
    shownOnce.current = true;
    document.getElementById(`row-${selected}`)?.scrollIntoView({ block: 'center' });
  }, [selected]);
  const chosen = steps.find((step) => step.key === selected);
  const total = shown.reduce((sum, step) => sum + step.personMinutes, 0);
  const onKeyDown = (event: KeyboardEvent) => {
    const move = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (!move) return;
    event.preventDefault();
    const at = shown.findIndex((step) => step.key === selected);
    const next = shown[Math.min(shown.length - 1, Math.max(0, at + move))];
    if (!next) return;
    setSelected(next.key);
    document.getElementById(`row-${next.key}`)?.scrollIntoView({ block: 'nearest' });
  };
  const filter = (
    <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Section shown">
      <span className="text-quiet">
        {shown.length} steps, {hours(total)} h
      </span>
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
  );
  return (
    <>
      <Room title="Steps" aside={filter}>
        {shown.length === 0 && (
          <Empty>There are no steps: the body kind of this job is not known here.</Empty>
        )}
        <div onKeyDown={onKeyDown}>
          <Table
            caption="Steps of the job in order of time"
            head={[
              '',
              { text: 'Step', width: '30%' },
              { text: 'Section', width: '17%' },
              { text: 'Hours', right: true },
              { text: 'Crew', right: true },
              'Starts',
              { text: 'Lasts', right: true },
              'Because',
            ]}
          >
            {shown.map((step, i) => (
              <Rows
                key={step.key}
                step={step}
                before={shown[i - 1]}
                selected={step.key === selected}
                onSelect={() => setSelected(step.key)}
                locale={locale}
                because={
                  step.because[0] ? reasonSentence(step.because[0], names) : 'The film needs the time.'
                }
              />
            ))}
          </Table>
        </div>
      </Room>
      {chosen ? (
        <StepInspector step={chosen} names={names} locale={locale} resourceNames={resourceNames} job={job} />
      ) : (
        <InspectorPanel
          title="The plan"
          subtitle={`${steps.filter((step) => step.minutes > 0).length} steps in ${sections.length} sections`}
        >
          <Part title="Warnings">
            <Warnings warnings={warnings} most={20} />
          </Part>
          <p className="text-small text-quiet">
            Choose a step to see why it is there, why not earlier, and what to beware of.
          </p>
        </InspectorPanel>
      )}
    </>
  );
}

function Rows({
  step,
  before,
  selected,
  onSelect,
  locale,
  because,
}: {
  step: PlannedStep;
  before: PlannedStep | undefined;
  selected: boolean;
  onSelect(): void;
  locale: Locale;
  because: string;
}) {
  return (
    <>
      {before?.phase !== step.phase && (
        <tr>
          <th
            colSpan={8}
            scope="rowgroup"
            className="border-b border-line pt-2 text-left text-small font-semibold text-quiet"
          >
            {phaseNames[step.phase]}
          </th>
        </tr>
      )}
      <tr
        id={`row-${step.key}`}
        aria-selected={selected}
        onClick={onSelect}
        className={`cursor-pointer border-b border-line ${selected ? 'bg-raised outline outline-2 -outline-offset-2 outline-ink' : 'hover:bg-tint'}`}
      >
        <td className="pr-2 pl-1" aria-label={step.state}>
          {marks[step.state]}
        </td>
        <td className="py-[3px] pr-3">
          <button type="button" onClick={onSelect} className="text-left">
            {step.name}
          </button>
        </td>
        <td className="max-w-36 truncate pr-3" title={step.subject}>
          {step.subject}
        </td>
        <td className="pr-3 text-right">{step.crew > 0 ? hours(step.personMinutes) : '–'}</td>
        <td className="pr-3 text-right">{step.crew || '–'}</td>
        <td className="pr-3 whitespace-nowrap">{moment(step.start, locale)}</td>
        <td className="pr-3 text-right whitespace-nowrap">{span(step.minutes)}</td>
        <td className="max-w-52 truncate text-quiet" title={because}>
          {because}
        </td>
      </tr>
    </>
  );
}
