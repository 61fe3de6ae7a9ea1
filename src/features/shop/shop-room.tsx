'use client';

import { useId, useState } from 'react';
import type { Shop, ShopChangeSeen } from './shop-props';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Room, Table } from '@/ui/layout';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { date } from '../words/format';

/** People with their days off, places, rates; every change moves the plans of all open jobs. */
export function ShopRoom({ shop, seen }: { shop: Shop; seen: ShopChangeSeen }) {
  const rate = (
    label: string,
    value: number,
    toSet: (minor: number) => object,
    unit = `${shop.currency} / h`,
  ) => (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        type="number"
        step="any"
        min={0}
        unit={unit}
        value={String(value / 100)}
        toEdit={(text) => ({ kind: 'shop', seen: seen.shop, set: toSet(Math.round(Number(text) * 100)) })}
      />
    </Fact>
  );
  return (
    <>
      <Room title="Shop">
        <Table caption="People" head={['Person', 'Trusted with', 'Away', 'Add days off']}>
          {shop.people.map((person) => (
            <tr key={person.id} className="border-b border-line align-top">
              <td className="py-2 pr-3 font-semibold">{person.name}</td>
              <td className="py-2 pr-3">{person.skills.join(', ')}</td>
              <td className="py-2 pr-3">
                <DaysOff person={person} seen={seen} />
              </td>
              <td className="py-1">
                <AddDaysOff person={person.id} name={person.name} />
              </td>
            </tr>
          ))}
        </Table>
        <div className="h-6" />
        <Table
          caption="Places"
          head={[
            'Place',
            'Kind',
            { text: 'Length', right: true },
            { text: 'Width', right: true },
            { text: 'Height', right: true },
            { text: 'Air at work', right: true },
          ]}
        >
          {shop.places.map((place) => (
            <tr key={place.id} className="border-b border-line">
              <td className="py-1 pr-3 font-semibold">{place.name}</td>
              <td className="pr-3">{place.kind}</td>
              <td className="pr-3 text-right">{place.lengthM} m</td>
              <td className="pr-3 text-right">{place.widthM} m</td>
              <td className="pr-3 text-right">{place.heightM} m</td>
              <td className="text-right">{place.airC} °C</td>
            </tr>
          ))}
        </Table>
        <div className="h-6" />
        <Table
          caption="Rates of work"
          head={['Operation', 'Phase', { text: 'Trade’s rate', right: true }, 'Own rate', 'Unit']}
        >
          {shop.operations.map((one) => (
            <tr key={one.code} id={one.code} className="border-b border-line">
              <td className="py-1 pr-3">{one.name}</td>
              <td className="pr-3 text-quiet">{one.phase}</td>
              <td className="pr-3 text-right">{one.rate}</td>
              <td className="pr-3">
                <EditText
                  label={`Own rate of ${one.name}`}
                  quiet
                  type="number"
                  step="any"
                  min={0}
                  value={one.own === null ? '' : String(one.own)}
                  toEdit={(text) => ({
                    kind: 'rate',
                    operation: one.code,
                    seen: seen.rates[one.code] ?? null,
                    rate: text === '' ? null : Number(text),
                  })}
                />
              </td>
              <td className="text-quiet">person-min / {one.basis}</td>
            </tr>
          ))}
        </Table>
      </Room>
      <InspectorPanel title={shop.name} subtitle={shop.timeZone}>
        <Part title="Rates">
          {rate('Labour', shop.labourRateMinorPerHour, (labourRateMinorPerHour) => ({
            labourRateMinorPerHour,
          }))}
          {rate('Booth', shop.boothRateMinorPerHour, (boothRateMinorPerHour) => ({ boothRateMinorPerHour }))}
          {rate('Tax', shop.taxBp, (taxBp) => ({ taxBp }), '%')}
        </Part>
        <Part title="Open">
          {shop.shifts.map((shift) => (
            <Fact key={shift.weekday} label={shift.day}>
              {shift.hours}
            </Fact>
          ))}
        </Part>
        <Part title="Closed">
          {shop.closures.map((closure) => (
            <Fact key={closure.date} label={closure.reason}>
              {date(closure.date)}
            </Fact>
          ))}
          {shop.closures.length === 0 && <p className="text-quiet">No closed days.</p>}
        </Part>
      </InspectorPanel>
    </>
  );
}

function DaysOff({ person, seen }: { person: Shop['people'][number]; seen: ShopChangeSeen }) {
  const { save } = useSaving();
  if (person.daysOff.length === 0) return <span className="text-quiet">no days off</span>;
  return (
    <ul>
      {person.daysOff.map((off) => (
        <li key={off.id} className="flex items-center gap-2">
          <span>
            {date(off.from)}
            {off.to !== off.from && ` to ${date(off.to)}`}
            {off.reason && `, ${off.reason}`}
          </span>
          <button
            type="button"
            className="underline"
            aria-label={`Remove days off of ${person.name} from ${date(off.from)}`}
            onClick={() => void save({ kind: 'remove-day-off', id: off.id, seen: seen.daysOff[off.id]! })}
          >
            remove
          </button>
        </li>
      ))}
    </ul>
  );
}

function AddDaysOff({ person, name }: { person: string; name: string }) {
  const id = useId();
  const { save } = useSaving();
  const live = useLive();
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const add = async () => {
    const outcome = await save({ kind: 'add-day-off', person, from, to: to || from, reason: '' });
    if (outcome.status === 'saved') {
      setFrom('');
      setTo('');
      setFault(null);
    } else setFault(outcome.faults.map((one) => one.reason).join('; '));
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      <label htmlFor={`${id}-from`} className="sr-only">
        First day off of {name}
      </label>
      <input
        id={`${id}-from`}
        type="date"
        value={from}
        disabled={!live}
        onChange={(event) => setFrom(event.target.value)}
        aria-invalid={fault !== null}
      />
      <span className="text-quiet">to</span>
      <label htmlFor={`${id}-to`} className="sr-only">
        Last day off of {name}
      </label>
      <input
        id={`${id}-to`}
        type="date"
        value={to}
        disabled={!live}
        onChange={(event) => setTo(event.target.value)}
        aria-invalid={fault !== null}
      />
      <Button disabled={from === ''} onClick={() => void add()}>
        Add
      </Button>
      {fault && (
        <span role="alert" className="text-small text-stop">
          {fault}
        </span>
      )}
    </span>
  );
}
