'use client';

import { useState } from 'react';
import type { Change } from '@/core/changes';
import { levels, type Level } from '@/core/film';
import type { SchoolKey } from '@/core/record';
import { skills, type Skill } from '@/core/shop';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import type { ChangeGround } from './change-words';

/** What can be asked for; a pin is taken out where it is set, an order has to be found. */
const kinds: Record<Exclude<Change['kind'], 'unpin' | 'order'>, string> = {
  saturdays: 'Saturdays',
  overtime: 'longer days',
  'extra-person': 'one more person',
  away: 'someone away',
  'rented-booth': 'a rented booth',
  level: 'another level',
  school: 'another school',
  promise: 'another promise',
  'drop-job': 'without a job',
};

type Kind = keyof typeof kinds;

function Choice({
  label,
  value,
  options,
  onPick,
}: {
  label: string;
  value: string;
  options: readonly { value: string; text: string }[];
  onPick(value: string): void;
}) {
  return (
    <label className="flex items-center gap-1">
      {label}
      <select aria-label={label} value={value} onChange={(event) => onPick(event.target.value)}>
        {options.map((one) => (
          <option key={one.value} value={one.value}>
            {one.text}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Everything the form holds; the change asked for takes what it needs of it. */
interface Asked {
  kind: Kind;
  section: string;
  level: Level;
  skill: Skill;
  person: string;
  school: string;
  option: string;
  other: string;
  from: string;
  to: string;
  promise: string;
  figure: string;
}

const firstAsked = (ground: ChangeGround): Asked => ({
  kind: 'saturdays',
  section: ground.sections[0]?.key ?? '',
  level: 'Road',
  skill: 'prep',
  person: ground.people[0]?.id ?? '',
  school: ground.schools[0]?.key ?? '',
  option: ground.schools[0]?.options[0]?.key ?? '',
  other: ground.otherJobs[0] ?? '',
  from: ground.arrival,
  to: ground.arrival,
  promise: ground.promised,
  figure: '60',
});

function changeOf(asked: Asked): Change {
  const { kind, section, level, skill, person, school, option, from, to } = asked;
  switch (kind) {
    case 'saturdays':
      return { kind };
    case 'overtime':
      return { kind, minutes: Number(asked.figure) };
    case 'extra-person':
      return { kind, skill };
    case 'away':
      return { kind, person, from, to };
    case 'rented-booth':
      return { kind, from, days: Number(asked.figure) };
    case 'level':
      return { kind, section, level };
    case 'school':
      return { kind, section: null, school: school as SchoolKey, option };
    case 'promise':
      return { kind, date: asked.promise };
    case 'drop-job':
      return { kind, job: asked.other };
  }
}

const named = (list: readonly { key: string; name: string }[]) =>
  list.map((one) => ({ value: one.key, text: one.name }));
const plain = (list: readonly string[]) => list.map((one) => ({ value: one, text: one }));

function Day({ label, value, onSet }: { label: string; value: string; onSet(value: string): void }) {
  return (
    <label className="flex items-center gap-1">
      {label}
      <input type="date" value={value} onChange={(event) => onSet(event.target.value)} required />
    </label>
  );
}

function Whole({ label, value, onSet }: { label: string; value: string; onSet(value: string): void }) {
  return (
    <label className="flex items-center gap-1">
      {label}
      <input
        type="number"
        min={1}
        max={360}
        required
        value={value}
        onChange={(event) => onSet(event.target.value)}
        className="w-16 text-right"
      />
    </label>
  );
}

/** The fields that the kind of change asked for needs. */
function ChangeFields({
  ground,
  asked,
  onSet,
}: {
  ground: ChangeGround;
  asked: Asked;
  onSet(set: Partial<Asked>): void;
}) {
  const from = <Day label="from" value={asked.from} onSet={(value) => onSet({ from: value })} />;
  const whole = (label: string) => (
    <Whole label={label} value={asked.figure} onSet={(figure) => onSet({ figure })} />
  );
  switch (asked.kind) {
    case 'saturdays':
      return null;
    case 'overtime':
      return whole('minutes a day');
    case 'extra-person':
      return (
        <Choice
          label="who can"
          value={asked.skill}
          options={plain(skills)}
          onPick={(value) => onSet({ skill: value as Skill })}
        />
      );
    case 'away':
      return (
        <>
          <Choice
            label="who"
            value={asked.person}
            options={ground.people.map((one) => ({ value: one.id, text: one.name }))}
            onPick={(person) => onSet({ person })}
          />
          {from}
          <Day label="to" value={asked.to} onSet={(to) => onSet({ to })} />
        </>
      );
    case 'rented-booth':
      return (
        <>
          {from}
          {whole('days')}
        </>
      );
    case 'level':
    case 'school':
      return <WayFields ground={ground} asked={asked} onSet={onSet} />;
    case 'promise':
      return <Day label="for" value={asked.promise} onSet={(promise) => onSet({ promise })} />;
    case 'drop-job':
      return (
        <Choice
          label="job"
          value={asked.other}
          options={plain(ground.otherJobs)}
          onPick={(other) => onSet({ other })}
        />
      );
  }
}

/** Another way of working: a level of one section, or another school for the whole job. */
function WayFields({
  ground,
  asked,
  onSet,
}: {
  ground: ChangeGround;
  asked: Asked;
  onSet(set: Partial<Asked>): void;
}) {
  if (asked.kind === 'level')
    return (
      <>
        <Choice
          label="section"
          value={asked.section}
          options={named(ground.sections)}
          onPick={(section) => onSet({ section })}
        />
        <Choice
          label="to"
          value={asked.level}
          options={plain(levels)}
          onPick={(value) => onSet({ level: value as Level })}
        />
      </>
    );
  const optionsOf = (school: string) => ground.schools.find((one) => one.key === school)?.options ?? [];
  return (
    <>
      <Choice
        label="school"
        value={asked.school}
        options={named(ground.schools)}
        onPick={(school) => onSet({ school, option: optionsOf(school)[0]?.key ?? '' })}
      />
      <Choice
        label="as"
        value={asked.option}
        options={named(optionsOf(asked.school))}
        onPick={(option) => onSet({ option })}
      />
    </>
  );
}

/** Asks for one thing done otherwise. */
export function ChangeForm({ ground, onAdd }: { ground: ChangeGround; onAdd(change: Change): void }) {
  const live = useLive();
  const [asked, setAsked] = useState(() => firstAsked(ground));
  const set = (change: Partial<Asked>) => setAsked({ ...asked, ...change });
  const offered = (Object.keys(kinds) as Kind[]).filter(
    (one) => one !== 'drop-job' || ground.otherJobs.length > 0,
  );
  return (
    <form
      className="flex flex-wrap items-center gap-3 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        onAdd(changeOf(asked));
      }}
    >
      <Choice
        label="What if:"
        value={asked.kind}
        options={offered.map((one) => ({ value: one, text: kinds[one] }))}
        onPick={(value) => set({ kind: value as Kind, figure: value === 'rented-booth' ? '5' : '60' })}
      />
      <ChangeFields ground={ground} asked={asked} onSet={set} />
      <Button type="submit" look="main" disabled={!live}>
        Lay beside
      </Button>
    </form>
  );
}
