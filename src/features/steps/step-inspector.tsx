'use client';

import type { PlannedStep } from '@/core/plan';
import { cautions, deference } from '@/core/safety';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { amount, area, hours, micrometres, moment, span, type Locale } from '../words/format';
import { figureSentence, reasonSentence, whySentence, type Names } from '../words/step-words';

export interface StepInspectorProps {
  step: PlannedStep;
  names: Names;
  locale: Locale;
  resourceNames: Record<string, string>;
  job: string;
}

const stateWords = { done: 'done', running: 'running', planned: 'planned' };

/** One step: when and by whom, why it is there, why not earlier, where its minutes come from, what to beware of. */
export function StepInspector({ step, names, locale, resourceNames, job }: StepInspectorProps) {
  const who = step.uses.map((id) => resourceNames[id] ?? id);
  return (
    <InspectorPanel title={step.name} subtitle={`${job} · ${step.subject} · ${stateWords[step.state]}`}>
      <Part title="When and who">
        <Fact label="Starts">{moment(step.start, locale)}</Fact>
        <Fact label="Ends">{moment(step.end, locale)}</Fact>
        <Fact label="With">{who.join(', ') || 'nobody'}</Fact>
      </Part>
      <Part title="Why it is there">
        {step.because.length === 0 && <p>The film needs the time.</p>}
        {step.because.map((reason, i) => (
          <p key={i}>{reasonSentence(reason, names)}</p>
        ))}
      </Part>
      <Part title="Why not earlier">
        {step.state !== 'planned' ? (
          <p>It has begun; the log says when.</p>
        ) : (
          <ol className="list-decimal pl-5">
            {step.whyNotEarlier.map((because, i) => (
              <li key={i}>{whySentence(because, names, locale)}</li>
            ))}
          </ol>
        )}
      </Part>
      <Part title="Minutes">
        <Fact label={step.crew > 0 ? `${step.crew} ${step.crew === 1 ? 'person' : 'people'}` : 'unattended'}>
          {step.kind === 'passive' ? span(step.minutes) : `${hours(step.personMinutes)} person-hours`}
        </Fact>
        {step.kind !== 'passive' && <p className="text-small text-quiet">{figureSentence(step)}</p>}
        {step.usedMin > 0 && <Fact label="Logged">{hours(step.usedMin)} h</Fact>}
      </Part>
      {(step.coat || step.needs.length > 0) && (
        <Part title="Materials">
          {step.coat && (
            <>
              <Fact label={names.product(step.coat.product)}>{amount(step.coat.litres, 'L')}</Fact>
              <Fact label="Dry film on area">
                {micrometres(step.coat.dryUm)} on {area(step.coat.areaM2)}
              </Fact>
            </>
          )}
          {step.needs.map((need) => (
            <Fact key={need.product} label={names.product(need.product)}>
              {need.amount.toFixed(1)}
            </Fact>
          ))}
        </Part>
      )}
      <Part title="Cautions">
        {step.cautions.map((code) => (
          <p key={code} className="pb-1">
            {cautions[code]}
          </p>
        ))}
        <p className="text-quiet">{deference}</p>
      </Part>
    </InspectorPanel>
  );
}
