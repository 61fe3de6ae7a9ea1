'use client';

import {
  Bar,
  BarChart,
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { ForecastDay, JobForecast } from '@/core/forecast';
import { addDays, daysBetween } from '@/core/units';
import { date } from '../words/format';

const axis = { stroke: 'var(--ink)', fontSize: 13 };
const tip = {
  contentStyle: {
    background: 'var(--raised)',
    border: '1px solid var(--strong-line)',
    borderRadius: 2,
  },
};

/** Every day from the first to the last that matters, with the draws that end on it. */
function everyDay({ days }: JobForecast, marks: readonly string[]): { date: string; draws: number }[] {
  const counted = new Map(days.map((one) => [one.date, one.draws]));
  const all = [...counted.keys(), ...marks].sort();
  const first = all[0]!;
  return Array.from({ length: daysBetween(first, all.at(-1)!) + 1 }, (_, i) => {
    const day = addDays(first, i);
    return { date: day, draws: counted.get(day) ?? 0 };
  });
}

/** In how many draws the job ends on each day, with the promise and the day eight of ten keep. */
export function SpreadChart({
  range,
  promised,
  planned,
}: {
  range: JobForecast;
  promised: string;
  planned: string | null;
}) {
  const marks = [
    { day: promised, text: 'promised' },
    { day: range.finish.p80, text: 'P80' },
    ...(planned && planned !== promised ? [{ day: planned, text: 'planned' }] : []),
  ];
  const data = everyDay(
    range,
    marks.map((one) => one.day),
  );
  return (
    <div className="h-44" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <BarChart data={data} margin={{ top: 20, right: 24, bottom: 0, left: 0 }} barCategoryGap={1}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="date" tickFormatter={date} minTickGap={40} {...axis} />
          <YAxis width={40} allowDecimals={false} {...axis} />
          <Tooltip
            formatter={(value) => [`${value} of ${range.draws} draws`, 'ends']}
            labelFormatter={(label) => date(String(label))}
            {...tip}
          />
          <Bar dataKey="draws" fill="var(--quiet)" isAnimationActive={false} />
          {marks.map(({ day, text }) => (
            <ReferenceLine
              key={text}
              x={day}
              stroke="var(--ink)"
              strokeDasharray={text === 'P80' ? '4 3' : undefined}
              label={{ value: text, position: 'top', fill: 'var(--ink)', fontSize: 13 }}
            />
          ))}
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}

/** How the planned end and the range moved from day to day, in days from the promise of the first. */
export function MovedChart({ days }: { days: readonly ForecastDay[] }) {
  const zero = days[0]!.promised;
  const data = days.map((one) => ({
    on: one.onDate,
    promised: daysBetween(zero, one.promised),
    planned: daysBetween(zero, one.planned),
    p50: daysBetween(zero, one.p50),
    p80: daysBetween(zero, one.p80),
  }));
  const line = (key: string, name: string, width: number, dashes?: string) => (
    <Line
      dataKey={key}
      name={name}
      stroke="var(--ink)"
      strokeWidth={width}
      strokeDasharray={dashes}
      dot={{ r: 2, fill: 'var(--ink)' }}
      isAnimationActive={false}
    />
  );
  const dayOf = (value: unknown) => date(addDays(zero, Number(value)));
  return (
    <div className="h-40" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <LineChart data={data} margin={{ top: 8, right: 24, bottom: 0, left: 24 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="on" tickFormatter={date} minTickGap={40} {...axis} />
          <YAxis
            width={56}
            tickFormatter={(value) => dayOf(value).slice(4)}
            domain={['auto', 'auto']}
            {...axis}
          />
          <Tooltip formatter={dayOf} labelFormatter={(label) => `as of ${date(String(label))}`} {...tip} />
          {line('promised', 'promised', 1)}
          {line('planned', 'planned end', 3)}
          {line('p50', 'half by', 1.5, '5 4')}
          {line('p80', 'eight in ten by', 1.5, '2 3')}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
