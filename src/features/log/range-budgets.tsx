import type { ForecastTold, Spread } from '@/core/forecast';
import { Table } from '@/ui/layout';
import { hours, money } from '../words/format';
import type { LogProps } from './log-props';

/** Planned, committed, used and forecast at completion of the three budgets, and of the cost. */
export function RangeBudgets({ told, range: { budgets }, locale }: LogProps & { told: ForecastTold }) {
  const { job, committed } = told;
  const cost = (minor: number) => money(minor, locale);
  const rows: {
    name: string;
    text: (value: number) => string;
    figures: (number | null)[];
    spread: Spread;
    cap: number;
  }[] = [
    {
      name: 'Labour, h',
      text: hours,
      spread: job.labourMin,
      cap: budgets.labourMin.cap,
      figures: [budgets.labourMin.planned, committed.labourMin, budgets.labourMin.used],
    },
    {
      name: 'Materials',
      text: cost,
      spread: job.materialsMinor,
      cap: budgets.materialsMinor.cap,
      figures: [budgets.materialsMinor.planned, committed.materialsMinor, budgets.materialsMinor.used],
    },
    {
      name: 'Booth, h',
      text: hours,
      spread: job.boothMin,
      cap: budgets.boothMin.cap,
      figures: [budgets.boothMin.planned, committed.boothMin, budgets.boothMin.used],
    },
    {
      name: 'Cost before tax',
      text: cost,
      spread: job.costMinor,
      cap: 0,
      figures: [null, null, null],
    },
  ];
  return (
    <section aria-label="At completion" className="pt-3">
      <Table
        caption="At completion"
        head={[
          'At completion',
          { text: 'Planned', right: true },
          { text: 'Committed', right: true },
          { text: 'Used', right: true },
          { text: 'P50', right: true },
          { text: 'P80', right: true },
          { text: 'P95', right: true },
          { text: 'Cap', right: true },
        ]}
      >
        {rows.map(({ name, text, figures, spread, cap }) => (
          <tr key={name} className="border-b border-line tabular-nums">
            <td className="py-1">{name}</td>
            {figures.map((value, i) => (
              <td key={i} className="pr-3 text-right">
                {value === null ? '–' : text(value)}
              </td>
            ))}
            <td className="pr-3 text-right">{text(spread.p50)}</td>
            <td className="pr-3 text-right font-semibold">{text(spread.p80)}</td>
            <td className="pr-3 text-right">{text(spread.p95)}</td>
            <td className={`pr-3 text-right ${cap > 0 && spread.p80 > cap ? 'font-semibold' : ''}`}>
              {cap > 0 ? `${text(cap)}${spread.p80 > cap ? ', passed at P80' : ''}` : 'none'}
            </td>
          </tr>
        ))}
      </Table>
      <p className="pt-1 text-small text-quiet">
        Committed: booked by the agreed plan; for materials, ordered in whole packs.
      </p>
    </section>
  );
}
