import type { Pass } from '../programme';
import type { Part } from '../vehicle';
import type { Faces } from './labour';
import type { Step } from './step';

/** What the stands of a hull hide of it, m² in all. */
const underStandsM2 = 0.4;

/** Panels with the share of them that the stands hid. */
export function underStands(parts: readonly Part[]): Part[] {
  const areaM2 = parts.reduce((sum, part) => sum + part.outsideM2, 0);
  const share = Math.min(0.1, underStandsM2 / Math.max(areaM2, underStandsM2));
  return parts.map((part) => ({ ...part, outsideM2: part.outsideM2 * share, insideM2: 0 }));
}

/** Whether a step coats only what stands hid: it says nothing of the film on the whole surface. */
export const isTouchIn = ({ pass }: Pick<Step, 'pass'>): boolean => pass?.endsWith('/touch-in') ?? false;

/** Faces of an area that a pass coats: a roof without insides has only its outside, and so has what is shut. */
export function facesOf({ faces, shut }: Pass, parts: readonly Part[]): (area: string) => Faces {
  if (faces !== 'both') return () => faces;
  const open = new Set(parts.flatMap((part) => (part.insideM2 > 0 ? [part.section] : [])));
  return (area) => (open.has(area) && !shut.includes(area) ? 'both' : 'outside');
}
