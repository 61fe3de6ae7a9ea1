import { boundsOf } from '../geometry';
import type { StripPanel } from '../scheme';
import { acrossOf, frontOf, glassRiseM, rearOf, roofOf, type Cabin } from './cabin';
import type { ElevationShape } from './model';
import { plainShape, stripSeen } from './projected';

/** A body with a cabin from above: its sides outside, glass between the panels of its top. */
export function planOfCabin(cabin: Cabin): ElevationShape[] {
  const { body, top, bodyM, along } = cabin;
  const y = (v: number) => bodyM / 2 + top.heightM / 2 - v;
  const screens = screensOf(cabin, y);
  return [
    ...flanksOf(cabin),
    ...(screens.length > 0 ? windowsOf(cabin) : []),
    ...screens,
    ...stripSeen(top, body.pieces, ([u, v]) => [along(u), y(v)]),
  ];
}

const halfRoof = (cabin: Cabin): number => {
  const [from, to] = acrossOf(roofOf(cabin));
  return (to - from) / 2;
};

/** Panels of the sides below the waist, from beneath the roof outwards. */
function flanksOf(cabin: Cabin): ElevationShape[] {
  const { sides, tops, bodyM, clearM, heightAt, along } = cabin;
  const middle = bodyM / 2;
  const waist = heightAt(along(rearOf(tops[0]!)));
  return sides.flatMap((strip, nth) => {
    const side = nth === 0 ? 1 : -1;
    const isLow = ({ figure }: StripPanel) => boundsOf(figure.outline).top + clearM < waist - 0.1;
    const [inner, outer] = [middle + side * (halfRoof(cabin) - 0.02), middle + side * middle];
    return strip.panels.filter(isLow).map((one): ElevationShape => ({
      kind: 'panel',
      panel: one.part.key,
      colour: null,
      rings: [
        [
          [frontOf(one), inner],
          [rearOf(one), inner],
          [rearOf(one), outer],
          [frontOf(one), outer],
        ],
      ],
    }));
  });
}

/** Glass from the panels before and behind up to the roof, where that stands higher. */
function screensOf(cabin: Cabin, y: (v: number) => number): ElevationShape[] {
  const { tops, heightAt, along } = cabin;
  const roof = roofOf(cabin);
  const at = tops.indexOf(roof);
  const heightOf = (one: StripPanel) => heightAt(along((frontOf(one) + rearOf(one)) / 2));
  const screen = (low: StripPanel | undefined, from: (one: StripPanel) => number, to: number) => {
    if (!low || heightOf(roof) - heightOf(low) < glassRiseM) return [];
    const [[a0, a1], [r0, r1]] = [acrossOf(low), acrossOf(roof)];
    const [near, far] = [along(from(low)), along(to)];
    return [
      plainShape('glass', [
        [near, y(a0)],
        [near, y(a1)],
        [far, y(r1)],
        [far, y(r0)],
      ]),
    ];
  };
  return [...screen(tops[at - 1], rearOf, frontOf(roof)), ...screen(tops[at + 1], frontOf, rearOf(roof))];
}

/** The side windows lean inwards from the waist to the roof. */
function windowsOf(cabin: Cabin): ElevationShape[] {
  const { bodyM, along } = cabin;
  const roof = roofOf(cabin);
  const middle = bodyM / 2;
  const [from, to] = [along(frontOf(roof)), along(rearOf(roof))];
  return [-1, 1].map((side) => {
    const [inner, outer] = [middle + side * halfRoof(cabin), middle + side * middle * 0.93];
    return plainShape('glass', [
      [from, inner],
      [to, inner],
      [to + 0.15, outer],
      [from - 0.2, outer],
    ]);
  });
}
