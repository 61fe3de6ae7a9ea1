'use client';

import { useState } from 'react';
import { phases } from '@/core/steps';
import { Table } from '@/ui/layout';
import { EditText } from '../frame/edit-field';
import { phaseNames } from '../words/phase-names';
import { AddOperation } from './add-operation';
import type { OperationShown } from './shop-props';
import { useOpen } from '../frame/who';

/** The operation catalogue as this shop has it: what it is, its rate, its unit; a press opens its sheet. */
export function OperationTable({
  operations,
  rateSeen,
  selected,
  onSelect,
}: {
  operations: readonly OperationShown[];
  rateSeen: Record<string, number>;
  selected: string | null;
  onSelect(code: string): void;
}) {
  const live = useOpen('rate');
  const [find, setFind] = useState('');
  const wanted = find.trim().toLowerCase();
  const shown = operations.filter(
    ({ entry }) =>
      wanted === '' || `${entry.name} ${entry.code} ${entry.skill}`.toLowerCase().includes(wanted),
  );
  return (
    <>
      <div className="flex items-center gap-3 pb-2">
        <input
          type="search"
          aria-label="Find an operation"
          placeholder="find an operation"
          className="w-56"
          value={find}
          disabled={!live}
          onChange={(event) => setFind(event.target.value)}
        />
        <span className="text-quiet">
          {shown.length} of {operations.length} operations
        </span>
        <AddOperation onAdded={onSelect} taken={operations.map(({ entry }) => entry.code)} />
      </div>
      <Table
        caption="Operations"
        head={[
          'Operation',
          'Skill',
          { text: 'Crew', right: true },
          { text: 'Fixed', right: true },
          { text: 'Rate', right: true },
          'Own rate',
          'Unit',
        ]}
      >
        {phases.map((phase) => {
          const own = shown.filter(({ entry }) => entry.phase === phase);
          return own.length === 0 ? null : (
            <Phase
              key={phase}
              name={phaseNames[phase]}
              own={own}
              rateSeen={rateSeen}
              selected={selected}
              onSelect={onSelect}
            />
          );
        })}
      </Table>
    </>
  );
}

function Phase({
  name,
  own,
  rateSeen,
  selected,
  onSelect,
}: {
  name: string;
  own: readonly OperationShown[];
  rateSeen: Record<string, number>;
  selected: string | null;
  onSelect(code: string): void;
}) {
  return (
    <>
      <tr>
        <th
          colSpan={7}
          scope="rowgroup"
          className="border-b border-line pt-2 text-left text-small text-quiet"
        >
          {name}
        </th>
      </tr>
      {own.map(({ entry, ownRate, seen }) => (
        <tr
          key={entry.code}
          id={entry.code}
          aria-selected={selected === entry.code}
          className={`border-b border-line ${selected === entry.code ? 'bg-raised outline outline-2 -outline-offset-2 outline-ink' : ''}`}
        >
          <td className="py-1 pr-3">
            <button type="button" className="text-left" onClick={() => onSelect(entry.code)}>
              {entry.name}
            </button>
            {seen !== null && <span className="pl-2 text-small text-quiet">changed here</span>}
          </td>
          <td className="pr-3 text-quiet">{entry.kind === 'wait' ? 'nobody' : entry.skill}</td>
          <td className="pr-3 text-right">{entry.kind === 'work' ? entry.usualCrew : ''}</td>
          <td className="pr-3 text-right">{entry.fixedMin || ''}</td>
          <td className="pr-3 text-right">{entry.rate === null ? 'by level' : entry.rate || ''}</td>
          <td className="pr-3">
            {entry.rate !== null && entry.rate > 0 && (
              <EditText
                label={`Own rate of ${entry.name}`}
                quiet
                type="number"
                step="any"
                min={0}
                className="w-16"
                value={ownRate === null ? '' : String(ownRate)}
                toEdit={(text) => ({
                  kind: 'rate',
                  operation: entry.code,
                  seen: rateSeen[entry.code] ?? null,
                  rate: text === '' ? null : Number(text),
                })}
              />
            )}
          </td>
          <td className="text-quiet">{entry.basis === 'fixed' ? 'fixed' : `min / ${entry.basis}`}</td>
        </tr>
      ))}
    </>
  );
}
