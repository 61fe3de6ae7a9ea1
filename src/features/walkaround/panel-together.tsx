'use client';

import type { ReactNode } from 'react';
import { levels } from '@/core/film';
import { blankSurvey, seamStates, visibilities } from '@/core/record';
import { primableFrom, sealantCartridges } from '@/core/survey';
import { typedFigure } from '@/core/units';
import { simulatedColourReader } from '@/devices/colour-reader';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import { EntryForm, Figure } from '../frame/entry-form';
import { date } from '../words/format';
import { visibilityWords } from '../words/survey-words';
import type { SurveyActions } from './survey-actions';
import type { PanelShown } from './walkaround-props';
import { counted } from '../words/counted';
import { useOpen } from '../frame/who';

const choices = (values: readonly string[], none?: string) => [
  ...(none ? [{ value: '', text: none }] : []),
  ...values.map((value) => ({ value, text: value.replace(/-/g, ' ') })),
];

interface TogetherProps {
  panel: PanelShown;
  choice(
    label: string,
    value: string,
    list: { value: string; text: string }[],
    set: (text: string) => object,
  ): ReactNode;
  actions: SurveyActions;
}

/** Who sees a panel and what covers it, its seams, and the spot that must stay as it is. */
export function PanelTogether(props: TogetherProps) {
  return (
    <>
      <Covered {...props} />
      <Seams {...props} />
      <Notes {...props} />
    </>
  );
}

function Covered({ panel, choice, actions }: TogetherProps) {
  const survey = panel.survey ?? blankSurvey(panel.part.key);
  return (
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
          <Line
            label="Covered by"
            name="What will cover this panel"
            value={survey.coveredBy}
            field="coveredBy"
            actions={actions}
          />
          <Line
            label="Covered on"
            name="Day it is covered"
            value={survey.coveredOn ?? ''}
            field="coveredOn"
            type="date"
            actions={actions}
          />
        </>
      )}
      {survey.visibility !== 'seen' && (
        <p className="text-small text-quiet">
          Painted before it is covered; at most Work unless a level is typed.
        </p>
      )}
    </Part>
  );
}

function Seams({ panel, choice, actions }: TogetherProps) {
  const survey = panel.survey ?? blankSurvey(panel.part.key);
  const seamM = panel.part.seamM + (survey.seamInsideM ?? 0);
  const primable = primableFrom(survey.sealedOn);
  return (
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
      <Line
        label="Sealant"
        name="Sealant in seams"
        value={survey.sealant}
        field="sealant"
        actions={actions}
      />
      <Fact label="At a 6 mm bead">{counted(sealantCartridges(seamM, panel.cartridgeMl), 'cartridge')}</Fact>
      {survey.seams === 'sealed' && (
        <Line
          label="Sealed on"
          name="Day the seams were sealed"
          value={survey.sealedOn ?? ''}
          field="sealedOn"
          type="date"
          actions={actions}
        />
      )}
      {primable && <Fact label="Prime from">{date(primable)}, or as its sheet says</Fact>}
    </Part>
  );
}

function Notes({ panel, choice, actions }: TogetherProps) {
  const survey = panel.survey ?? blankSurvey(panel.part.key);
  return (
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
      {survey.reference && <SpotColour panel={panel} actions={actions} />}
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
  );
}

/** The colour of the spot that is not to be stripped, typed or read. */
function SpotColour({ panel, actions }: Pick<TogetherProps, 'panel' | 'actions'>) {
  const live = useOpen('survey');
  const colour = panel.survey?.referenceColour ?? null;
  const read = () => {
    const reader = simulatedColourReader();
    actions.set({ referenceColour: { ...reader.read(panel.part.key), source: 'simulated' } });
  };
  return (
    <>
      <Fact label="Read as">
        {colour
          ? `L* ${colour.l.toFixed(1)} a* ${colour.a.toFixed(1)} b* ${colour.b.toFixed(1)}, ${colour.source}`
          : 'not yet: read and photograph it before the panel is touched'}
      </Fact>
      <EntryForm
        deed="survey"
        className="flex flex-wrap gap-1 py-1"
        start={{ l: '', a: '', b: '' }}
        send={(typed) => {
          const [l, a, b] = [typed.l, typed.a, typed.b].map(typedFigure);
          actions.set({ referenceColour: { l: l!, a: a!, b: b!, source: 'typed' } });
          return null;
        }}
      >
        {(form) => (
          <>
            {(['l', 'a', 'b'] as const).map((name) => (
              <Figure
                key={name}
                form={form}
                name={name}
                label={`${name === 'l' ? 'L' : name}* of the reference spot`}
                placeholder={`${name === 'l' ? 'L' : name}*`}
                className="w-16"
                required
              />
            ))}
            <Button type="submit">Keep</Button>
          </>
        )}
      </EntryForm>
      <button type="button" disabled={!live} onClick={read} className="pb-1 text-small underline">
        Read with the simulated colour reader (measures nothing)
      </button>
    </>
  );
}

/** A field of the survey that is a line of text, or a day. */
function Line({
  label,
  name,
  value,
  field,
  type = 'text',
  actions,
}: {
  label: string;
  name: string;
  value: string;
  field: 'coveredBy' | 'coveredOn' | 'sealant' | 'sealedOn';
  type?: 'text' | 'date';
  actions: SurveyActions;
}) {
  return (
    <Fact label={label}>
      <EditText
        label={name}
        quiet
        type={type}
        className={type === 'date' ? 'w-36' : 'w-40'}
        value={value}
        toEdit={(text) => actions.toEdit({ [field]: type === 'date' ? text || null : text })}
      />
    </Fact>
  );
}
