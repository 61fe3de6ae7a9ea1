'use client';

import type { ReactNode } from 'react';
import { levels } from '@/core/film';
import { blankSurvey, seamStates, visibilities } from '@/core/record';
import { primableFrom, sealantCartridges } from '@/core/survey';
import { simulatedColourReader } from '@/devices/colour-reader';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { EditText } from '../frame/edit-field';
import { date } from '../words/format';
import { visibilityWords } from '../words/survey-words';
import type { SurveyActions } from './survey-actions';
import type { PanelShown } from './walkaround-props';

const choices = (values: readonly string[], none?: string) => [
  ...(none ? [{ value: '', text: none }] : []),
  ...values.map((value) => ({ value, text: value.replace(/-/g, ' ') })),
];

/** Who sees a panel and what covers it, its seams, and the spot that must stay as it is. */
export function PanelTogether({
  panel,
  choice,
  actions,
}: {
  panel: PanelShown;
  choice(
    label: string,
    value: string,
    list: { value: string; text: string }[],
    set: (text: string) => object,
  ): ReactNode;
  actions: SurveyActions;
}) {
  const live = useLive();
  const survey = panel.survey ?? blankSurvey(panel.part.key);
  const seamM = panel.part.seamM + (survey.seamInsideM ?? 0);
  const primable = primableFrom(survey.sealedOn);
  const colour = survey.referenceColour;
  const line = (label: string, name: string, value: string, key: string, type: 'text' | 'date' = 'text') => (
    <Fact label={label}>
      <EditText
        label={name}
        quiet
        type={type}
        className={type === 'date' ? 'w-36' : 'w-40'}
        value={value}
        toEdit={(text) => actions.toEdit({ [key]: type === 'date' ? text || null : text })}
      />
    </Fact>
  );
  const read = () => {
    const reader = simulatedColourReader();
    actions.set({ referenceColour: { ...reader.read(panel.part.key), source: 'simulated' } });
  };
  return (
    <>
      <Part title="When it is together again">
        {choice(
          'It is',
          survey.visibility,
          visibilities.map((value) => ({ value, text: visibilityWords[value] })),
          (text) => ({ visibility: text }),
        )}
        {choice('Own level', survey.level ?? '', choices(levels, 'by what is seen'), (text) => ({
          level: text || null,
        }))}
        {survey.visibility !== 'seen' && (
          <>
            {line('Covered by', 'What will cover this panel', survey.coveredBy, 'coveredBy')}
            {line('Covered on', 'Day it is covered', survey.coveredOn ?? '', 'coveredOn', 'date')}
          </>
        )}
        {survey.visibility !== 'seen' && (
          <p className="text-small text-quiet">
            Painted before it is covered; at most Work unless a level is typed.
          </p>
        )}
      </Part>
      <Part title="Seams">
        <Fact label="Outside, inside">
          {panel.part.seamM.toFixed(1)} m,{' '}
          <EditText
            label="Seams sealed on the inside"
            quiet
            type="number"
            step="any"
            className="w-16"
            unit="m"
            value={survey.seamInsideM === null ? '' : String(survey.seamInsideM)}
            toEdit={(text) => actions.toEdit({ seamInsideM: text === '' ? null : Number(text) })}
          />
        </Fact>
        {choice('They are', survey.seams, choices(seamStates), (text) => ({ seams: text }))}
        {line('Sealant', 'Sealant in seams', survey.sealant, 'sealant')}
        <Fact label="At a 6 mm bead">
          {sealantCartridges(seamM)} cartridge{sealantCartridges(seamM) === 1 ? '' : 's'}
        </Fact>
        {survey.seams === 'sealed' &&
          line('Sealed on', 'Day the seams were sealed', survey.sealedOn ?? '', 'sealedOn', 'date')}
        {primable && <Fact label="Prime from">{date(primable)}, or as its sheet says</Fact>}
      </Part>
      <Part title="Notes">
        <Fact label="Do not strip">
          <EditText
            label="Reference spot, not to be stripped"
            quiet
            className="w-40"
            value={survey.reference}
            toEdit={(text) => actions.toEdit({ reference: text })}
          />
        </Fact>
        {survey.reference && (
          <>
            <Fact label="Read as">
              {colour
                ? `L* ${colour.l.toFixed(1)} a* ${colour.a.toFixed(1)} b* ${colour.b.toFixed(1)}, ${colour.source}`
                : 'not yet: read and photograph it before the panel is touched'}
            </Fact>
            <form
              className="flex gap-1 py-1"
              onSubmit={(event) => {
                event.preventDefault();
                const given = new FormData(event.currentTarget);
                const figure = (name: string) => Number(String(given.get(name)).replace(',', '.'));
                actions.set({
                  referenceColour: { l: figure('l'), a: figure('a'), b: figure('b'), source: 'typed' },
                });
              }}
            >
              {(['l', 'a', 'b'] as const).map((name) => (
                <input
                  key={name}
                  name={name}
                  aria-label={`${name === 'l' ? 'L' : name}* of the reference spot`}
                  placeholder={`${name === 'l' ? 'L' : name}*`}
                  inputMode="decimal"
                  required
                  pattern="-?[0-9]+([.,][0-9]+)?"
                  disabled={!live}
                  className="w-16"
                />
              ))}
              <Button type="submit" disabled={!live}>
                Keep
              </Button>
            </form>
            <button type="button" disabled={!live} onClick={read} className="pb-1 text-small underline">
              Read with the simulated colour reader (measures nothing)
            </button>
          </>
        )}
        <Fact label="Note">
          <EditText
            label="Note of the survey"
            quiet
            className="w-40"
            value={survey.note}
            toEdit={(text) => actions.toEdit({ note: text })}
          />
        </Fact>
        {choice(
          'In this job',
          survey.absent ? 'left out' : 'painted',
          choices(['painted', 'left out']),
          (text) => ({
            absent: text === 'left out',
          }),
        )}
      </Part>
    </>
  );
}
