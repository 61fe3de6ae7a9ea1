'use client';

import {
  blankSurvey,
  leadTests,
  patchResults,
  solventTests,
  underKinds,
  type PartSurvey,
  type UnderKind,
} from '@/core/record';
import { bakeLimitC, incompatibilities } from '@/core/survey';
import { substrates } from '@/core/vehicle';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { EditChoice, EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { incompatibilitySentence } from '../words/survey-words';
import { PanelTogether } from './panel-together';
import type { SurveyActions } from './survey-actions';
import type { PanelShown, SectionShown } from './walkaround-props';
import { useOpen } from '../frame/who';

const words = (value: string) => value.replace(/-/g, ' ');
const choices = (values: readonly string[], none?: string) => [
  ...(none ? [{ value: '', text: none }] : []),
  ...values.map((value) => ({ value, text: words(value) })),
];

const bakeWords = (limitC: number | null) =>
  limitC === null ? 'as the paint’s sheet says' : limitC === 0 ? 'none without the engineer' : `${limitC} °C`;

/** What was tried on this panel and what came of it. */
function TestsBeneath({
  choice,
  survey,
  actions,
}: {
  choice(
    label: string,
    value: string,
    list: { value: string; text: string }[],
    set: (text: string) => object,
  ): ReactNode;
  survey: PartSurvey;
  actions: SurveyActions;
}) {
  return (
    <>
      {choice('Replaced panel', survey.replaced ? 'yes' : 'no', choices(['no', 'yes']), (text) => ({
        replaced: text === 'yes',
      }))}
      {choice('Solvent test', survey.solventTest, choices(solventTests), (text) => ({ solventTest: text }))}
      {choice('Lead and chromate', survey.leadTest, choices(leadTests), (text) => ({ leadTest: text }))}
      <Fact label="Tested on">
        <EditText
          label="Day of the test"
          quiet
          type="date"
          className="w-36"
          value={survey.testedOn ?? ''}
          toEdit={(text) => actions.toEdit({ testedOn: text || null })}
        />
      </Fact>
      {choice('Test patch', survey.patch, choices(patchResults), (text) => ({ patch: text }))}
      <Fact label="Patch laid with">
        <EditText
          label="What the test patch was laid with"
          quiet
          className="w-40"
          value={survey.patchOver}
          toEdit={(text) => actions.toEdit({ patchOver: text })}
        />
      </Fact>
    </>
  );
}

/** What is under the top layer, what was tested, who will see it, and how that suits the new system. */
export function PanelBeneath({
  panel,
  section,
  actions,
}: {
  panel: PanelShown;
  section: SectionShown;
  actions: SurveyActions;
}) {
  const survey = panel.survey ?? blankSurvey(panel.part.key);
  const choice = (
    label: string,
    value: string,
    list: { value: string; text: string }[],
    set: (text: string) => object,
  ) => (
    <Fact label={label}>
      <EditChoice
        label={`${label} of the selection`}
        quiet
        value={value}
        choices={list}
        className="w-40"
        toEdit={(text) => actions.toEdit(set(text))}
      />
    </Fact>
  );
  const clashes = incompatibilities(survey.depth ?? section.depth, section.oldFinish, survey, section.system);
  return (
    <>
      <Part title="Beneath the top layer">
        {choice(
          'Substrate',
          survey.substrate ?? '',
          choices(substrates, `as section (${section.substrate})`),
          (text) => ({
            substrate: text || null,
          }),
        )}
        {survey.under.map((layer, i) => (
          <BeneathLayer key={`${layer.kind}${i}`} layer={layer} i={i} actions={actions} survey={survey} />
        ))}
        {choice('Add a layer', '', choices(underKinds, 'from the metal up'), (text) => ({
          under: [...survey.under, { kind: text as UnderKind, um: null, year: null, sound: true }],
        }))}
        <TestsBeneath choice={choice} survey={survey} actions={actions} />
        <Fact label="Sheet">
          <EditText
            label="Thickness of the sheet"
            quiet
            type="number"
            step="any"
            className="w-16"
            unit="mm"
            value={survey.sheetMm === null ? '' : String(survey.sheetMm)}
            toEdit={(text) => actions.toEdit({ sheetMm: text === '' ? null : Number(text) })}
          />
        </Fact>
        <Fact label="Hottest bake">
          {bakeWords(bakeLimitC(survey.substrate ?? section.substrate, survey))}
        </Fact>
        {clashes.map((clash) => (
          <Notice key={`${clash.beneath}${clash.code}`} grade={clash.grade}>
            {incompatibilitySentence(clash)}
          </Notice>
        ))}
      </Part>
      <PanelTogether panel={panel} choice={choice} actions={actions} />
    </>
  );
}

/** One layer beneath the top one: how thick, from which year, whether it is sound. */
function BeneathLayer({
  layer,
  i,
  actions,
  survey,
}: {
  layer: PartSurvey['under'][number];
  i: number;
  actions: SurveyActions;
  survey: PartSurvey;
}) {
  const { save } = useSaving();
  const open = useOpen('survey');
  return (
    <div className="flex items-center justify-between gap-2 py-[2px]">
      <span>{words(layer.kind)}</span>
      <span className="flex items-center gap-2">
        {(['um', 'year'] as const).map((field) => (
          <EditText
            key={field}
            label={`${field === 'um' ? 'Thickness in µm' : 'Year'} of ${words(layer.kind)}`}
            quiet
            type="number"
            className={field === 'year' ? 'w-18' : 'w-16'}
            unit={field === 'um' ? 'µm' : undefined}
            value={layer[field] === null ? '' : String(layer[field])}
            toEdit={(text) =>
              actions.toEdit({
                under: survey.under.map((one, j) =>
                  j === i ? { ...one, [field]: text === '' ? null : Number(text) } : one,
                ),
              })
            }
          />
        ))}
        <label className="flex items-center gap-1">
          <input
            type="checkbox"
            checked={layer.sound}
            disabled={!open}
            onChange={(event) =>
              void save(
                actions.toEdit({
                  under: survey.under.map((one, j) =>
                    j === i ? { ...one, sound: event.target.checked } : one,
                  ),
                }),
              )
            }
          />
          sound
        </label>
        {open && (
          <button
            type="button"
            aria-label={`Remove ${words(layer.kind)}`}
            onClick={() => void save(actions.toEdit({ under: survey.under.filter((_, j) => j !== i) }))}
          >
            <X size={14} aria-hidden="true" />
          </button>
        )}
      </span>
    </div>
  );
}
