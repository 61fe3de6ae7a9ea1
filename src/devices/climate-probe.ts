/** A climate probe at the booth: air, surface and humidity at one moment. */
export interface ClimateProbe {
  name: string;
  /** True for a stand-in: whatever shows its readings says so. */
  simulated: boolean;
  read(place: string): { airC: number; surfaceC: number; humidity: number };
}

/** A stand-in for a probe that is not there: the same figures for the same place. It measures nothing. */
export const simulatedClimateProbe = (): ClimateProbe => ({
  name: 'Simulated climate probe',
  simulated: true,
  read: (place) => {
    const hash = [...place].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 991, 5);
    const airC = 17 + (hash % 9) / 2;
    return { airC, surfaceC: airC - 1 - (hash % 3) / 2, humidity: 45 + (hash % 30) };
  },
});
