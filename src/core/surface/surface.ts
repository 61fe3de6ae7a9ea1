import type { Depth } from '../record/depth';
import type { Level } from '../film';
import type { Part, Shape, Substrate } from '../vehicle';
import { faces, type Face, type SurfaceLengths } from './face';

/** A face of a panel: what is at any minute bare, coated, covered or open. */
export interface Surface {
  /** `panel.face`, of a field in another colour `panel.face~colour`: ids only, so that no renaming changes it. */
  key: string;
  panel: string;
  face: Face;
  /** The section or lot whose clock it goes by. */
  section: string;
  /** What stands together with it: its body, or the panel itself where it is worked loose. */
  body: string;
  /** It is handled by hand, not moved on wheels. */
  loose: boolean;
  areaM2: number;
  shape: Shape;
  lengthsM: SurfaceLengths;
  /** Its edges to other colours of the panel, m by colour. */
  fieldEdges: readonly { to: string; m: number; tapedM: number }[];
  substrate: Substrate;
  depth: Depth;
  level: Level;
}

/** What a section says of its surfaces. */
interface Sectioned {
  key: string;
  group: string;
  loose: boolean;
  substrate: Substrate;
  depth: Depth;
  level: Level;
}

export const surfaceKey = (panel: string, face: Face, field?: string | null): string =>
  field === undefined || field === null ? `${panel}.${face}` : `${panel}.${face}~${field}`;

/** The face of a panel that a surface is of, whatever its field; and the panel of it. */
export const faceOfSurface = (key: string): string => key.split('~', 1)[0]!;
export const panelOfSurface = (key: string): string => key.split('.', 1)[0]!;

/**
 * The surfaces of a job, panel by panel; a face without area is none.
 * @param parts with the section or lot each is worked in   @param sections sections and lots as they are worked
 */
export function surfacesOf(parts: readonly Part[], sections: readonly Sectioned[]): Surface[] {
  const byKey = new Map(sections.map((section) => [section.key, section]));
  return parts.flatMap((part) => {
    const section = byKey.get(part.section);
    if (!section) return [];
    return faces.flatMap((face): Surface[] => {
      const areaM2 = face === 'outside' ? part.outsideM2 : part.insideM2;
      if (areaM2 <= 0) return [];
      return [
        {
          key: surfaceKey(part.key, face, part.field?.colour),
          panel: part.key,
          face,
          section: section.key,
          body: section.loose ? part.key : section.group,
          loose: section.loose,
          areaM2,
          shape: part.shape,
          lengthsM: lengthsOf(part, face),
          fieldEdges: face === 'outside' ? (part.field?.edges ?? []) : [],
          substrate: section.substrate,
          depth: section.depth,
          level: section.level,
        },
      ];
    });
  });
}

/** Lengths belong to the outside, where they are taped, cleaned and gone round. */
const lengthsOf = (part: Part, face: Face): SurfaceLengths =>
  face === 'outside'
    ? {
        trim: part.trimM,
        bead: part.beadM,
        rivet: part.rivetM,
        seam: part.seamM,
        field: (part.field?.edges ?? []).reduce((sum, edge) => sum + edge.m, 0),
      }
    : { trim: 0, bead: 0, rivet: 0, seam: 0, field: 0 };
