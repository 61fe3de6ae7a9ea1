'use client';

import { fits } from '@/core/record';
import type { RoundKind } from '@/core/steps';
import { Table } from '@/ui/layout';
import { EditChoice, EditText } from '../frame/edit-field';
import { day, hours } from '../words/format';
import type { PanelRow } from './panels-props';
import type { StepsRoomProps } from './steps-props';

const fitWords = { fixed: 'as it stays', loose: 'hung loosely', off: 'off the vehicle' };
const kindWords: Record<RoundKind, string> = {
  fill: 'fill',
  prime: 'prime',
  block: 'block',
  polish: 'polish',
};

/** Panel by panel: where it is, what lies on which face, its rounds and hours, and what it is sanded with. */
export function PanelsView({ job, panels, locale }: StepsRoomProps) {
  return (
    <>
      {panels.map((section) => (
        <section key={section.section} aria-label={`Panels of ${section.name}`} className="pb-5">
          <h2 className="pb-1 font-semibold">{section.name}</h2>
          <Table
            caption={`Panels of ${section.name}`}
            head={[
              'Panel',
              'Assembly',
              'Coats outside',
              'Coats inside',
              'Rounds',
              'Next',
              'Block and machine',
            ]}
          >
            {section.panels.map((panel) => (
              <tr key={panel.part} className="border-b border-line align-top">
                <td className="py-1 pr-3">
                  <span className="font-semibold">{panel.part}</span>
                  <span className="block text-small text-quiet">{panel.name}</span>
                </td>
                <td className="py-1 pr-3">
                  <Assembly job={job} panel={panel} />
                  {panel.hangBy !== null && (
                    <span className="block text-small text-caution">
                      hang before {day(panel.hangBy, locale)}: last coats assembled
                    </span>
                  )}
                </td>
                <td className="max-w-40 py-1 pr-3">{panel.outside || '–'}</td>
                <td className="max-w-40 py-1 pr-3">{panel.hasInside ? panel.inside || '–' : ''}</td>
                <td className="py-1 pr-3 whitespace-nowrap tabular-nums">
                  {(
                    Object.entries(panel.rounds.kinds) as [
                      RoundKind,
                      { done: number; planned: number; minutes: number },
                    ][]
                  )
                    .filter(([, kind]) => kind.planned > 0)
                    .map(([name, kind]) => (
                      <span key={name} className="block">
                        {kindWords[name]} {kind.done} of {kind.planned}, {hours(kind.minutes)} h
                      </span>
                    ))}
                </td>
                <td className="py-1 pr-3">
                  {panel.rounds.next
                    ? `${kindWords[panel.rounds.next.kind]} ${panel.rounds.next.round}, ${day(panel.rounds.next.start, locale)}`
                    : 'none planned'}
                  {panel.rounds.open > 0 && (
                    <span
                      className={`block text-small ${panel.rounds.asksForMore ? 'text-caution' : 'text-quiet'}`}
                    >
                      {panel.rounds.open} still open{panel.rounds.asksForMore && ': one round more'}
                    </span>
                  )}
                </td>
                <td className="max-w-64 py-1">
                  {panel.tools.blockMm === null ? '' : `${panel.tools.blockMm} mm `}
                  {panel.tools.backing}, from 400 {panel.tools.fineBacking}
                  <span className="block text-small text-quiet">
                    {panel.tools.machine}; {panel.tools.why}; polisher {panel.tools.polisherRpm.edges} to{' '}
                    {panel.tools.polisherRpm.flats} rpm
                  </span>
                </td>
              </tr>
            ))}
          </Table>
        </section>
      ))}
    </>
  );
}

function Assembly({ job, panel }: { job: string; panel: PanelRow }) {
  const edit = (set: { fit?: PanelRow['fit']; fitNote?: string }) => ({
    kind: 'survey' as const,
    job,
    set,
    parts: [{ part: panel.part, seen: panel.seen }],
  });
  return (
    <>
      <EditChoice
        label={`Assembly of ${panel.part}`}
        quiet
        className="w-32"
        value={panel.fit}
        choices={fits.map((fit) => ({ value: fit, text: fitWords[fit] }))}
        toEdit={(text) => edit({ fit: text as PanelRow['fit'] })}
      />
      {panel.fit !== 'fixed' && (
        <EditText
          label={`What comes after for ${panel.part}`}
          quiet
          className="mt-1 w-32"
          value={panel.fitNote}
          toEdit={(fitNote) => edit({ fitNote })}
        />
      )}
    </>
  );
}
