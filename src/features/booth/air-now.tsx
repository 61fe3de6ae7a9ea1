'use client';

import { climateStops, type CoatingSheet } from '@/core/film';
import type { LoggedAir } from '@/core/record';
import { simulatedClimateProbe } from '@/devices/climate-probe';
import { Button } from '@/ui/button';
import { Notice } from '@/ui/notice';
import { useLive } from '@/ui/use-live';
import { AirFields } from '../frame/air-fields';
import { climateSentence } from '../words/film-words';

/** The air at the gun, typed or read, and whether the product may be laid in it; it is kept with every coat. */
export function AirNow({
  air,
  sheet,
  place,
  onChange,
}: {
  air: LoggedAir;
  sheet: CoatingSheet | null;
  place: string;
  onChange(air: LoggedAir): void;
}) {
  const live = useLive();
  const stops = sheet
    ? climateStops(sheet, { ...air, humidity: Math.max(1, Math.min(100, air.humidity)) })
    : [];
  return (
    <>
      <AirFields
        air={air}
        look="h-10 w-22 text-title"
        onChange={(typed) => onChange({ ...typed, simulated: false })}
      />
      <Button
        className="my-1 h-10 w-full"
        disabled={!live}
        onClick={() => onChange({ ...simulatedClimateProbe().read(place), simulated: true })}
      >
        Read the probe
      </Button>
      {air.simulated && <p className="text-small text-caution">Simulated probe: it measures nothing.</p>}
      {sheet &&
        (stops.length === 0 ? (
          <Notice grade="released">the sheet allows this air</Notice>
        ) : (
          <Notice grade="stop">{stops.map(climateSentence).join('; ')}</Notice>
        ))}
    </>
  );
}
