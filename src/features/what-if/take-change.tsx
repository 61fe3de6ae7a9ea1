'use client';

import { useState } from 'react';
import type { Change, PlanFigures } from '@/core/changes';
import { withFigures } from '@/core/figures';
import type { Edit, JobChange, SectionChange } from '@/core/record';
import { Button } from '@/ui/button';
import { EntryForm, Line, useSent } from '../frame/entry-form';
import { changeText, type ChangeGround } from './change-words';

const capFields = {
  labour: 'capLabourHours',
  materials: 'capMaterialsMinor',
  booth: 'capBoothHours',
} as const;

/** The edit of the job that makes a change true; null for what is done in the shop and is no matter of scope. */
export function editOf(job: string, change: Change, ground: ChangeGround): Edit | null {
  const ofJob = (set: JobChange): Edit => ({ kind: 'job', job, seen: ground.own.seen, set });
  const ofSection = (
    key: string,
    set: (one: ChangeGround['sections'][number]) => SectionChange,
  ): Edit | null => {
    const section = ground.sections.find((one) => one.key === key);
    return section ? { kind: 'section', job, section: key, seen: section.seen, set: set(section) } : null;
  };
  switch (change.kind) {
    case 'level':
      return ofSection(change.section, () => ({ level: change.level }));
    case 'school': {
      const taken = { [change.school]: change.option };
      if (change.section === null) return ofJob({ schools: { ...ground.own.schools, ...taken } });
      return ofSection(change.section, ({ schools }) => ({ schools: { ...schools, ...taken } }));
    }
    case 'promise':
      return ofJob({ promised: change.date });
    case 'ladder':
      return ofSection(change.section, () => ({ ladder: change.ladder }));
    case 'depth':
      return ofSection(change.section, () => ({ depth: change.depth }));
    case 'coats': {
      const own = ground.sections.filter(({ key }) => change.sections.includes(key));
      if (own.length < change.sections.length) return null;
      const sections = own.map(({ key, seen }) => ({ section: key, seen }));
      return { kind: 'section-coats', job, sections, role: change.role, coats: change.coats };
    }
    case 'cap':
      return ofJob({ [capFields[change.budget]]: change.amount });
    case 'figures':
      return ofJob({ figures: withFigures(ground.own.figures, change.figures) });
    case 'pin':
    case 'unpin': {
      const startAt = change.kind === 'pin' ? change.at : null;
      return {
        kind: 'step',
        job,
        step: change.step,
        seen: ground.edits[change.step] ?? null,
        set: { startAt },
      };
    }
    default:
      return null;
  }
}

const daysBetween = (from: string | null, to: string | null): number =>
  from && to ? Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000) : 0;

/** What was agreed to be given up: the job is changed, and the scope record says what, what it saves, and who agreed. */
export function TakeChange({
  job,
  change,
  figures,
  base,
  ground,
}: {
  job: string;
  change: Change;
  figures: PlanFigures;
  base: PlanFigures;
  ground: ChangeGround;
}) {
  const send = useSent();
  const [said, setSaid] = useState<string | null>(null);
  const edit = editOf(job, change, ground);
  if (!edit)
    return <p className="text-small text-quiet">Done in Shop or by arrangement; the scope stays as it is.</p>;
  const take = async ({ agreedBy }: { agreedBy: string }) => {
    const refusal = await send(edit);
    if (refusal !== null) return refusal;
    const unwritten = await send({
      kind: 'add-scope',
      job,
      change: {
        what: changeText(change, ground).slice(0, 200),
        hours: Math.round((figures.labourMin - base.labourMin) / 6) / 10,
        moneyMinor: figures.materialsMinor - base.materialsMinor,
        days: daysBetween(base.finishDate, figures.finishDate),
        agreedBy,
      },
    });
    setSaid(
      unwritten === null
        ? 'Taken; it stands in Steps, Scope.'
        : 'Taken, but not written into the scope record: write it in Steps, Scope.',
    );
    return null;
  };
  return (
    <EntryForm
      deed="section"
      className="flex flex-wrap items-center gap-2 pt-1"
      start={{ agreedBy: '' }}
      send={take}
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="agreedBy"
            label={`Who agreed to: ${changeText(change, ground)}`}
            placeholder="who agreed"
            className="w-40"
            maxLength={80}
            required
          />
          <Button type="submit">Take it into the job</Button>
          <span role="status" className="text-small text-quiet">
            {said}
          </span>
        </>
      )}
    </EntryForm>
  );
}
