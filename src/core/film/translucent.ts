import { clampRgb, formatHex, useMode as registerMode, modeLab65, modeRgb } from 'culori/fn';
import {
  deltaE00,
  effectFilms,
  filmAtFull,
  filmOver,
  labOfHex,
  labOfSpectrum,
  insideOf,
  seenOf,
  smoothSpectrum,
  type Film,
  type Lab,
  type Spectrum,
} from '../colour';
import { groundSpectrum, type Ground } from './ground';

registerMode(modeRgb);
registerMode(modeLab65);

/** What a translucent layer may lie over: a grey or a colour that hides, or a film of effect pigment. */
export type TranslucentGround = Ground & { effect?: 'silver' | 'pearl' };

/** A translucent colour: its look on the screen is that of so many coats over its own ground. */
export interface TranslucentColour {
  hex: string;
  coatUm: number;
  /** Coats at which it has that look. */
  coatsForLook: number;
  ground: TranslucentGround;
}

export interface TranslucentLook {
  /** Screen colour of the stack. */
  hex: string;
  /** How far it is from the look that is wanted, ΔE00. */
  deltaE: number;
  /** Between 15 % more and 15 % less film: what the eye sees where the gun was held unevenly, ΔE00. */
  mottleDeltaE: number;
  /** One coat more, ΔE00. */
  coatDeltaE: number;
}

/** Film that is a seventh thicker or thinner is what a good painter lays beside his own mean. */
const unevenShare = 0.15;

const insideOfGround = ({ effect, l, hex }: TranslucentGround): Spectrum =>
  effect === undefined ? groundSpectrum({ l, hex }) : filmAtFull(effectFilms[effect]);

/**
 * The dye of a translucent colour, per µm: a film that only absorbs, `R = R_g·e^(−2KX)`, so that at its coats over its own
 * ground it has the look that is wanted. Where that look is lighter than the ground allows, nothing is absorbed.
 */
export function dyeOf({ hex, coatUm, coatsForLook, ground }: TranslucentColour): Film {
  const under = insideOfGround(ground);
  const um = coatUm * coatsForLook;
  const wanted = wantedOf(hex).map(insideOf);
  const k = wanted.map((inside, i) => Math.max(0, Math.log(under[i]! / inside) / (2 * um)));
  return { k, s: k.map(() => 0) };
}

/** A surface throws back four parts in a hundred by itself. */
const darkestSeen = 0.042;
const wantedOf = (hex: string): Spectrum =>
  smoothSpectrum(labOfHex(hex)).map((seen) => Math.max(darkestSeen, seen));

/**
 * The look of a translucent colour over a ground (docs/method.md, Colour): Kubelka–Munk without scattering, seen through
 * the surface. Dyes are made up from the screen colour: a sprayed card over that ground decides.
 */
export function lookOver(
  colour: TranslucentColour,
  ground: TranslucentGround,
  coats: number,
): TranslucentLook {
  const dye = dyeOf(colour);
  const under = insideOfGround(ground);
  const at = (um: number): Lab => labOfSpectrum(filmOver(dye, um, under).map(seenOf));
  const um = colour.coatUm * coats;
  const own = at(um);
  const wanted = labOfSpectrum(wantedOf(colour.hex));
  return {
    hex: formatHex(clampRgb({ mode: 'lab65', ...own })),
    deltaE: deltaE00(own, wanted),
    mottleDeltaE: deltaE00(at(um * (1 - unevenShare)), at(um * (1 + unevenShare))),
    coatDeltaE: deltaE00(own, at(um + colour.coatUm)),
  };
}
