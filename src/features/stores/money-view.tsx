'use client';

import { useState } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { date, money, type Locale } from '../words/format';
import { phaseName } from '../words/phase-names';
import { MaterialCaps } from './material-caps';
import type { StoresProps } from './stores-props';
import type { SpendPoint } from '@/core/stores';

/** The spend of a job over time as a curve or its table, by phase, and the ledger of orders and receipts. */
export function MoneyView(props: StoresProps) {
  const { spend, today, locale, money: sums, ledger } = props;
  const [table, setTable] = useState(false);
  const [by, setBy] = useState<'month' | 'phase' | 'product'>('month');
  const cost = (minor: number) => money(minor, locale);
  return (
    <>
      <div className="flex items-center justify-between pb-2">
        <h2 className="font-semibold">Materials over time</h2>
        <Button aria-pressed={table} onClick={() => setTable(!table)}>
          {table ? 'Curve' : 'Table'}
        </Button>
      </div>
      {table ? (
        <SpendTable spend={spend} locale={locale} />
      ) : (
        <SpendCurve spend={spend} cost={cost} sums={sums} today={today} />
      )}
      <p className="pb-3 text-small text-quiet">
        Solid: used by finished steps. Dashed: planned in all by the day each step ends.
      </p>
      <ByPhase sums={sums} locale={locale} />
      <MaterialCaps {...props} />
      <div className="flex items-center justify-between pt-4 pb-1">
        <h2 className="font-semibold">Ledger of this job’s entries</h2>
        <div className="flex gap-1" role="group" aria-label="Ledger by">
          {(['month', 'phase', 'product'] as const).map((one) => (
            <Button
              key={one}
              look={by === one ? 'main' : 'plain'}
              aria-pressed={by === one}
              onClick={() => setBy(one)}
            >
              {one === 'product' ? 'item' : one}
            </Button>
          ))}
        </div>
      </div>
      {ledger[by].length === 0 ? (
        <p className="text-quiet">No entry of the book names this job.</p>
      ) : (
        <Table
          caption="Ledger"
          head={[
            by === 'product' ? 'item' : by,
            { text: 'Ordered', right: true },
            { text: 'Received', right: true },
            { text: 'Drawn', right: true },
          ]}
        >
          {ledger[by].map((line) => (
            <tr key={line.key} className="border-b border-line tabular-nums">
              <td className="py-[2px]">{line.key}</td>
              <td className="pr-3 text-right">{money(line.orderedMinor, locale, 2)}</td>
              <td className="pr-3 text-right">{money(line.receivedMinor, locale, 2)}</td>
              <td className="pr-3 text-right">{money(line.drawnMinor, locale, 2)}</td>
            </tr>
          ))}
        </Table>
      )}
    </>
  );
}

/** Spend planned and used, as figures. */
function SpendTable({ spend, locale }: { spend: SpendPoint[]; locale: Locale }) {
  return (
    <Table
      caption="Spend by day"
      head={['Day', { text: 'Planned by then', right: true }, { text: 'Used by then', right: true }]}
    >
      {spend.map((point) => (
        <tr key={point.date} className="border-b border-line tabular-nums">
          <td className="py-[2px]">{date(point.date)}</td>
          <td className="pr-3 text-right">{money(point.plannedMinor, locale, 2)}</td>
          <td className="pr-3 text-right">
            {point.usedMinor === null ? '' : money(point.usedMinor, locale, 2)}
          </td>
        </tr>
      ))}
    </Table>
  );
}

/** Spend planned and used, as a curve under its cap. */
function SpendCurve({
  spend,
  cost,
  sums,
  today,
}: {
  spend: SpendPoint[];
  cost: (minor: number) => string;
  sums: StoresProps['money'];
  today: string;
}) {
  return (
    <div className="h-64" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <LineChart data={spend} margin={{ top: 8, right: 16, bottom: 4, left: 8 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="date" tickFormatter={date} stroke="var(--ink)" fontSize={13} minTickGap={48} />
          <YAxis tickFormatter={cost} stroke="var(--ink)" fontSize={13} width={64} />
          <Tooltip
            formatter={(value) => cost(Number(value))}
            labelFormatter={(label) => date(String(label))}
            contentStyle={{
              background: 'var(--raised)',
              border: '1px solid var(--strong-line)',
              borderRadius: 2,
            }}
          />
          {sums.capMinor > 0 && (
            <ReferenceLine
              y={sums.capMinor}
              stroke="var(--ink)"
              strokeDasharray="2 4"
              label={{ value: 'cap', position: 'insideTopRight', fill: 'var(--ink)', fontSize: 13 }}
            />
          )}
          <ReferenceLine x={today} stroke="var(--ink)" />
          <Line
            type="stepAfter"
            dataKey="plannedMinor"
            name="planned"
            stroke="var(--ink)"
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            type="stepAfter"
            dataKey="usedMinor"
            name="used"
            stroke="var(--ink)"
            strokeWidth={3}
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}

/** What each phase uses. */
function ByPhase({ sums, locale }: { sums: StoresProps['money']; locale: Locale }) {
  return (
    <>
      <h2 className="font-semibold">By phase</h2>
      <Table
        caption="Materials by phase"
        head={['Phase', { text: 'Planned', right: true }, { text: 'Used', right: true }]}
      >
        {sums.byPhase.map((one) => (
          <tr key={one.phase} className="border-b border-line tabular-nums">
            <td className="py-[2px]">{phaseName(one.phase)}</td>
            <td className="pr-3 text-right">{money(one.plannedMinor, locale, 2)}</td>
            <td className="pr-3 text-right">{money(one.usedMinor, locale, 2)}</td>
          </tr>
        ))}
      </Table>
    </>
  );
}
