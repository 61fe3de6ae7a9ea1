import { dewPointC, type ClimateReading } from '@/core/film';
import { Fact } from '@/ui/facts';
import { useLive } from '@/ui/use-live';

const fields = [
  ['airC', 'Air', '°C'],
  ['surfaceC', 'Surface', '°C'],
  ['humidity', 'Humidity', '%'],
] as const;

/** Air, surface and humidity as somebody types them, with the dew point they make. `look` sets the size of the fields. */
export function AirFields({
  air,
  look,
  onChange,
}: {
  air: ClimateReading;
  look: string;
  onChange(air: ClimateReading): void;
}) {
  const live = useLive();
  const { airC, surfaceC, humidity } = air;
  return (
    <>
      {fields.map(([key, label, unit]) => (
        <Fact key={key} label={label}>
          <input
            type="number"
            step="0.5"
            aria-label={`${label}, ${unit}`}
            className={`text-right ${look}`}
            disabled={!live}
            value={air[key]}
            onChange={(event) => onChange({ airC, surfaceC, humidity, [key]: Number(event.target.value) })}
          />{' '}
          {unit}
        </Fact>
      ))}
      <Fact label="Dew point">
        {humidity > 0 ? `${dewPointC(airC, Math.min(100, humidity)).toFixed(1)} °C` : '–'}
      </Fact>
    </>
  );
}
