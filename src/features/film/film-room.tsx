'use client';

import { useState } from 'react';
import { Empty, Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { FiguresView } from '../figures/figures-view';
import { useDay } from '../frame/day';
import { useSelection } from '../frame/use-selection';
import { day } from '../words/format';
import { EdgeTable } from './edge-table';
import { FilmInspector } from './film-inspector';
import { FilmPicture, isThin } from './film-picture';
import type { FilmProps } from './film-props';
import { LayersTable } from './layers-table';
import { SystemCompare } from './system-compare';
import { WhatIfAir } from './what-if-air';

const views = {
  picture: 'To scale',
  layers: 'Coats',
  edges: 'Edges',
  systems: 'Compare systems',
  air: 'What if',
  figures: 'Figures',
};
type View = keyof typeof views;

/** Which layers go on which section, how thick, how much may be sanded away, and whether the windows fit. */
export function FilmRoom({ job, sections, boothC, ladders, locale, figures }: FilmProps) {
  const [view, setView] = useState<View>('picture');
  const { at } = useDay();
  const [picked, pick] = useSelection(
    (name) => sections.find((one) => one.key === name || one.section.key === name)?.key ?? null,
  );
  const thin = sections.find((one) => Object.values(isThin(one)).includes(true));
  const chosen = sections.find((one) => one.key === picked) ?? thin ?? sections[0];
  return (
    <>
      <Room
        title="Film"
        aside={
          <div className="flex items-center gap-3">
            {view === 'figures' ? null : view === 'picture' || view === 'layers' || view === 'air' ? (
              <span className="text-quiet">as it stands {day(at, locale)}</span>
            ) : (
              <select
                aria-label="Section shown"
                className="w-44"
                value={chosen?.key ?? ''}
                onChange={(event) => pick(event.target.value)}
              >
                {sections.map((one) => (
                  <option key={one.key} value={one.key}>
                    {one.name}
                  </option>
                ))}
              </select>
            )}
            <ViewSwitch views={views} shown={view} onShow={setView} />
          </div>
        }
      >
        {view === 'figures' ? (
          <FiguresView {...figures} />
        ) : sections.length === 0 || !chosen ? (
          <Empty>This job has no sections yet.</Empty>
        ) : view === 'picture' ? (
          <FilmPicture sections={sections} at={at} selected={chosen.key} onSelect={pick} />
        ) : view === 'layers' ? (
          <LayersTable job={job} sections={sections} />
        ) : view === 'edges' ? (
          <EdgeTable section={chosen} />
        ) : view === 'systems' ? (
          <SystemCompare key={chosen.key} job={job} section={chosen.section} locale={locale} />
        ) : (
          <WhatIfAir job={job} locale={locale} />
        )}
      </Room>
      {chosen && (
        <FilmInspector key={chosen.key} job={job} section={chosen} boothC={boothC} ladders={ladders} />
      )}
    </>
  );
}
