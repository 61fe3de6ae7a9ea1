import type { FieldPiece, Strip } from '../scheme';
import type { BodyKind, Dimensions, Part } from '../vehicle';
import type { ElevationView } from './model';

/** What a view of a body is drawn from. */
export interface Body {
  kind: BodyKind;
  dimensions: Dimensions;
  parts: readonly Part[];
  pieces: readonly FieldPiece[];
  strip(view: ElevationView): Strip | null;
}
