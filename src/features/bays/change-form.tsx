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

/** Asks for one thing done otherwise. */
export function ChangeForm({ ground, onAdd }: { ground: ChangeGround; onAdd(change: Change): void }) {
  const live = useLive();
  const firstSection = ground.sections[0]?.key ?? '';
  const firstSchool = ground.schools[0];
  const [kind, setKind] = useState<Kind>('saturdays');
  const [section, setSection] = useState(firstSection);
  const [level, setLevel] = useState<Level>('Road');
  const [skill, setSkill] = useState<Skill>('prep');
  const [person, setPerson] = useState(ground.people[0]?.id ?? '');
  const [school, setSchool] = useState(firstSchool?.key ?? '');
  const [option, setOption] = useState(firstSchool?.options[0]?.key ?? '');
  const [other, setOther] = useState(ground.otherJobs[0] ?? '');
  const [from, setFrom] = useState(ground.arrival);
  const [to, setTo] = useState(ground.arrival);
  const [promise, setPromise] = useState(ground.promised);
  const [figure, setFigure] = useState('60');
  const options = ground.schools.find((one) => one.key === school)?.options ?? [];
  const named = (list: readonly { key: string; name: string }[]) =>
    list.map((one) => ({ value: one.key, text: one.name }));
  const plain = (list: readonly string[]) => list.map((one) => ({ value: one, text: one }));
  const change = (): Change => {
    switch (kind) {
      case 'saturdays':
        return { kind };
      case 'overtime':
        return { kind, minutes: Number(figure) };
      case 'extra-person':
        return { kind, skill };
      case 'away':
        return { kind, person, from, to };
      case 'rented-booth':
        return { kind, from, days: Number(figure) };
      case 'level':
        return { kind, section, level };
      case 'school':
        return { kind, section: null, school: school as SchoolKey, option };
      case 'promise':
        return { kind, date: promise };
      case 'drop-job':
        return { kind, job: other };
    }
  };
  const day = (label: string, value: string, set: (value: string) => void) => (
    <label className="flex items-center gap-1">
      {label}
      <input type="date" value={value} onChange={(event) => set(event.target.value)} required />
    </label>
  );
  const whole = (label: string) => (
    <label className="flex items-center gap-1">
      {label}
      <input
        type="number"
        min={1}
        max={360}
        required
        value={figure}
        onChange={(event) => setFigure(event.target.value)}
        className="w-16 text-right"
      />
    </label>
  );
  const offered = (Object.keys(kinds) as Kind[]).filter(
    (one) => one !== 'drop-job' || ground.otherJobs.length > 0,
  );
  return (
    <form
      className="flex flex-wrap items-center gap-3 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        onAdd(change());
      }}
    >
      <Choice
        label="What if:"
        value={kind}
        options={offered.map((one) => ({ value: one, text: kinds[one] }))}
        onPick={(value) => {
          setKind(value as Kind);
          setFigure(value === 'rented-booth' ? '5' : '60');
        }}
      />
      {kind === 'overtime' && whole('minutes a day')}
      {kind === 'extra-person' && (
        <Choice label="who can" value={skill} options={plain(skills)} onPick={(v) => setSkill(v as Skill)} />
      )}
      {kind === 'away' && (
        <>
          <Choice
            label="who"
            value={person}
            options={ground.people.map((one) => ({ value: one.id, text: one.name }))}
            onPick={setPerson}
          />
          {day('from', from, setFrom)}
          {day('to', to, setTo)}
        </>
      )}
      {kind === 'rented-booth' && (
        <>
          {day('from', from, setFrom)}
          {whole('days')}
        </>
      )}
      {kind === 'level' && (
        <>
          <Choice label="section" value={section} options={named(ground.sections)} onPick={setSection} />
          <Choice label="to" value={level} options={plain(levels)} onPick={(v) => setLevel(v as Level)} />
        </>
      )}
      {kind === 'school' && (
        <>
          <Choice
            label="school"
            value={school}
            options={named(ground.schools)}
            onPick={(value) => {
              setSchool(value);
              setOption(ground.schools.find((one) => one.key === value)?.options[0]?.key ?? '');
            }}
          />
          <Choice label="as" value={option} options={named(options)} onPick={setOption} />
        </>
      )}
      {kind === 'promise' && day('for', promise, setPromise)}
      {kind === 'drop-job' && (
        <Choice label="job" value={other} options={plain(ground.otherJobs)} onPick={setOther} />
      )}
      <Button type="submit" look="main" disabled={!live}>
        Lay beside
      </Button>
    </form>
  );
}
