'use client';

import type { CoatingSheet } from '@/core/film';
import type { LoggedAir } from '@/core/record';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { OwnPhotos } from '../frame/own-photos';
import { AirNow } from './air-now';
import type { BoothProps, BoothSession, SessionCoat } from './booth-props';
import { SprayCautions } from './spray-cautions';
import { useOpen } from '../frame/who';

/** What every tap at the window carries with it. */
export interface Tap {
  who: string;
  batch: string;
  wetUm: string;
  /** Wall-clock time of a coat that is written down later; empty for now. */
  trueTime: string;
  air: LoggedAir;
}

/** Beside the panels: the air with its go or no-go, who sprays, from which batch, and the cautions. */
export function WindowInspector({
  job,
  session,
  coat,
  people,
  sheet,
  tap,
  onChange,
}: {
  job: string;
  session: BoothSession;
  coat: SessionCoat;
  people: BoothProps['people'];
  sheet: CoatingSheet | null;
  tap: Tap;
  onChange(tap: Tap): void;
}) {
  const live = useOpen('log');
  const set = (given: Partial<Tap>) => onChange({ ...tap, ...given });
  return (
    <InspectorPanel title="At the window" subtitle={session.subject}>
      <Part title="Air, kept with each coat">
        <AirNow air={tap.air} sheet={sheet} place={session.key} onChange={(air) => set({ air })} />
      </Part>
      <Part title="Coat">
        <Fact label="Who">
          <select
            aria-label="Who sprays"
            value={tap.who}
            disabled={!live}
            onChange={(event) => set({ who: event.target.value })}
          >
            {people.map((person) => (
              <option key={person.id} value={person.id}>
                {person.name}
                {person.paints ? '' : ' (no painter)'}
              </option>
            ))}
          </select>
        </Fact>
        <Fact label="Batch">
          <input
            aria-label="Batch on the tin"
            list="booth-batches"
            className="w-28"
            maxLength={60}
            disabled={!live}
            value={tap.batch}
            placeholder={coat.batches[0] ?? ''}
            onChange={(event) => set({ batch: event.target.value })}
          />
          <datalist id="booth-batches">
            {coat.batches.map((one) => (
              <option key={one} value={one} />
            ))}
          </datalist>
        </Fact>
        <Fact label="Wet film">
          <input
            aria-label="Wet film by comb, µm"
            inputMode="decimal"
            className="w-18 text-right"
            disabled={!live}
            value={tap.wetUm}
            onChange={(event) => set({ wetUm: event.target.value })}
          />{' '}
          µm
        </Fact>
        <Fact label="Time, if earlier today">
          <input
            aria-label="Time of the coat, if it was earlier today"
            type="time"
            disabled={!live}
            value={tap.trueTime}
            onChange={(event) => set({ trueTime: event.target.value })}
          />
        </Fact>
      </Part>
      <Part title="Photos of this coat">
        <OwnPhotos
          job={job}
          kind="step"
          id={coat.step}
          of={`coat ${coat.nth} of ${coat.name}`}
          tag="work"
          coat={coat.nth}
        />
      </Part>
      <SprayCautions />
    </InspectorPanel>
  );
}
