'use client';

import { X } from 'lucide-react';
import type { Ladder, LadderStep } from '@/core/film';
import { Button } from '@/ui/button';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import type { LadderShown } from './ladders-view';
import { WayActions } from './way-actions';
import { useOpen } from '../frame/who';

type Entry = Omit<Ladder, 'key'>;

const readGrit = (text: string): LadderStep['grit'] | null => {
  const plain = text.trim().toLowerCase().replace(/^p/, '');
  if (plain === 'cut' || text.trim().toLowerCase() === 'polish')
    return text.trim().toLowerCase() as 'cut' | 'polish';
  const grit = Number(plain);
  return Number.isInteger(grit) && grit >= 24 ? grit : null;
};

/** One ladder, step by step: grit or polish, and the film each takes; the clear budget follows from it. */
export function LadderSheet({ shown }: { shown: LadderShown }) {
  const live = useOpen('ladder');
  const { save } = useSaving();
  const { key, ...entry } = shown.ladder;
  const edit = (set: Partial<Entry>) =>
    ({ kind: 'ladder', key, seen: shown.seen, entry: { ...entry, ...set } }) as const;
  const stepsWith = (at: number, set: Partial<LadderStep>) =>
    entry.steps.map((step, i) => (i === at ? { ...step, ...set } : step));
  const last = entry.steps.at(-1);
  return (
    <InspectorPanel title={entry.name} subtitle={key}>
      <Part title="What it is">
        <EditText label="Name" className="w-48" value={entry.name} toEdit={(name) => edit({ name })} />
        <EditText label="Why" className="w-48" value={entry.why} toEdit={(why) => edit({ why })} />
        <Fact label="Worked">
          <EditChoice
            label="Worked by"
            quiet
            value={entry.hand ? 'hand' : 'machine'}
            choices={[
              { value: 'hand', text: 'by hand' },
              { value: 'machine', text: 'by machine' },
            ]}
            toEdit={(text) => edit({ hand: text === 'hand' })}
          />
        </Fact>
      </Part>
      <Part title="Steps, and film taken">
        {entry.steps.map((step, i) => (
          <div key={i} className="flex items-center gap-1 py-[2px]">
            <EditText
              label={`Step ${i + 1}`}
              quiet
              className="w-20"
              value={String(step.grit)}
              check={(text) => (readGrit(text) === null ? 'a grit from 24 on, cut or polish' : null)}
              toEdit={(text) => edit({ steps: stepsWith(i, { grit: readGrit(text)! }) })}
            />
            <EditText
              label={`Film taken by step ${i + 1}`}
              quiet
              type="number"
              step="any"
              className="w-20"
              unit="µm"
              value={String(step.removalUm)}
              toEdit={(text) => edit({ steps: stepsWith(i, { removalUm: Number(text) }) })}
            />
            <span className="flex-1" />
            <button
              type="button"
              disabled={!live}
              aria-label={`Leave out step ${i + 1}`}
              onClick={() => void save(edit({ steps: entry.steps.filter((_, at) => at !== i) }))}
            >
              <X size={16} />
            </button>
          </div>
        ))}
        <Button
          className="mt-1"
          disabled={!live}
          onClick={() =>
            void save(edit({ steps: [...entry.steps, last ?? { grit: 'polish', removalUm: 0.5 }] }))
          }
        >
          Add a step
        </Button>
      </Part>
      <WayActions
        what="ladder"
        isStandard={shown.isStandard}
        isChanged={shown.seen !== null}
        copyAs={(copy, name) => ({ kind: 'ladder', key: copy, seen: null, entry: { ...entry, name } })}
        clear={() => ({ kind: 'ladder', key, seen: shown.seen, entry: null })}
      />
    </InspectorPanel>
  );
}
