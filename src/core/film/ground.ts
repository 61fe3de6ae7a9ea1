import type { Family } from './family';

/** Lightness L* (CIE 1976, D65) of an sRGB colour `#rrggbb`, 0 black … 100 white (IEC 61966-2-1). */
export function lightnessOf(hex: string): number {
  const linear = [1, 3, 5].map((at) => {
    const value = parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  });
  const y = 0.2126 * linear[0]! + 0.7152 * linear[1]! + 0.0722 * linear[2]!;
  return y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (24389 / 27) * y;
}

/** How well a kind of colour covers what is under it. */
const covers: Partial<Record<Family, 'well' | 'poorly' | 'never'>> = {
  base: 'well',
  'single-stage': 'well',
  'waterborne-base': 'well',
  'one-part': 'well',
  'two-part-marine': 'well',
  'effect-base': 'poorly',
  candy: 'never',
  flake: 'never',
};

export interface GroundAdvice {
  covers: 'well' | 'poorly' | 'never';
  /** Coats over a ground of its own lightness. */
  coats: number;
  /** Further coats where it goes over a strip of the other lightness; 0 where it hides it anyway. */
  extraOverOther: number;
  /** Lightness of the sealer that asks least of the colour, L*. */
  sealerL: number;
  sealer: 'white' | 'light grey' | 'mid grey' | 'dark grey';
}

const greys = [
  { above: 80, sealer: 'white', l: 92 },
  { above: 60, sealer: 'light grey', l: 70 },
  { above: 35, sealer: 'mid grey', l: 50 },
  { above: -1, sealer: 'dark grey', l: 25 },
] as const;
/** A difference that shows through a colour that covers poorly, and through one that covers well. */
const showsAt = { well: 45, poorly: 12, never: 0 };

/**
 * Ground and sealer for a colour, from its kind and lightness: the sealer nearest to it, and further coats where it goes
 * over something far lighter or darker. A working rule until spectra are known; a sprayed card decides.
 * @param underL lightness of what it would go over, L*; null for the proposed sealer
 */
export function groundAdvice(family: Family, colourHex: string, underL: number | null): GroundAdvice | null {
  const how = covers[family];
  if (!how) return null;
  const l = lightnessOf(colourHex);
  const grey = greys.find((one) => l > one.above)!;
  const coats = how === 'well' ? 2 : how === 'poorly' ? 3 : 4;
  const gap = Math.abs(l - (underL ?? grey.l));
  const extra = how === 'never' ? 0 : Math.ceil(Math.max(0, gap - showsAt[how]) / 25);
  return { covers: how, coats, extraOverOther: extra, sealerL: grey.l, sealer: grey.sealer };
}
