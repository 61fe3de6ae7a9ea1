'use client';

import { useState } from 'react';
import { plainAreaM2 } from '@/core/survey';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Tabs } from '@/ui/tabs';
import { Warnings } from '../frame/warnings-bar';
import { area } from '../words/format';
import { JobFields } from './job-fields';
import { JobParts } from './job-parts';
import type { WalkaroundProps } from './walkaround-props';

const keyLines = [
  ['arrows', 'to the neighbour panel; with Shift, take it in as well'],
  ['1 – 8', 'mark: dent, rust, peeling, crack, chip, dull, high, low'],
  ['r', 'the last mark or finding again, on what is selected now'],
  ['a', 'the whole section'],
  ['Enter', 'accept the advice for the selection'],
  ['+  −  0', 'larger, smaller, fit the room'],
  ['Esc', 'select nothing'],
] as const;

/** The object as a whole: its figures, the three ways to do it, its panels. */
export function ObjectInspector({ props }: { props: WalkaroundProps }) {
  const [page, setPage] = useState('job');
  const { job, caps, panels, view } = props;
  const painted = panels.filter((panel) => !panel.survey?.absent);
  const outside = painted.reduce((sum, panel) => sum + panel.part.outsideM2, 0);
  const inside = painted.reduce((sum, panel) => sum + panel.part.insideM2, 0);
  const plain = plainAreaM2(painted.map((panel) => panel.part));
  return (
    <InspectorPanel title="The object" subtitle={`${painted.length} panels, ${area(outside)} outside`}>
      <Tabs
        label="Pages of the object"
        value={page}
        onChange={setPage}
        pages={[
          {
            key: 'job',
            name: 'Job',
            content: (
              <>
                <Part title="Is the plan in order?">
                  <Warnings warnings={view.warnings} most={3} />
                </Part>
                <Part title="Surface">
                  <Fact label="Outside, inside and edges">
                    {area(outside)}, {area(inside)}
                  </Fact>
                  <Fact label="Works like plain sheet of">
                    {area(plain)}, × {outside > 0 ? (plain / outside).toFixed(2) : '1.00'}
                  </Fact>
                </Part>
                <Part title="Description">
                  <JobFields job={job} caps={caps} locale={view.locale} />
                </Part>
              </>
            ),
          },
          { key: 'panels', name: 'Panels', content: <JobParts props={props} /> },
          {
            key: 'keys',
            name: 'Keys',
            content: (
              <dl className="grid grid-cols-[64px_1fr] gap-y-1 pt-2">
                {keyLines.map(([key, does]) => (
                  <div key={key} className="contents">
                    <dt className="font-semibold">{key}</dt>
                    <dd>{does}</dd>
                  </div>
                ))}
              </dl>
            ),
          },
        ]}
      />
    </InspectorPanel>
  );
}
