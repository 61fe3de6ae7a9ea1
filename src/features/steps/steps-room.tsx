'use client';

import { useMemo, useState } from 'react';
import { InspectorPanel, Part } from '@/ui/facts';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { StepNotes } from '../notes/step-notes';
import { useSelection } from '../frame/use-selection';
import { StepWarnings, Warnings } from '../frame/warnings-bar';
import { WarningsView } from '../warnings/warnings-view';
import { namesOf } from '../words/names';
import { InOrderView } from './in-order-view';
import { PanelsView } from './panels-view';
import { RoundsView } from './rounds-view';
import { SchoolsView } from './schools-view';
import { ScopeLog } from './scope-log';
import { StateBoard } from './state-board';
import { StepAdd } from './step-add';
import { StepInspector } from './step-inspector';
import { StepList } from './step-list';
import { StepOrder } from './step-order';
import { JobRate } from './job-rate';
import { StepRelease } from './step-release';
import { StepTotals } from './step-totals';
import type { StepsRoomProps } from './steps-props';

const views = {
  list: 'In order',
  warnings: 'Warnings',
  board: 'State board',
  schools: 'Schools',
  rounds: 'Rounds',
  panels: 'Panels',
  totals: 'Totals',
  order: 'Plan in order?',
  scope: 'Scope',
};

/**
 * What is to be done, section by section, with hours, times and the reason of each step.
 * @param warningsOf opens with the warnings of a station, empty for all of them
 */
export function StepsRoom({ warningsOf, ...props }: StepsRoomProps & { warningsOf?: string | undefined }) {
  const { job, steps, sections, productNames, resourceNames, locale, warnings, edits } = props;
  const [view, setView] = useState<keyof typeof views>(warningsOf === undefined ? 'list' : 'warnings');
  const [selected, setSelected] = useSelection(
    (name) => steps.find((step) => step.key === name)?.key ?? null,
  );
  const names = useMemo(
    () => namesOf({ steps }, sections, (code) => productNames[code] ?? code),
    [steps, sections, productNames],
  );
  const chosen = steps.find((step) => step.key === selected);
  const edit = chosen ? (edits[chosen.key] ?? null) : null;
  return (
    <>
      <Room title="Steps" aside={<ViewSwitch views={views} shown={view} onShow={setView} />}>
        {view === 'warnings' && (
          <WarningsView
            job={job}
            warnings={warnings}
            ground={props.ground}
            at={warningsOf ?? ''}
            onStep={setSelected}
          />
        )}
        {view === 'board' && <StateBoard {...props} />}
        {view === 'schools' && <SchoolsView {...props} />}
        {view === 'rounds' && <RoundsView {...props} />}
        {view === 'panels' && <PanelsView {...props} />}
        {view === 'totals' && <StepTotals {...props} />}
        {view === 'order' && <InOrderView job={job} stepName={names.step} locale={locale} />}
        {view === 'scope' && <ScopeLog {...props} />}
        <div hidden={view !== 'list'}>
          <StepList {...props} selected={selected} onSelect={setSelected} />
        </div>
      </Room>
      {chosen ? (
        <StepInspector
          step={chosen}
          names={names}
          locale={locale}
          resourceNames={resourceNames}
          job={job}
          editSeen={edit?.seen ?? null}
          kit={props.kit[chosen.key]}
          craft={props.craft[chosen.key]}
        >
          <StepWarnings warnings={warnings} step={chosen.key} />
          <StepRelease key={`release ${chosen.key}`} {...props} step={chosen} />
          {chosen.state === 'planned' && chosen.kind !== 'passive' && (
            <StepOrder key={`order ${chosen.key}`} {...props} step={chosen} edit={edit} />
          )}
          {chosen.state === 'planned' && <JobRate key={`rate ${chosen.key}`} {...props} step={chosen} />}
          <StepNotes
            key={`notes ${chosen.key}`}
            job={job}
            bodyKind={props.bodyKind}
            step={chosen}
            productName={names.product}
            placeName={(id) => props.placeNames[id] ?? ''}
          />
          <StepAdd key={`add ${chosen.key}`} {...props} step={chosen} />
        </StepInspector>
      ) : view === 'warnings' ? null : (
        <InspectorPanel
          title="The plan"
          subtitle={`${steps.filter((step) => step.minutes > 0).length} steps in ${sections.length} sections`}
        >
          <Part title="Warnings">
            <Warnings warnings={warnings} most={4} />
          </Part>
          <p className="text-small text-quiet">
            Choose a step to see why it is there, why not earlier, and what to beware of. E types its hours in
            the list.
          </p>
        </InspectorPanel>
      )}
    </>
  );
}
