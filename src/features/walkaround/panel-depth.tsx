'use client';

import { useAnswer } from '../frame/asking';
import { deference } from '@/core/safety';
import { blankSurvey, depths, stripMethods, type Depth, type StripMethodKey } from '@/core/record';
import type { DepthEstimate, StripEstimate } from '@/core/steps';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { EditChoice, EditText } from '../frame/edit-field';
import { hours, money, type Locale } from '../words/format';
import { stripMethodWords } from '../words/step-words';
import {
  adviceSentence,
  depthWords,
  refusalSentence,
  remarkSentence,
  unknownWords,
} from '../words/survey-words';
import type { SurveyActions } from './survey-actions';
import type { PanelShown, SectionShown } from './walkaround-props';
import { useOpen } from '../frame/who';

interface Props {
  job: string;
  panel: PanelShown;
  section: SectionShown;
  actions: SurveyActions;
  onAccept(): void;
  locale: Locale;
}

/** How far down to go: the advice with its facts, the manager's choice, and every method with what it costs or why not. */
export function PanelDepth({ job, panel, section, actions, onAccept, locale }: Props) {
  const live = useOpen('survey');
  const survey = panel.survey ?? blankSurvey(panel.part.key);
  const { advice } = panel;
  const chosen = survey.depth ?? section.depth;
  const advised: Depth = advice.depth === 'revive' ? 'scuff' : advice.depth;
  return (
    <>
      <Part title={`Advice: ${depthWords[advice.depth]}`}>
        <ul className="list-disc pl-5">
          {advice.because.map((reason, i) => (
            <li key={i}>
              {adviceSentence(reason)}
              {reason.pulls !== advice.depth && (
                <span className="text-quiet"> (asks only: {depthWords[reason.pulls]})</span>
              )}
            </li>
          ))}
        </ul>
        {advice.unknown.length > 0 && (
          <Notice grade="caution">{advice.unknown.map((one) => unknownWords[one]).join(', ')}</Notice>
        )}
        {survey.reference && <Notice grade="caution">do not strip: {survey.reference}</Notice>}
        <Button look="main" disabled={!live} onClick={onAccept} className="mt-1">
          Accept advice
        </Button>
      </Part>
      <Part title="Chosen">
        <Fact label="How far down">
          <EditChoice
            label="Depth of the selection"
            quiet
            className="w-44"
            value={survey.depth ?? ''}
            choices={[
              { value: '', text: `as section (${depthWords[section.depth]})` },
              ...depths.map((value) => ({ value, text: depthWords[value] })),
            ]}
            toEdit={(text) => actions.toEdit({ depth: (text || null) as Depth | null })}
          />
        </Fact>
        <Fact label="Goes its own way as">
          <EditText
            label="Part of the section that goes its own way"
            quiet
            className="w-44"
            value={survey.lot}
            check={(text) =>
              /^([A-Za-z0-9][A-Za-z0-9 ]{0,23})?$/.test(text) ? null : 'up to 24 letters, digits and blanks'
            }
            toEdit={(text) => actions.toEdit({ lot: text })}
          />
        </Fact>
        <Fact label="By">
          <EditChoice
            label="Method of the selection"
            quiet
            className="w-44"
            value={survey.method ?? ''}
            choices={[
              { value: '', text: 'the usual method' },
              ...stripMethods.map((value) => ({ value, text: stripMethodWords[value] })),
            ]}
            toEdit={(text) => actions.toEdit({ method: (text || null) as StripMethodKey | null })}
          />
        </Fact>
        <Fact label="Outside quote">
          <EditText
            label="Quote of an outside stripper for this panel"
            quiet
            type="number"
            step="any"
            className="w-24"
            unit={locale.currency}
            value={survey.outsideQuoteMinor === null ? '' : String(survey.outsideQuoteMinor / 100)}
            toEdit={(text) =>
              actions.toEdit({ outsideQuoteMinor: text === '' ? null : Math.round(Number(text) * 100) })
            }
          />
        </Fact>
        {chosen !== advised && (
          <p className="text-small text-quiet">
            Chosen otherwise than advised; say why in the note under Beneath.
          </p>
        )}
      </Part>
      <Methods seen={panel.surveySeen} job={job} part={panel.part.key} locale={locale} />
    </>
  );
}

const riskWords: Record<DepthEstimate['risk'], string> = {
  high: 'high risk',
  untested: 'untested',
  low: 'low risk',
};

function Methods({
  job,
  part,
  seen,
  locale,
}: {
  job: string;
  part: string;
  /** Version of the panel's survey, which the estimates go by. */
  seen: number | null;
  locale: Locale;
}) {
  const question = useAnswer<{ estimates: StripEstimate[]; depths: DepthEstimate[] }>(
    `/api/jobs/${job}/strip-methods?part=${encodeURIComponent(part)}`,
    [seen],
  );
  return (
    <Part title="Each depth on this panel">
      {question.isError && (
        <p className="text-quiet">The methods could not be read; choose the panel again.</p>
      )}
      {question.isPending && <p className="text-quiet">Reckoning …</p>}
      {question.data && (
        <>
          {question.data.depths.map((one) => (
            <Fact key={one.depth} label={depthWords[one.depth]}>
              {hours(one.personMinutes)} h, {money(one.costMinor, locale)};{' '}
              <span className={one.risk === 'high' ? 'font-semibold text-stop' : ''}>
                {riskWords[one.risk]}
              </span>
            </Fact>
          ))}
          <h4 className="pt-2 font-semibold">To bare, by method</h4>
          {question.data.estimates.map((one) => (
            <div key={one.method} className="py-1">
              <Fact
                label={
                  <span className={one.refusals.length > 0 ? 'line-through' : ''}>
                    {stripMethodWords[one.method]}
                  </span>
                }
              >
                {one.refusals.length > 0
                  ? one.refusals.map(refusalSentence).join('; ')
                  : `${hours(one.personMinutes)} h, ${money(one.materialsMinor, locale)}${one.quoted ? ' as quoted' : ''}; in all ${money(one.costMinor, locale)}`}
              </Fact>
              {one.refusals.length === 0 && (
                <p className="text-small text-quiet">
                  Leaves {one.leaves}.{one.remarks.map((remark) => ` ${remarkSentence(remark)}.`)}
                </p>
              )}
            </div>
          ))}
          <p className="text-small text-quiet">
            Sent out without a quote: the Shelf’s price per m². {deference}
          </p>
        </>
      )}
    </Part>
  );
}
