'use client';

import { Printer } from 'lucide-react';
import { filmSummary } from '@/core/survey';
import { deference } from '@/core/safety';
import { Button } from '@/ui/button';
import { Room, Table } from '@/ui/layout';
import { area, date } from '../words/format';
import { depthWords, markWords } from '../words/survey-words';
import { NetPicture } from './net-picture';
import type { PanelShown, WalkaroundProps } from './walkaround-props';

const head = ['Panel', 'Area', 'Marks', 'Film, µm', 'Solvent, lead', 'Advised', 'Chosen', 'Notes'];

/** The survey on paper: the net with its marks, then a line a panel; panels without any finding share the last lines. */
export function SurveySheet({ title, props }: { title: string; props: WalkaroundProps }) {
  const { panels, marks, sections, job, stripDown } = props;
  const net = panels.map(({ part, lot, survey }) => ({
    ...part,
    lot,
    hex: '#ffffff',
    fields: [],
    loose: part.side === 'loose',
    absent: survey?.absent ?? false,
  }));
  const found = panels.filter((panel) => hasFindings(panel, props));
  const plain = panels.filter((panel) => !hasFindings(panel, props) && !panel.survey?.absent);
  return (
    <Room
      title={`Survey of ${title}`}
      aside={
        <Button className="no-print" onClick={() => window.print()}>
          <Printer size={14} aria-hidden="true" className="mr-1 inline" />
          Print
        </Button>
      }
    >
      <p className="pb-2 text-quiet">
        Arrives {date(job.arrival)}, promised {date(job.promised)}, level {job.level}; printed{' '}
        {date(stripDown.today)}.
      </p>
      <div className="h-[420px] break-inside-avoid print:h-[95mm]">
        <NetPicture
          parts={net}
          states={new Map(net.map((part) => [part.lot, 'plain']))}
          selected={[]}
          onSelect={() => undefined}
          marks={marks}
          readings={props.readings}
          title="Net of panels with marks"
          heightPx={420}
        />
      </div>
      <Table caption="Findings by panel" head={head}>
        {found.map((panel) => (
          <SheetRow key={panel.part.key} panel={panel} props={props} />
        ))}
      </Table>
      <p className="py-2">
        Nothing found on {plain.length} panels:{' '}
        {sections
          .map((section) => {
            const own = plain.filter((panel) => panel.part.section === section.key);
            return own.length > 0 ? `${section.name} ${own.map((panel) => panel.part.key).join(', ')}` : null;
          })
          .filter(Boolean)
          .join('; ') || 'none'}
        .
      </p>
      <p className="text-small text-quiet">Test for lead and chromate before anything dry. {deference}</p>
    </Room>
  );
}

const hasFindings = (panel: PanelShown, { marks, readings }: WalkaroundProps): boolean =>
  panel.survey !== null ||
  marks.some((mark) => mark.part === panel.part.key) ||
  readings.some((reading) => reading.part === panel.part.key);

function SheetRow({
  panel,
  props: { marks, readings, sections },
}: {
  panel: PanelShown;
  props: WalkaroundProps;
}) {
  const { part, survey, advice } = panel;
  const film = filmSummary(readings.filter((reading) => reading.part === part.key));
  const own = marks.filter((mark) => mark.part === part.key);
  const section = sections.find((one) => one.key === part.section);
  return (
    <tr className="break-inside-avoid border-b border-line align-top">
      <td className="py-1 pr-3">
        <span className="font-semibold">{part.key}</span> {part.name}
      </td>
      <td className="py-1 pr-3 tabular-nums">{survey?.absent ? 'left out' : area(part.outsideM2)}</td>
      <td className="py-1 pr-3">
        {own
          .map(
            (mark) =>
              `${markWords[mark.kind]} ${mark.sizeMm}${mark.depthMm === null ? '' : ` × ${mark.depthMm}`} mm${mark.mended ? ', mended' : ''}`,
          )
          .join('; ')}
      </td>
      <td className="py-1 pr-3 tabular-nums">
        {film
          ? `${film.lowestUm.toFixed(0)}–${film.highestUm.toFixed(0)}, median ${film.medianUm.toFixed(0)}`
          : ''}
      </td>
      <td className="py-1 pr-3">
        {survey ? `${survey.solventTest.replace('-', ' ')}, ${survey.leadTest.replace('-', ' ')}` : ''}
      </td>
      <td className="py-1 pr-3">{depthWords[advice.depth]}</td>
      <td className="py-1 pr-3">{depthWords[survey?.depth ?? section?.depth ?? 'scuff']}</td>
      <td className="py-1">
        {[survey?.reference && `do not strip: ${survey.reference}`, survey?.note].filter(Boolean).join('; ')}
      </td>
    </tr>
  );
}
