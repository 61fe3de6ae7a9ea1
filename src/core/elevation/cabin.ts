import { boundsOf, edgesOf, type Point } from '../geometry';
import type { Strip, StripPanel } from '../scheme';
import type { Body } from './body';

/** Panels on top that stand further apart than this have glass or an open body between them, m. */
const gapM = 0.2;
/** Glass rises by so much at least; what is flatter is open, m. */
export const glassRiseM = 0.12;

/** A body with a cabin over its waist: bonnet, glass, roof, as its side profile has them. */
export interface Cabin {
  body: Body;
  sides: readonly [left: Strip, right: Strip];
  top: Strip;
  /** Panels of the top from the front to the rear. */
  tops: readonly StripPanel[];
  bodyM: number;
  clearM: number;
  /** Height of the body over the ground at a distance from its front end, m. */
  heightAt(u: number): number;
  /** The same along the measures of the top. */
  along(u: number): number;
}

/** @returns null where the top is closed from end to end, as that of a coach is */
export function cabinOf(body: Body, clearM: number): Cabin | null {
  const [left, right, top] = [body.strip('left'), body.strip('right'), body.strip('top')];
  if (!left || !right || !top) return null;
  const tops = [...top.panels].sort((a, b) => frontOf(a) - frontOf(b));
  if (!tops.some((panel, i) => i > 0 && frontOf(panel) - rearOf(tops[i - 1]!) > gapM)) return null;
  const ends = [body.strip('front'), body.strip('rear')].map((strip) => strip?.lengthM ?? 0);
  const profile = left.panels.flatMap(({ figure }) => edgesOf(figure.outline));
  const heightAt = (u: number) => clearM + highest(profile, u);
  const along = (u: number) => left.fromLayout(top.toLayout([u, 0]))[0];
  const bodyM = Math.max(top.heightM, ...ends);
  return { body, sides: [left, right], top, tops, bodyM, clearM, heightAt, along };
}

const uOf = ({ figure }: StripPanel): number[] => figure.outline.map(([u]) => u);
export const frontOf = (panel: StripPanel): number => Math.min(...uOf(panel));
export const rearOf = (panel: StripPanel): number => Math.max(...uOf(panel));
export const acrossOf = ({ figure }: StripPanel): [number, number] => {
  const { top, bottom } = boundsOf(figure.outline);
  return [top, bottom];
};

/** How high a profile reaches at a place. */
function highest(profile: readonly (readonly [Point, Point])[], u: number): number {
  const crossed = profile.flatMap(([[u0, v0], [u1, v1]]) => {
    if (Math.min(u0, u1) > u || Math.max(u0, u1) < u) return [];
    return [u0 === u1 ? Math.max(v0, v1) : v0 + ((v1 - v0) * (u - u0)) / (u1 - u0)];
  });
  return Math.max(0, ...crossed);
}

export const roofOf = ({ tops, heightAt, along }: Cabin): StripPanel => {
  const height = (panel: StripPanel) => heightAt(along((frontOf(panel) + rearOf(panel)) / 2));
  return tops.reduce((best, one) => (height(one) > height(best) ? one : best));
};
