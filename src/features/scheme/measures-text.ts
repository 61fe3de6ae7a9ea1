import type { Station } from '@/core/record';
import { typedFigure } from '@/core/units';

/** Stations as they are typed: one figure for all of it, or `0: 900; 7600: 850`, from the front end, mm. */
export const stationsText = (stations: readonly Station[]): string =>
  stations.length === 1
    ? String(stations[0]!.mm)
    : stations.map(({ atMm, mm }) => `${atMm}: ${mm}`).join('; ');

/** What is wrong with a list of stations; null where nothing is. */
export const stationsFault = (text: string): string | null =>
  stationsOf(text) === null
    ? 'Type one measure in mm, or places with their measures: 0: 900; 7600: 850'
    : null;

/** @returns null for a text that is none */
export function stationsOf(text: string): Station[] | null {
  const pieces = text.split(';').map((one) => one.trim());
  if (pieces.length === 1 && !pieces[0]!.includes(':')) {
    const mm = typedFigure(pieces[0]!);
    return Number.isFinite(mm) ? [{ atMm: 0, mm }] : null;
  }
  const stations = pieces
    .filter((one) => one !== '')
    .map((one) => {
      const [at, mm, ...more] = one.split(':').map((part) => typedFigure(part.trim()));
      return { atMm: at ?? Number.NaN, mm: more.length === 0 ? (mm ?? Number.NaN) : Number.NaN };
    });
  const isGood = stations.every(({ atMm, mm }) => Number.isFinite(atMm) && Number.isFinite(mm));
  return isGood && stations.length > 0 ? stations : null;
}

/** A list of measures as it is typed: `40, 12, 40`. */
export const listText = (list: readonly number[]): string => list.join(', ');

/** @returns null for a text that is none */
export function listOf(text: string): number[] | null {
  const pieces = text
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter((one) => one !== '');
  const list = pieces.map((one) => typedFigure(one));
  return list.every((one) => Number.isFinite(one)) ? list : null;
}

export const listFault = (text: string): string | null =>
  listOf(text) === null ? 'Type measures in mm with commas between: 40, 12, 40' : null;
