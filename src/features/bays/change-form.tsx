'use client';

import { useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { Change, WorkChange } from '@/core/changes';
import { levels, type Level } from '@/core/film';
import type { SchoolKey } from '@/core/record';
import { skills, type Skill } from '@/core/shop';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, Pick } from '../frame/entry-form';
import type { ChangeGround } from '../what-if/change-words';

/** What can be asked for; a fixed start is taken out where it is set, an order has to be found, and what a warning asks for stands with it. */
const kinds: Record<Exclude<Change['kind'], 'unpin' | 'order' | WorkChange['kind']>, string> = {
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

type Form = UseFormReturn<Asked>;

/** A choice with its words before it. */
function Choice({
  label,
  ...given
}: {
  form: Form;
  name: keyof Asked;
  label: string;
  options: readonly { value: string; text: string }[];
  onPick?(value: string): void;
}) {
  return (
    <label className="flex items-center gap-1">
      {label}
      <Pick {...given} label={label} />
    </label>
  );
}

/** Everything the form holds; the change asked for takes what it needs of it. */
type Asked = {
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
};

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
      return { kind, minutes: typedFigure(asked.figure) };
    case 'extra-person':
      return { kind, skill };
    case 'away':
      return { kind, person, from, to };
    case 'rented-booth':
      return { kind, from, days: typedFigure(asked.figure) };
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

function Day({ form, name, label }: { form: Form; name: 'from' | 'to' | 'promise'; label: string }) {
  return (
    <label className="flex items-center gap-1">
      {label}
      <Line form={form} name={name} type="date" label={label} required />
    </label>
  );
}

function Whole({ form, label, most }: { form: Form; label: string; most: number }) {
  return (
    <label className="flex items-center gap-1">
      {label}
      <Figure
        form={form}
        name="figure"
        label={label}
        least={1}
        most={most}
        whole
        required
        className="w-16 text-right"
      />
    </label>
  );
}

/** The fields that the kind of change asked for needs. */
function ChangeFields({ ground, form }: { ground: ChangeGround; form: Form }) {
  switch (form.watch('kind')) {
    case 'saturdays':
      return null;
    case 'overtime':
      return <Whole form={form} label="minutes a day" most={360} />;
    case 'extra-person':
      return <Choice form={form} name="skill" label="who can" options={plain(skills)} />;
    case 'away':
      return (
        <>
          <Choice
            form={form}
            name="person"
            label="who"
            options={ground.people.map((one) => ({ value: one.id, text: one.name }))}
          />
          <Day form={form} name="from" label="from" />
          <Day form={form} name="to" label="to" />
        </>
      );
    case 'rented-booth':
      return (
        <>
          <Day form={form} name="from" label="from" />
          <Whole form={form} label="days" most={360} />
        </>
      );
    case 'level':
      return (
        <>
          <Choice form={form} name="section" label="section" options={named(ground.sections)} />
          <Choice form={form} name="level" label="to" options={plain(levels)} />
        </>
      );
    case 'school':
      return <SchoolFields ground={ground} form={form} />;
    case 'promise':
      return <Day form={form} name="promise" label="for" />;
    case 'drop-job':
      return <Choice form={form} name="other" label="job" options={plain(ground.otherJobs)} />;
  }
}

/** Another method for the whole job. */
function SchoolFields({ ground, form }: { ground: ChangeGround; form: Form }) {
  const optionsOf = (school: string) => ground.schools.find((one) => one.key === school)?.options ?? [];
  return (
    <>
      <Choice
        form={form}
        name="school"
        label="school"
        options={named(ground.schools)}
        onPick={(school) => form.setValue('option', optionsOf(school)[0]?.key ?? '')}
      />
      <Choice form={form} name="option" label="as" options={named(optionsOf(form.watch('school')))} />
    </>
  );
}

/** Asks for one thing done otherwise. */
export function ChangeForm({ ground, onAdd }: { ground: ChangeGround; onAdd(change: Change): void }) {
  const [start] = useState(() => firstAsked(ground));
  const offered = (Object.keys(kinds) as Kind[]).filter(
    (one) => one !== 'drop-job' || ground.otherJobs.length > 0,
  );
  return (
    <EntryForm
      deed={null}
      className="flex flex-wrap items-center gap-3 pb-3"
      start={start}
      stays
      send={(asked) => {
        onAdd(changeOf(asked));
        return null;
      }}
    >
      {(form) => (
        <>
          <Choice
            form={form}
            name="kind"
            label="What if:"
            options={offered.map((one) => ({ value: one, text: kinds[one] }))}
            onPick={(kind) => form.setValue('figure', kind === 'rented-booth' ? '5' : '60')}
          />
          <ChangeFields ground={ground} form={form} />
          <Button type="submit" look="main">
            Lay beside
          </Button>
        </>
      )}
    </EntryForm>
  );
}
