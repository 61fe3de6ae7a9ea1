'use client';

import { useState, type ReactNode } from 'react';
import { schoolOptions, type SchoolKey } from '@/core/record';
import { schools, type SchoolTaken } from '@/core/steps';
import { Table } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { EditChoice } from '../frame/edit-field';
import { SchoolCost } from './school-cost';
import type { SectionSchools } from './schools-props';
import type { StepsRoomProps } from './steps-props';

const whole = '*';
const fromWords = { section: 'chosen here', job: 'chosen for the job' };

/** Why an option is taken: who chose it, or what in the situation called for it. */
export const takenWords = (taken: SchoolTaken): string =>
  taken.from === 'situation' ? taken.by : fromWords[taken.from];

const optionName = (key: SchoolKey, option: string): { name: string; why: string } =>
  (schools[key].options as Record<string, { name: string; why: string }>)[option]!;

/** Which school of the trade each section follows, why, and what the others would cost before one switches. */
export function SchoolsView(props: StepsRoomProps) {
  const { job, schools: shown, locale } = props;
  const [section, setSection] = useState(whole);
  const [open, setOpen] = useState<SchoolKey | null>(null);
  const one = shown.sections.find((each) => each.key === section);
  const views = Object.fromEntries([
    [whole, 'Whole job'],
    ...shown.sections.map((each) => [each.key, each.name]),
  ]);
  const toEdit = (key: SchoolKey) => (text: string) => {
    const { [key]: _former, ...others } = one ? one.chosen : shown.job.chosen;
    const set = { schools: { ...others, ...(text === '' ? {} : { [key]: text }) } };
    return one
      ? ({ kind: 'section', job, section: one.key, seen: one.seen, set } as const)
      : ({ kind: 'job', job, seen: shown.job.seen, set } as const);
  };
  return (
    <>
      <div className="pb-2">
        <ViewSwitch views={views} shown={section} onShow={setSection} label="Section shown" />
      </div>
      <Table
        caption="Schools of the trade"
        head={[
          { text: 'Question', width: '18%' },
          { text: 'Followed', width: '26%' },
          'Why',
          { text: '', width: '14%' },
        ]}
      >
        {shown.keys.map((key) => (
          <SchoolRows
            key={key}
            school={key}
            sections={one ? [one] : shown.sections}
            choice={
              <EditChoice
                label={`${schools[key].name}, ${one?.name ?? 'whole job'}`}
                quiet
                className="w-52"
                value={(one ? one.chosen : shown.job.chosen)[key] ?? ''}
                choices={[
                  { value: '', text: one ? 'as the situation asks' : followedBy(key, shown.sections) },
                  ...schoolOptions[key].map((option) => ({
                    value: option,
                    text: optionName(key, option).name,
                  })),
                ]}
                toEdit={toEdit(key)}
              />
            }
            isOpen={open === key}
            onOpen={() => setOpen(open === key ? null : key)}
            cost={
              <SchoolCost
                job={job}
                section={one?.key ?? null}
                school={key}
                followed={sameOption(key, one ? [one] : shown.sections)}
                nameOf={(option) => optionName(key, option).name}
                stamp={`${one?.seen ?? ''}/${shown.job.seen}`}
                locale={locale}
              />
            }
          />
        ))}
      </Table>
    </>
  );
}

/** A school with what is followed and why, and beneath it, when asked for, what each option costs. */
function SchoolRows({
  school,
  sections,
  choice,
  isOpen,
  onOpen,
  cost,
}: {
  school: SchoolKey;
  sections: readonly SectionSchools[];
  choice: ReactNode;
  isOpen: boolean;
  onOpen(): void;
  cost: ReactNode;
}) {
  const unlike = sections.filter(unlikeBefore(school));
  return (
    <>
      <tr className={`align-top ${isOpen ? '' : 'border-b border-line'}`}>
        <td className="py-1 pr-3 font-semibold">{schools[school].name}</td>
        <td className="py-1 pr-3">{choice}</td>
        <td className="py-1 pr-3">
          {unlike.map((each) => (
            <p key={each.key}>
              {unlike.length > 1 && <span className="text-quiet">{each.name}: </span>}
              {optionName(school, each.taken[school].option).name}, {takenWords(each.taken[school])}
              <span className="block text-small text-quiet">
                {optionName(school, each.taken[school].option).why}
              </span>
            </p>
          ))}
        </td>
        <td className="py-1 text-right">
          <button type="button" className="underline" aria-expanded={isOpen} onClick={onOpen}>
            {isOpen ? 'close' : 'what each costs'}
          </button>
        </td>
      </tr>
      {isOpen && (
        <tr className="border-b border-line">
          <td />
          <td colSpan={3} className="pb-2">
            {cost}
          </td>
        </tr>
      )}
    </>
  );
}

/** The option all of them follow; null where they differ. */
function sameOption(key: SchoolKey, sections: readonly SectionSchools[]): string | null {
  const options = new Set(sections.map((each) => each.taken[key].option));
  return options.size === 1 ? [...options][0]! : null;
}

/** What all sections follow, if they follow the same. */
function followedBy(key: SchoolKey, sections: readonly SectionSchools[]): string {
  const option = sameOption(key, sections);
  return option === null ? 'section by section' : `${optionName(key, option).name} (situation)`;
}

/** Sections that say nothing new are left out of the list of reasons. */
const unlikeBefore =
  (key: SchoolKey) =>
  (each: SectionSchools, i: number, all: readonly SectionSchools[]): boolean =>
    all.findIndex((one) => JSON.stringify(one.taken[key]) === JSON.stringify(each.taken[key])) === i;
