'use client';

import type { LoudHours, Site } from '@/core/shop';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { clock } from '../words/format';
import type { Shop } from './shop-props';
import { wallTime } from '@/core/units';
import { minuteOf, timeFault } from '../frame/wall-clock';
import { useOpen } from '../frame/who';

const workday: LoudHours = { fromMin: 480, toMin: 1080, weekends: false };
const nowhere: Site = { latitudeDeg: 50, longitudeDeg: 0 };

/** When loud work may be done, and where the shop stands, for the light of outdoor places. */
export function WorkLimits({ shop, seen }: { shop: Shop; seen: number }) {
  const live = useOpen('shop');
  const { save } = useSaving();
  const { loudHours, site, daylight } = shop;
  const setLoud = (set: LoudHours | null) => ({ kind: 'shop' as const, seen, set: { loudHours: set } });
  const setSite = (set: Site | null) => ({ kind: 'shop' as const, seen, set: { site: set } });
  const hour = (label: string, key: 'fromMin' | 'toMin', loud: LoudHours) => (
    <EditText
      label={label}
      quiet={true}
      className="w-16"
      value={wallTime(loud[key])}
      check={timeFault}
      toEdit={(text) => setLoud({ ...loud, [key]: minuteOf(text) })}
    />
  );
  const degrees = (label: string, key: keyof Site, at: Site) => (
    <EditText
      label={label}
      quiet={true}
      type="number"
      step="any"
      unit="°"
      value={String(at[key])}
      toEdit={(text) => setSite({ ...at, [key]: Number(text) })}
    />
  );
  return (
    <Part title="Noise and light">
      {loudHours ? (
        <>
          <Fact label="Loud work">
            {hour('Loud work from', 'fromMin', loudHours)} to {hour('Loud work until', 'toMin', loudHours)}
          </Fact>
          <label className="flex items-center gap-2 py-1">
            <input
              type="checkbox"
              disabled={!live}
              checked={loudHours.weekends}
              onChange={(event) => void save(setLoud({ ...loudHours, weekends: event.target.checked }))}
            />
            on Saturdays and Sundays too
          </label>
          <Button disabled={!live} onClick={() => void save(setLoud(null))}>
            Loud at any hour
          </Button>
        </>
      ) : (
        <Button disabled={!live} onClick={() => void save(setLoud(workday))}>
          Limit loud work
        </Button>
      )}
      {site ? (
        <>
          <Fact label="Latitude, north">{degrees('Latitude', 'latitudeDeg', site)}</Fact>
          <Fact label="Longitude, east">{degrees('Longitude', 'longitudeDeg', site)}</Fact>
          <Fact label="Light today">
            {daylight ? `${clock(daylight.from, shop)}–${clock(daylight.to, shop)}` : 'the sun does not rise'}
          </Fact>
          <Button disabled={!live} onClick={() => void save(setSite(null))}>
            Forget where
          </Button>
        </>
      ) : (
        <div className="pt-2">
          <Button disabled={!live} onClick={() => void save(setSite(nowhere))}>
            Say where the shop stands
          </Button>
        </div>
      )}
      <p className="pt-1 text-small text-quiet">
        Work marked loud waits for these hours; places marked outdoors are worked in from sunrise to sunset.
        Local rules come first.
      </p>
    </Part>
  );
}
