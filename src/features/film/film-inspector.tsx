'use client';

import { useState } from 'react';
import { clearLeft } from '@/core/film';
import { deference } from '@/core/safety';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { Tabs } from '@/ui/tabs';
import { area, micrometres } from '../words/format';
import { ClimatePanel } from './climate-panel';
import type { FilmProps, FilmSection } from './film-props';
import { HidingPart } from './hiding-part';
import { LadderPage } from './ladder-page';

/** One section's film: the clear budget with its ways out, windows at the air, the ladder, what a damage means. */
export function FilmInspector({
  job,
  section,
  boothC,
  ladders,
}: {
  job: string;
  section: FilmSection;
} & Pick<FilmProps, 'boothC' | 'ladders'>) {
  const [page, setPage] = useState('budget');
  return (
    <InspectorPanel
      title={section.name}
      subtitle={`${section.section.substrate} · ${section.level} · ${area(section.areaM2)}`}
    >
      <Tabs
        label="Pages of the film"
        value={page}
        onChange={setPage}
        pages={[
          { key: 'budget', name: 'Budget', content: <Budget section={section} /> },
          { key: 'air', name: 'Windows', content: <ClimatePanel section={section} boothC={boothC} /> },
          {
            key: 'ladder',
            name: 'Ladder',
            content: <LadderPage job={job} section={section} ladders={ladders} />,
          },
          { key: 'mend', name: 'Mending', content: <Mending section={section} /> },
        ]}
      />
    </InspectorPanel>
  );
}

function Budget({ section }: { section: FilmSection }) {
  const { clear, column, faults } = section;
  const laid = section.layers.findLast((layer) => layer.role === 'clear');
  return (
    <>
      {faults.length > 0 && (
        <Part title="Stack">
          {faults.map((fault) =>
            fault.grade === 'note' ? (
              <p key={fault.text} className="py-1 text-quiet">
                {fault.text}
              </p>
            ) : (
              <Notice key={fault.text} grade={fault.grade === 'error' ? 'stop' : 'caution'}>
                {fault.text}
              </Notice>
            ),
          )}
        </Part>
      )}
      {clear && laid ? (
        <ClearPart clear={clear} coats={laid.coats} dryUm={laid.dryUm} section={section} />
      ) : (
        <Part title="No clear in this system">
          <p>The last coats are the finish; what is sanded between them is taken off above.</p>
        </Part>
      )}
      {section.ground && <HidingPart ground={section.ground} />}
      <Part title="Layers, bottom up">
        {column.slices.map((slice, i) => (
          <Fact
            key={i}
            label={
              slice.kind === 'kept' || slice.kind === 'old' ? slice.name : `${slice.name}, ${slice.coats} ×`
            }
          >
            {micrometres(slice.laidUm)}
            {slice.takenUm >= 0.5 && ` − ${slice.takenUm.toFixed(0)}`}
          </Fact>
        ))}
        <Fact label={<strong>When all is done</strong>}>
          <strong>{micrometres(column.leftUm)}</strong>, edges {column.edgeLeftUm.toFixed(0)}
        </Fact>
      </Part>
      <p className="pt-1 text-small text-quiet">{deference}</p>
    </>
  );
}

function ClearPart({
  clear,
  coats,
  dryUm,
  section,
}: {
  clear: NonNullable<FilmSection['clear']>;
  coats: number;
  dryUm: number;
  section: FilmSection;
}) {
  const { flatUm, edgeUm, through } = clearLeft(clear, coats, dryUm);
  const most = section.sheets.find((one) => one.role === 'clear')?.sheet.coatsPerSession ?? null;
  const sessions = most ? Math.ceil(coats / most) : 1;
  const { residualUm, edgeResidualUm, secondLookUm } = clear.figures;
  return (
    <Part title="Clear budget">
      <Fact label="Laid on flats">
        {coats} × {dryUm} = {micrometres(coats * dryUm)}
      </Fact>
      <Fact label="Sanding and polish">−{clear.removedFlatUm.toFixed(1)} µm</Fact>
      {clear.removedFlatUm > 0 && <Fact label="Second look">−{secondLookUm} µm</Fact>}
      <Fact label="Left on flats">
        {micrometres(flatUm)}, floor {residualUm}
      </Fact>
      <Fact label="Left on edges">
        {micrometres(edgeUm)}, floor {edgeResidualUm}
      </Fact>
      <Fact label="Edges and beads">
        {clear.tapeThrough === null ? 'sanded with the rest' : `taped through P${clear.tapeThrough}`}
      </Fact>
      {section.beadM > 0 && clear.tapeThrough !== null && (
        <Fact label="Beads to tape">{section.beadM.toFixed(1)} m</Fact>
      )}
      <Fact label="Needed on flats, on edges">
        {clear.flatCoats}, {clear.edgeCoats}
      </Fact>
      <Fact label="Coats proposed">{clear.coats}</Fact>
      {sessions > 1 && (
        <Fact label="Sessions">
          {sessions}: at most {most} a session, cut between
        </Fact>
      )}
      {coats < clear.coats && (
        <Notice grade="stop">
          {clear.coats} coats are needed for level {section.level}: flats {micrometres(flatUm)}, edges{' '}
          {micrometres(edgeUm)} would be left{through === 'none' ? '' : `; ${through} are cut through`}
        </Notice>
      )}
      {coats >= clear.coats && (
        <Notice grade="released">
          {coats === clear.coats ? 'enough' : `${coats - clear.coats} more than needed`}; stop where a reading
          falls to {residualUm} µm of clear
        </Notice>
      )}
    </Part>
  );
}

function Mending({ section }: { section: FilmSection }) {
  const reach = { spot: 'a spot', panel: 'the panel', whole: 'all of it' };
  const { cards } = section;
  return (
    <>
      {cards.map((card) => (
        <details key={card.kind} className="border-b border-line py-1">
          <summary className="cursor-pointer font-semibold">
            {card.title}: {reach[card.reach]}
          </summary>
          <ol className="list-decimal pl-5">
            {card.works.map((one) => (
              <li key={one.word} className="py-[2px]">
                {one.name}
              </li>
            ))}
          </ol>
          <p className="pb-1 text-quiet">{card.stop}.</p>
        </details>
      ))}
      <Part title="Can it be repaired">
        {section.sheets.map((one) => (
          <Fact key={one.role + one.product} label={one.name}>
            {reach[one.sheet.repair]}
          </Fact>
        ))}
      </Part>
    </>
  );
}
