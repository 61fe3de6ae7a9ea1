'use client';

import { useState } from 'react';
import {
  climateStops,
  closingAt,
  speedFor,
  waitingAt,
  withinLimits,
  type ClimateReading,
  type CoatingSheet,
} from '@/core/film';
import { simulatedClimateProbe } from '@/devices/climate-probe';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { useLive } from '@/ui/use-live';
import { AirFields } from '../frame/air-fields';
import { span } from '../words/format';
import { climateSentence } from '../words/film-words';
import type { FilmSection } from './film-props';

/** Every time of the section's products at the air one types or reads, and whether they may be applied in it. */
export function ClimatePanel({ section, boothC }: { section: FilmSection; boothC: number }) {
  const live = useLive();
  const [air, setAir] = useState<ClimateReading>({ airC: boothC, surfaceC: boothC - 1, humidity: 50 });
  const [simulated, setSimulated] = useState(false);
  const typed = (reading: ClimateReading) => {
    setSimulated(false);
    setAir(reading);
  };
  return (
    <>
      <Part title="Air">
        <AirFields air={air} look="w-18" onChange={typed} />
        <Fact label="Reducer and hardener">{speedFor(air.airC, section.areaM2)}</Fact>
        <div className="flex gap-1 pt-1">
          <Button disabled={!live} onClick={() => setAir({ airC: 12, surfaceC: 11, humidity: air.humidity })}>
            What if 12 °C
          </Button>
          <Button
            disabled={!live}
            onClick={() => {
              setAir(simulatedClimateProbe().read(section.key));
              setSimulated(true);
            }}
          >
            Read probe
          </Button>
        </div>
        {simulated && <p className="text-small text-caution">Simulated probe: it measures nothing.</p>}
      </Part>
      {section.sheets.map((one) => (
        <Part key={one.role + one.product} title={one.name}>
          <Sheet sheet={one.sheet} air={air} />
        </Part>
      ))}
    </>
  );
}

function Sheet({ sheet, air }: { sheet: CoatingSheet; air: ClimateReading }) {
  const stops = climateStops(sheet, { ...air, humidity: Math.max(1, Math.min(100, air.humidity)) });
  const wait = (key: Parameters<typeof waitingAt>[1]) => {
    const minutes = waitingAt(sheet, key, air.airC);
    return minutes === null ? '–' : span(minutes);
  };
  const close = (key: Parameters<typeof closingAt>[1]) => {
    const minutes = closingAt(sheet, key, air.airC);
    return minutes === null ? (withinLimits(sheet, air.airC) ? 'never' : '–') : span(minutes);
  };
  const afterMax = { scuff: 'scuff', abrade: 'abrade', strip: 'strip', none: 'no way back' }[sheet.afterMax];
  return (
    <>
      {stops.length === 0 ? (
        <Notice grade="released">may be applied</Notice>
      ) : (
        <Notice grade="stop">{stops.map(climateSentence).join('; ')}</Notice>
      )}
      <Fact label="Flash">{wait('flashMin')}</Fact>
      <Fact label="Recoat">
        {wait('recoatMinMin')} to {close('recoatMaxMin')}
        {sheet.recoatMaxMin !== null && `, then ${afterMax}`}
      </Fact>
      <Fact label="Tape, handle after">
        {wait('tapeAfterMin')}, {wait('handleAfterMin')}
      </Fact>
      <Fact label="Sand after, cured">
        {wait('sandAfterMin')}, {wait('fullCureMin')}
      </Fact>
      <Fact label="Pot life">{close('potLifeMin')}</Fact>
    </>
  );
}
