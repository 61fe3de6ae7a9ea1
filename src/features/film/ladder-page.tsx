'use client';

import { Part } from '@/ui/facts';
import { EditChoice } from '../frame/edit-field';
import type { FilmProps, FilmSection } from './film-props';

/** The ladder of colour sanding with its school, and the ladders of the work beneath, step by step. */
export function LadderPage({
  job,
  section,
  ladders,
}: {
  job: string;
  section: FilmSection;
  ladders: FilmProps['ladders'];
}) {
  const { ladderRows, ladder, beneath } = section;
  const own = section.section.ladder;
  return (
    <Part title={ladder.name}>
      <p className="pb-2 text-quiet">{ladder.why}</p>
      <EditChoice
        label={`School of colour sanding for ${section.section.name}`}
        quiet
        className="w-full"
        value={own ?? ''}
        choices={[{ value: '', text: `by level ${section.level}` }, ...ladders]}
        toEdit={(text) => ({
          kind: 'section',
          job,
          section: section.section.key,
          seen: section.section.seen,
          set: { ladder: text || null },
        })}
      />
      {ladderRows.length > 0 && (
        <table className="mt-2 w-full tabular-nums">
          <caption className="sr-only">Steps of the ladder</caption>
          <thead>
            <tr className="border-b border-strong text-left">
              <th scope="col">Step</th>
              <th scope="col" className="text-right">
                Takes
              </th>
              <th scope="col" className="text-right">
                min/m²
              </th>
              <th scope="col" className="text-right">
                sheets
              </th>
              <th scope="col" className="text-right">
                Step
              </th>
            </tr>
          </thead>
          <tbody>
            {ladderRows.map((row, i) => (
              <tr key={i} className="border-b border-line">
                <td>{row.grit}</td>
                <td className="text-right">{row.removalUm} µm</td>
                <td className="text-right">{row.minutesPerM2}</td>
                <td className="text-right">{row.sheetsPerM2 > 0 ? row.sheetsPerM2 : ''}</td>
                <td className="text-right">
                  {row.ratio === null ? '' : row.ratio.toFixed(2)}
                  {row.verdict === 'long' && <span className="font-semibold text-caution"> long</span>}
                  {row.verdict === 'unknown' && <span className="text-caution"> no standard grade</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="pt-2 text-small text-quiet">
        Step: next grain over last; below 0.45 by block and 0.40 by machine scratches stay. P3000 and finer
        are makers’ grades.
      </p>
      {beneath.map((stage) => (
        <div key={stage.name} className="pt-3">
          <h4 className="font-semibold">Beneath: {stage.name}</h4>
          <p className="text-small text-quiet">{stage.why}</p>
          <p className="tabular-nums">
            {stage.steps.map((step, i) => (
              <span key={step.grit}>
                {i > 0 && ' → '}
                {step.grit}
                {step.verdict === 'long' && <span className="font-semibold text-caution"> long</span>}
                {step.verdict === 'unknown' && <span className="text-caution"> no standard grade</span>}
              </span>
            ))}{' '}
            <span className="text-quiet">{stage.hand ? 'by hand' : 'by machine'}</span>
          </p>
        </div>
      ))}
    </Part>
  );
}
