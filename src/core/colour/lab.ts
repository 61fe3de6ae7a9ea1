import { differenceCiede2000, modeLab65, useMode as registerMode } from 'culori/fn';
import { white, xyzOf, type Spectrum, type Xyz } from './observer';

/** CIE 1976 L*a*b*, D65, 10°. */
export interface Lab {
  l: number;
  a: number;
  b: number;
}

const f = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);
const inverse = (t: number): number => (t > 6 / 29 ? t ** 3 : (116 * t - 16) / (24389 / 27));

/** L*a*b* from tristimulus values (ISO/CIE 11664-4), against the white of D65/10°. */
export function labOf({ x, y, z }: Xyz): Lab {
  const [fx, fy, fz] = [f(x / white.x), f(y / white.y), f(z / white.z)];
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}

export function xyzOfLab({ l, a, b }: Lab): Xyz {
  const fy = (l + 16) / 116;
  return {
    x: white.x * inverse(fy + a / 500),
    y: white.y * inverse(fy),
    z: white.z * inverse(fy - b / 200),
  };
}

export const labOfSpectrum = (reflectance: Spectrum): Lab => labOf(xyzOf(reflectance));

registerMode(modeLab65);
const ciede2000 = differenceCiede2000();

/** Colour difference ΔE00 (ISO/CIE 11664-6), by the colour library. */
export const deltaE00 = (one: Lab, other: Lab): number =>
  ciede2000({ mode: 'lab65', ...one }, { mode: 'lab65', ...other });

/**
 * L*a*b* of a screen colour `#rrggbb` (IEC 61966-2-1). A screen knows no spectrum and is made for the 2° observer: its
 * L*a*b* is taken as it is, so a colour is told by its look on the screen, not measured.
 */
export function labOfHex(hex: string): Lab {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const value = parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  const x = 0.4124564 * r + 0.3575761 * g + 0.1804375 * b;
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = 0.0193339 * r + 0.119192 * g + 0.9503041 * b;
  const [fx, fy, fz] = [f(x / 0.95047), f(y), f(z / 1.08883)];
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}
