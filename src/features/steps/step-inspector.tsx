'use client';

import type { ReactNode } from 'react';
import type { PlannedStep } from '@/core/plan';
import { cautions, deference } from '@/core/safety';
import { kitWords } from '@/core/stores';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { amount, area, hours, micrometres, moment, span, type Locale } from '../words/format';
import { CraftOfStep } from './step-craft';
import type { StepCraft } from './step-craft-props';
import { SpreadFacts } from './spread-facts';
import { StepByHand } from './step-by-hand';
import type { StepsRoomProps } from './steps-props';
import {
  figureSentence,
  reasonSentence,
  waitingSentence,
  whySentence,
  type Names,
} from '../words/step-words';
import { counted } from '../words/counted';

export interface StepInspectorProps {
  step: PlannedStep;
  names: Names;
  locale: Locale;
  resourceNames: Record<string, string>;
  job: string;
  /** Row version of what was changed by hand; null where nothing was; left out where it cannot be changed. */
  editSeen?: number | null;
  /** Protective kit it uses up, with what is on the shelf. */
  kit?: StepsRoomProps['kit'][string];
  /** What it asks of the hand. */
  craft?: StepCraft;
  /** What else one may do with the step here. */
  children?: ReactNode;
}

const stateWords = { done: 'done', running: 'running', planned: 'planned' };

/** One step: when and by whom, why it is there, why not earlier, where its minutes come from, what to beware of. */
export function StepInspector(props: StepInspectorProps) {
  const { step, names, locale, resourceNames, job, editSeen, children, kit = [], craft } = props;
  const who = step.uses.map((id) => resourceNames[id] ?? id);
  return (
    <InspectorPanel title={step.name} subtitle={`${job} · ${step.subject} · ${stateWords[step.state]}`}>
      <Part title="When and who">
        <Fact label="Starts">{moment(step.start, locale)}</Fact>
        <Fact label="Ends">{moment(step.end, locale)}</Fact>
        <Fact label="With">{who.join(', ') || 'nobody'}</Fact>
        {step.shares.length > 0 && (
          <>
            <p className="text-small text-quiet">Shared out by panels:</p>
            <ul className="tabular-nums">
              {step.shares.map(({ person, start, end }, i) => (
                <li key={i} className="flex justify-between gap-3">
                  <span>{resourceNames[person] ?? person}</span>
                  <span>
                    {moment(start, locale)} to {moment(end, locale)}
                  </span>
                </li>
              ))}
            </ul>
          </>
        )}
      </Part>
      {step.heldBy.length > 0 && (
        <Notice grade="stop">Planned, not booked: waits for {step.heldBy.join(', ')}</Notice>
      )}
      {editSeen !== undefined && (
        <StepByHand key={step.key} job={job} step={step} seen={editSeen} timeZone={locale.timeZone} />
      )}
      {children}
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
      {step.leadsTo.length > 0 && (
        <Part title="What waits for it">
          {step.leadsTo.map(({ step: later, why }, i) => (
            <p key={i}>{waitingSentence(names.step(later), why, names)}</p>
          ))}
        </Part>
      )}
      <Part title="Minutes">
        <Fact label={step.crew > 0 ? counted(step.crew, 'person') : 'unattended'}>
          {step.kind === 'passive' ? span(step.minutes) : `${hours(step.personMinutes)} person-hours`}
        </Fact>
        {step.kind !== 'passive' && <p className="text-small text-quiet">{figureSentence(step)}</p>}
        {step.usedMin > 0 && <Fact label="Logged">{hours(step.usedMin)} h</Fact>}
      </Part>
      {step.spread && <SpreadFacts spread={step.spread} name={names.product(step.spread.product)} />}
      <Materials step={step} names={names} />
      <Kit step={step} kit={kit} names={names} />
      {step.checks.length > 0 && (
        <Part title="See to">
          <ul className="list-disc pl-5">
            {step.checks.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </Part>
      )}
      {craft && <CraftOfStep craft={craft} locale={locale} productName={names.product} />}
      {step.inspection && (
        <Part title="How to look">
          <p>
            {step.inspection.light}, at {step.inspection.angleDeg}°
            {step.inspection.secondPerson ? ', with a second person' : ''}
          </p>
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

/** What the step lays and uses up. */
function Materials({ step, names }: { step: PlannedStep; names: Names }) {
  return (
    (step.coat || step.needs.length > 0) && (
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
    )
  );
}

/** What each person wears, with what of it is on the shelf. */
function Kit({
  step,
  kit,
  names,
}: {
  step: PlannedStep;
  kit: { product: string; amount: number; onHand: number }[];
  names: Names;
}) {
  return (
    kitWords(step).length > 0 &&
    step.crew > 0 && (
      <Part title={`Each of ${step.crew} wears`}>
        {kitWords(step).map((words) => (
          <p key={words}>{words}</p>
        ))}
        {kit.map((need) => (
          <Fact key={need.product} label={names.product(need.product)}>
            {need.amount.toFixed(1)}, {need.onHand} on the shelf
            {need.onHand < need.amount && <span className="text-stop"> too few</span>}
          </Fact>
        ))}
      </Part>
    )
  );
}
