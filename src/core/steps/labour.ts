import { usualFigures, type FigureKey, type Figures } from '../figures';
import type { Part, Shape } from '../vehicle';
import type { LengthKind, Operation } from './operation';
import type { Step } from './step';

type Face = Shape | 'inside';

const surfaceKeys: Record<Exclude<Face, 'flat'>, FigureKey> = {
  curved: 'shape.curved',
  beaded: 'shape.beaded',
  riveted: 'shape.riveted',
  tube: 'shape.tube',
  inside: 'shape.inside',
};
const sprayKeys: Record<Exclude<Face, 'flat'>, FigureKey> = {
  curved: 'spray.curved',
  beaded: 'spray.beaded',
  riveted: 'spray.riveted',
  tube: 'spray.tube',
  inside: 'spray.inside',
};

/** Shape factor on minutes: sanding, filling and wiping, or spraying. */
export function shapeFactor(
  kind: Operation['shapeFactor'],
  face: Face,
  figures: Figures = usualFigures,
): number {
  switch (kind) {
    case 'surface':
      return face === 'flat' ? 1 : figures(surfaceKeys[face]);
    case 'spray':
      return face === 'flat' ? 1 : figures(sprayKeys[face]);
    case 'none':
      return 1;
  }
}

/** Which faces an operation touches: blocking and polishing leave the back faces alone. */
export type Faces = Operation['faces'];

export interface Quantity {
  amount: number;
  /** The same amount with every part weighted by its shape factor. */
  weighted: number;
}

const lengthKeys = { trim: 'trimM', bead: 'beadM', rivet: 'rivetM', seam: 'seamM' } as const;
/** Metres of a kind on a part; those of its fields weighted by what a bend or a bead takes, if that is asked for. */
const lengthOf = (part: Part, kind: LengthKind, isWeighted: boolean): number =>
  kind === 'leaf'
    ? (part.leafM ?? 0)
    : kind !== 'field'
      ? part[lengthKeys[kind]]
      : (part.field?.edges ?? []).reduce((sum, edge) => sum + (isWeighted ? edge.effortM : edge.m), 0);

/** Quantity of an operation over parts, in the unit of its basis. */
export function quantityOf(
  operation: Operation,
  parts: readonly Part[],
  faces: Faces,
  figures: Figures = usualFigures,
): Quantity {
  const sum = (value: (part: Part) => number) => parts.reduce((total, part) => total + value(part), 0);
  const plain = (amount: number) => ({ amount, weighted: amount });
  switch (operation.basis) {
    case 'fixed':
      return plain(0);
    case 'part':
      // A panel in two colours is one panel.
      return plain(new Set(parts.map((part) => part.key)).size);
    case 'm': {
      const metres = (isWeighted: boolean) =>
        sum((part) => operation.lengths.reduce((total, kind) => total + lengthOf(part, kind, isWeighted), 0));
      return { amount: metres(false), weighted: metres(true) };
    }
    case 'm²': {
      const { shapeFactor: kind } = operation;
      // The gun goes past lines that a later colour covers; nothing else of the work does.
      const past = (part: Part) => (kind === 'spray' ? (part.pastM2 ?? 0) : 0);
      const outside = (part: Part) => (faces === 'inside' ? 0 : part.outsideM2 + past(part));
      const inside = (part: Part) => (faces === 'outside' ? 0 : part.insideM2);
      return {
        amount: sum((part) => outside(part) + inside(part)),
        weighted: sum(
          (part) =>
            outside(part) * shapeFactor(kind, part.shape, figures) +
            inside(part) * shapeFactor(kind, 'inside', figures),
        ),
      };
    }
  }
}

/** Share of the outside of some panels that is worked overhead or leaning across: undersides, and roofs. */
export function overheadShare(parts: readonly Part[]): number {
  const over = parts.filter(({ side }) => side === 'top' || side === 'bottom');
  const areaOf = (list: readonly Part[]) => list.reduce((sum, part) => sum + part.outsideM2, 0);
  const area = areaOf(parts);
  return area > 0 ? areaOf(over) / area : 0;
}

/** Share of a person's pace that remains when so many work together; more than four are as four. */
function crewEfficiency(crew: number, figures: Figures): number {
  if (crew < 2) return 1;
  return figures(crew === 2 ? 'crew.two' : crew === 3 ? 'crew.three' : 'crew.four');
}

/** Most people that find room on an area: max(1, floor(area / room of one)), at most four. */
export const roomForCrew = (areaM2: number, figures: Figures = usualFigures): number =>
  Math.min(4, Math.max(1, Math.floor(areaM2 / figures('crew.room') + 1e-9)));

/**
 * Person-minutes: `fixed + Σ rate × quantity × shape × share`; fixed minutes take no factor.
 * @param weighted quantity with shape factors in it   @param share part of the quantity that is worked, 0..1
 */
export const personMinutes = (fixedMin: number, rate: number, weighted: number, share = 1): number =>
  fixedMin + rate * weighted * share;

/** Person-minutes of a step by rate, quantity and shape alone: no learned factor, nothing typed. */
export const plainMinutes = ({ figure, crew }: Pick<Step, 'figure' | 'crew'>): number =>
  personMinutes(figure.fixedMin, figure.rate, figure.weighted, figure.share) + figure.flashMin * crew;

/** Elapsed minutes of a crew: `ceil(personMinutes / (crew × e))`, e = 1 / 0.95 / 0.85 / 0.75 for one to four people. */
export const crewMinutes = (total: number, crew: number, figures: Figures): number =>
  Math.ceil(Math.round((total / (crew * crewEfficiency(crew, figures))) * 1e6) / 1e6);
