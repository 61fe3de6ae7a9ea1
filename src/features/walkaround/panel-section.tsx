'use client';

import { useState } from 'react';
import type { SectionChange } from '@/core/record';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import { EntryForm, Line, useSent } from '../frame/entry-form';
import { counted } from '../words/counted';
import type { SurveyActions } from './survey-actions';
import type { SectionShown } from './walkaround-props';
import { useOpen } from '../frame/who';

interface Props {
  job: string;
  section: SectionShown;
  sections: readonly SectionShown[];
  actions: SurveyActions;
}

/** How the panels are gathered for work: which section they go with, what it is called, what it stands on. */
export function PanelSection(props: Props) {
  const { job, section, sections, actions } = props;
  const send = useSent();
  const edit = (set: SectionChange) =>
    ({ kind: 'section', job, section: section.key, seen: section.seen, set }) as const;
  const many = counted(actions.selected.length, 'panel');
  return (
    <Part title="Section">
      <Fact label="Called">
        <EditText
          label={`Name of ${section.name}`}
          quiet
          className="w-44"
          value={section.name}
          check={(text) => (text.trim() === '' ? 'a section needs a name' : null)}
          toEdit={(name) => edit({ name })}
        />
      </Fact>
      <Fact label="Stands">
        <EditChoice
          label={`What ${section.name} stands on`}
          quiet
          className="w-44"
          value={section.loose ? '' : section.group}
          choices={standsOf(section, sections)}
          toEdit={(group) => {
            if (group === '') return edit({ group: section.key, loose: true });
            return edit({ group, loose: false });
          }}
        />
      </Fact>
      <Fact label={many}>
        <EditChoice
          label="Section of the selection"
          quiet
          className="w-44"
          value={section.key}
          choices={sections.map((one) => ({ value: one.key, text: `in ${one.name}` }))}
          toEdit={(key) => actions.toEdit({ section: key })}
        />
      </Fact>
      <EntryForm
        deed="add-section"
        label="New section"
        className="flex flex-wrap gap-1 py-1"
        start={{ name: '' }}
        send={({ name }) =>
          send({ kind: 'add-section', job, like: section.key, name, parts: actions.selected })
        }
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="name"
              label="Name of the new section"
              placeholder="name"
              maxLength={80}
              required
              className="w-40"
            />
            <Button type="submit">New section of {many}</Button>
          </>
        )}
      </EntryForm>
      {sections.length > 1 && <JoinSection key={section.key} {...props} />}
    </Part>
  );
}

/** Bodies that the other sections stand on, named by these; or by itself, on a stand of its own. */
function standsOf(section: SectionShown, sections: readonly SectionShown[]) {
  const bodies = [...new Set(sections.flatMap((one) => (one.loose ? [] : [one.group])))];
  return [
    ...bodies.map((group) => {
      const others = sections.filter((one) => one.group === group && one.key !== section.key);
      const names = others.map((one) => one.name).join(', ');
      return { value: group, text: others.length === 0 ? 'on its own body' : `with ${names}` };
    }),
    { value: '', text: 'loose, by itself' },
  ];
}

/** All panels of a section go to another one; its own choices are gone, so it is asked twice. */
function JoinSection({ job, section, sections }: Props) {
  const live = useOpen('section');
  const send = useSent();
  const others = sections.filter((one) => one.key !== section.key);
  const [into, setInto] = useState(others[0]!.key);
  const [isAsked, setAsked] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const name = others.find((one) => one.key === into)?.name ?? '';
  return (
    <div className="flex flex-wrap items-center gap-1 py-1">
      <select
        aria-label={`Section that ${section.name} is joined with`}
        value={into}
        disabled={!live}
        className="w-40"
        onChange={(event) => setInto(event.target.value)}
      >
        {others.map((one) => (
          <option key={one.key} value={one.key}>
            {one.name}
          </option>
        ))}
      </select>
      <Button
        disabled={!live}
        onClick={() => {
          if (!isAsked) return setAsked(true);
          void send({ kind: 'remove-section', job, section: section.key, seen: section.seen, into }).then(
            (refusal) => {
              setAsked(false);
              setFault(refusal);
            },
          );
        }}
      >
        {isAsked ? `Yes, join with ${name}` : 'Join with it'}
      </Button>
      {isAsked && (
        <p className="text-small text-quiet">
          Its panels get the level, depth, system and colour of {name}. Undo brings it back.
        </p>
      )}
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </div>
  );
}
