'use client';

import { basesOf } from '@/core/record';
import { Printer } from 'lucide-react';
import { cautions, deference } from '@/core/safety';
import { kitWords } from '@/core/stores';
import { Button } from '@/ui/button';
import { Room } from '@/ui/layout';
import { hours, moment, span } from '../words/format';
import { namesOf } from '../words/names';
import { reasonSentence } from '../words/step-words';
import type { StepsRoomProps } from './steps-props';

/** The work of each section in its order, on paper: what, how long, with what, why, and what to beware of. */
export function MethodStatement({ title, props }: { title: string; props: StepsRoomProps }) {
  const { steps, sections, productNames, locale } = props;
  const names = namesOf({ steps }, sections, (code) => productNames[code] ?? code);
  const worked = steps.filter((step) => step.minutes > 0 || step.skipped).sort((a, b) => a.start - b.start);
  return (
    <Room
      title={`Method statement of ${title}`}
      aside={
        <Button className="no-print" onClick={() => window.print()}>
          <Printer size={14} aria-hidden="true" className="mr-1 inline" />
          Print
        </Button>
      }
    >
      {sections.map((section) => {
        const own = worked.filter((step) => basesOf(step).includes(section.key));
        const codes = [...new Set(own.flatMap((step) => step.cautions))];
        return (
          <section key={section.key} className="pb-6">
            <h2 className="border-b-2 border-strong pb-1 text-lead font-semibold">{section.name}</h2>
            <ol className="list-decimal pl-8">
              {own.map((step) => (
                <li key={step.key} className="break-inside-avoid py-1">
                  <span className={step.skipped ? 'line-through' : 'font-semibold'}>{step.name}</span>
                  {step.skipped && ', left out by hand'}
                  {!step.skipped && (
                    <span className="text-quiet">
                      {' '}
                      · {moment(step.start, locale)} ·{' '}
                      {step.crew > 0
                        ? `${hours(step.personMinutes)} h, ${step.crew} at it`
                        : span(step.minutes)}
                      {basesOf(step).length > 1 && ` · with ${basesOf(step).length - 1} more`}
                    </span>
                  )}
                  {step.because[0] && <p>{reasonSentence(step.because[0], names)}</p>}
                  {step.checks.length > 0 && <p className="text-small">See to: {step.checks.join('; ')}.</p>}
                  {step.inspection && (
                    <p className="text-small">
                      Look: {step.inspection.light} at {step.inspection.angleDeg}°
                      {step.inspection.secondPerson && ', with a second person'}.
                    </p>
                  )}
                  {step.note && <p className="font-semibold">Note: {step.note}</p>}
                  {step.needs.length > 0 && (
                    <p className="text-small text-quiet">
                      {step.needs
                        .map((need) => `${names.product(need.product)} ${need.amount.toFixed(1)}`)
                        .join('; ')}
                    </p>
                  )}
                  {kitWords(step).length > 0 && step.crew > 0 && (
                    <p className="text-small">Each wears: {kitWords(step).join('; ')}.</p>
                  )}
                </li>
              ))}
            </ol>
            <div className="break-inside-avoid pt-2 text-small">
              {codes.map((code) => (
                <p key={code}>{cautions[code]}</p>
              ))}
            </div>
          </section>
        );
      })}
      <p className="text-quiet">{deference}</p>
    </Room>
  );
}
