/** A colour reader as the survey uses it: one spot at a time, CIE L*a*b* (D65, 10°). */
export interface ColourReader {
  name: string;
  /** True for a stand-in: whatever shows its readings says so. */
  simulated: boolean;
  read(part: string): { l: number; a: number; b: number };
}

/** A stand-in for a reader that is not there: the same figures for the same panel. It measures nothing. */
export const simulatedColourReader = (): ColourReader => ({
  name: 'Simulated colour reader',
  simulated: true,
  read: (part) => {
    const hash = [...part].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 997, 11);
    return { l: 30 + (hash % 40), a: (hash % 37) - 18, b: (hash % 53) - 20 };
  },
});
