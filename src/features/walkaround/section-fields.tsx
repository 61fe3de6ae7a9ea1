'use client';

import { levels, levelStandards, type Level } from '@/core/film';
import { depths, oldFinishes, type JobSection, type SectionChange } from '@/core/record';
import { substrates } from '@/core/vehicle';
import { EditChoice } from '../frame/edit-field';
import type { SectionShown } from './walkaround-props';

const depthText = { scuff: 'scuff and refinish', stable: 'to the sound layer', bare: 'to bare' };
const plain = (values: readonly string[]) =>
  values.map((value) => ({ value, text: value.replace(/-/g, ' ') }));

const years = (level: Level): string => {
  const lasts = levelStandards[level].lastsYears;
  return lasts ? `, ${lasts[0]}–${lasts[1]} years` : '';
};

/** The choices that drive a section's work; each is saved as it is made. */
export function SectionFields({ job, section, seen }: { job: string; section: SectionShown; seen: number }) {
  const edit = (set: SectionChange) => ({ kind: 'section', job, section: section.key, seen, set }) as const;
  const rows = [
    {
      label: 'Level',
      value: section.level,
      choices: levels.map((value) => ({
        value,
        text: `${value}: ${levelStandards[value].meaning}${years(value)}`,
      })),
      toEdit: (text: string) => edit({ level: text as JobSection['level'] }),
    },
    {
      label: 'Substrate',
      value: section.substrate,
      choices: plain(substrates),
      toEdit: (text: string) => edit({ substrate: text as JobSection['substrate'] }),
    },
    {
      label: 'Old finish',
      value: section.oldFinish,
      choices: plain(oldFinishes),
      toEdit: (text: string) => edit({ oldFinish: text as JobSection['oldFinish'] }),
    },
    {
      label: 'How far down',
      value: section.depth,
      choices: depths.map((value) => ({ value, text: depthText[value] })),
      toEdit: (text: string) => edit({ depth: text as JobSection['depth'] }),
    },
    {
      label: 'Coat system',
      value: section.system,
      choices: section.systems,
      toEdit: (text: string) => edit({ system: text }),
    },
  ];
  return (
    <div className="flex flex-col gap-1 py-1">
      {rows.map((row) => (
        <div key={row.label} className="flex items-baseline justify-between gap-3">
          <span className="text-quiet" aria-hidden="true">
            {row.label}
          </span>
          <EditChoice {...row} label={`${row.label} of ${section.name}`} quiet className="w-44" />
        </div>
      ))}
    </div>
  );
}
