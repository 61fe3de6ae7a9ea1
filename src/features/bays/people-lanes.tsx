import { nameWidth } from './bays-grid';
import type { BaysProps } from './bays-props';
import type { DayColumn } from './time-axis';

export const personHeight = 20;

/** Below the places: how much of each day each person is taken. */
export function PeopleLanes({
  people,
  days,
  firstDay,
  dayWidth,
  top: peopleTop,
}: {
  people: BaysProps['people'];
  days: readonly DayColumn[];
  /** Index of `days[0]` in the loads of the people. */
  firstDay: number;
  dayWidth: number;
  top: number;
}) {
  return (
    <>
      <text x={0} y={peopleTop - 5} fontSize="13" fill="var(--quiet)">
        share of each day taken
      </text>
      {people.map((person, i) => (
        <g key={person.id} transform={`translate(0 ${peopleTop + i * personHeight})`}>
          <text x={0} y={14} fontSize="14" fill="var(--ink)">
            {person.name}
          </text>
          {days.map((day, j) => {
            const load = person.load[firstDay + j] ?? -1;
            if (load < 0) return null;
            const [left, wide] = [nameWidth + j * dayWidth + dayWidth * 0.08, dayWidth * 0.84];
            return (
              <g key={day.from}>
                <rect
                  x={left}
                  y={3}
                  width={wide}
                  height={13}
                  fill="var(--raised)"
                  stroke="var(--line)"
                  strokeWidth="0.7"
                />
                <rect x={left} y={3} width={wide * load} height={13} fill="var(--strong-line)" />
              </g>
            );
          })}
        </g>
      ))}
    </>
  );
}
