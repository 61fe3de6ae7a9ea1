'use client';

import type { ReactNode } from 'react';
import type { Edit } from '@/core/record';
import { cautions, type Caution } from '@/core/safety';
import { placeKinds, skills } from '@/core/shop';
import { workTags, type Operation, type WorkState } from '@/core/steps';
import { Button } from '@/ui/button';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { SheetHistory } from '../frame/sheet-history';
import { phaseNames } from '../words/phase-names';
import { stateWords } from '../words/step-words';
import { situationWords } from './situation-words';
import type { OperationShown } from './shop-props';
import { useOpen } from '../frame/who';

/** One entry of the catalogue: figures, hands, room, hazards, what it waits for and makes, why; kept with its history. */
export function OperationSheet({ shown, timeZone }: { shown: OperationShown; timeZone: string }) {
  const { entry, seen, isStandard } = shown;
  const { save } = useSaving();
  const live = useOpen('operation');
  const { code, ...body } = entry;
  const edit = (set: Partial<Operation>) =>
    ({ kind: 'operation', code, seen, entry: { ...body, ...set } }) as const;
  const figure = (
    label: string,
    key: 'fixedMin' | 'leastCrew' | 'usualCrew' | 'mostCrew' | 'settlesMin',
    unit = '',
  ) => (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        type="number"
        step={key === 'fixedMin' ? 'any' : 1}
        min={0}
        unit={unit}
        className="w-16"
        value={String(entry[key])}
        toEdit={(text) => edit({ [key]: Number(text) })}
      />
    </Fact>
  );
  const line = (label: string, key: 'name' | 'why' | 'lost') => (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        className="w-52"
        value={entry[key]}
        toEdit={(text) => edit({ [key]: text })}
      />
    </Fact>
  );
  const list = (states: readonly WorkState[]) => states.map((state) => stateWords[state]).join(', ');
  return (
    <InspectorPanel title={entry.name} subtitle={`${code} · ${phaseNames[entry.phase]}`}>
      <Part title="Figures">
        {line('Name', 'name')}
        {entry.rate !== null && (
          <Fact label={`Rate, min / ${entry.basis}`}>
            <EditText
              label="Rate"
              quiet
              type="number"
              step="any"
              min={0}
              className="w-16"
              value={String(entry.rate)}
              toEdit={(text) => edit({ rate: Number(text) })}
            />
          </Fact>
        )}
        {figure('Fixed', 'fixedMin', 'min')}
        {figure('What follows waits', 'settlesMin', 'min')}
        <AirLimits entry={entry} edit={edit} />
      </Part>
      <HandsAndRoom entry={entry} edit={edit} figure={figure} />
      <OrderPart entry={entry} list={list} />
      <Part title="Reasons">
        {line('Why', 'why')}
        {line('Lost without it', 'lost')}
      </Part>
      <Part title="Cautions">
        <Checks
          names={Object.keys(cautions) as Caution[]}
          chosen={entry.cautions}
          onChange={(chosen) => void save(edit({ cautions: chosen }))}
        />
      </Part>
      {seen !== null && (
        <Button disabled={!live} onClick={() => void save({ kind: 'operation', code, seen, entry: null })}>
          {isStandard ? 'Return to the catalogue’s entry' : 'Take it out of the catalogue'}
        </Button>
      )}
      <SheetHistory
        path={`/api/operations/${encodeURIComponent(code)}/history`}
        seen={seen}
        timeZone={timeZone}
        first="as the catalogue has it"
      />
    </InspectorPanel>
  );
}

/** What has to be before it, what it makes, what waits for it. */
function OrderPart({ entry, list }: { entry: Operation; list: (states: readonly WorkState[]) => string }) {
  return (
    <Part title="Order">
      <Fact label="Where">{situationWords(entry.when) || 'everywhere'}</Fact>
      {entry.needs.length > 0 && <Fact label="It must be">{list(entry.needs)}</Fact>}
      {entry.makes && <Fact label="Makes it">{stateWords[entry.makes]}</Fact>}
      {entry.before.length > 0 && <Fact label="Before it is">{list(entry.before)}</Fact>}
    </Part>
  );
}

/** Who does it, how many, in what room. */
function HandsAndRoom({
  entry,
  edit,
  figure,
}: {
  entry: Operation;
  edit(set: Partial<Operation>): Edit;
  figure: (
    label: string,
    key: 'fixedMin' | 'leastCrew' | 'usualCrew' | 'mostCrew' | 'settlesMin',
    unit?: string,
  ) => ReactNode;
}) {
  const { save } = useSaving();
  return (
    <Part title="Hands and room">
      <Fact label="Skill">
        <EditChoice
          label="Skill"
          quiet
          value={entry.skill}
          choices={skills.map((value) => ({ value, text: value }))}
          toEdit={(text) => edit({ skill: text as Operation['skill'] })}
        />
      </Fact>
      {figure('Crew at the least', 'leastCrew')}
      {figure('usually', 'usualCrew')}
      {figure('at most', 'mostCrew')}
      <Fact label="Place">
        <EditChoice
          label="Place"
          quiet
          value={entry.place ?? ''}
          choices={[{ value: '', text: 'none' }, ...placeKinds.map((value) => ({ value, text: value }))]}
          toEdit={(text) => edit({ place: text === '' ? null : (text as Operation['place']) })}
        />
      </Fact>
      <Checks names={workTags} chosen={entry.tags} onChange={(tags) => void save(edit({ tags }))} />
    </Part>
  );
}

function Checks<N extends string>({
  names,
  chosen,
  onChange,
}: {
  names: readonly N[];
  chosen: readonly N[];
  onChange(chosen: N[]): void;
}) {
  const live = useOpen('operation');
  return (
    <div className="grid grid-cols-2 gap-x-3">
      {names.map((name) => (
        <label key={name} className="flex items-center gap-2 py-[2px]">
          <input
            type="checkbox"
            disabled={!live}
            checked={chosen.includes(name)}
            onChange={(event) =>
              onChange(event.target.checked ? [...chosen, name] : chosen.filter((one) => one !== name))
            }
          />
          {name}
        </label>
      ))}
    </div>
  );
}

/** Air in which an operation is done; an emptied field is no limit. */
function AirLimits({ entry, edit }: { entry: OperationShown['entry']; edit(set: Partial<Operation>): Edit }) {
  const limit = (label: string, key: 'leastC' | 'mostC') => (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        type="number"
        step="any"
        unit="°C"
        className="w-16"
        value={entry[key] == null ? '' : String(entry[key])}
        toEdit={(text) => edit({ [key]: text === '' ? null : Number(text) })}
      />
    </Fact>
  );
  return (
    <>
      {limit('Air at least', 'leastC')}
      {limit('Air at most', 'mostC')}
    </>
  );
}
