/**
 * Dew point in °C by the Magnus formula (17.62, 243.12).
 * @param airC air temperature   @param humidity relative humidity, 0 < % ≤ 100
 */
export function dewPointC(airC: number, humidity: number): number {
  const term = Math.log(humidity / 100) + (17.62 * airC) / (243.12 + airC);
  return (243.12 * term) / (17.62 - term);
}

export interface ClimateReading {
  airC: number;
  surfaceC: number;
  humidity: number;
}

interface ClimateLimits {
  minAirC: number;
  maxAirC: number;
  minSurfaceC: number;
  maxHumidity: number;
  dewMarginC: number;
}

export type ClimateStop =
  | { code: 'air-cold' | 'air-hot'; airC: number; limitC: number }
  | { code: 'surface-cold'; surfaceC: number; limitC: number }
  | { code: 'humid'; humidity: number; limit: number }
  | { code: 'dew'; surfaceC: number; dewC: number; marginC: number };

/** Everything that forbids applying a product now; none means go. Surface ≥ dew point + margin (ISO 8502-4). */
export function climateStops(
  limits: ClimateLimits,
  { airC, surfaceC, humidity }: ClimateReading,
): ClimateStop[] {
  const stops: ClimateStop[] = [];
  if (airC < limits.minAirC) stops.push({ code: 'air-cold', airC, limitC: limits.minAirC });
  if (airC > limits.maxAirC) stops.push({ code: 'air-hot', airC, limitC: limits.maxAirC });
  if (surfaceC < limits.minSurfaceC)
    stops.push({ code: 'surface-cold', surfaceC, limitC: limits.minSurfaceC });
  if (humidity > limits.maxHumidity) stops.push({ code: 'humid', humidity, limit: limits.maxHumidity });
  const dewC = dewPointC(airC, humidity);
  if (surfaceC < dewC + limits.dewMarginC)
    stops.push({ code: 'dew', surfaceC, dewC, marginC: limits.dewMarginC });
  return stops;
}

export const speeds = ['fast', 'medium', 'slow', 'very slow'] as const;
export type Speed = (typeof speeds)[number];

/** From this area the wet edge of one painter wants the next slower reducer. */
const largeM2 = 20;

/**
 * Reducer and hardener speed by the air: fast below 18 °C, medium to 24, slow to 30, very slow above; a step slower on
 * areas over 20 m², so that the edge stays open. Working defaults; the sheet's own table comes first.
 */
export function speedFor(airC: number, areaM2: number): Speed {
  const byAir = airC < 18 ? 0 : airC <= 24 ? 1 : airC <= 30 ? 2 : 3;
  return speeds[Math.min(speeds.length - 1, byAir + (areaM2 > largeM2 ? 1 : 0))]!;
}
