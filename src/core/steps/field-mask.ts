import type { Figures } from '../figures';
import type { Part } from '../vehicle';
import type { Operation } from './operation';
import { maskedWith } from './field-family';
import type { SectionWork } from './section-work';
import type { Step, StepReason } from './step';

/** What taping a field against the colours that stand takes beside the line itself. */
export interface FieldMask {
  /** Areas of the colours that are masked. */
  covering: string[];
  needs: Step['needs'];
  /** What stands and is covered with film or paper, m². */
  coverM2: number;
  /** Person-minutes of covering it. */
  coverMin: number;
}

/** Tapes that cover a narrow field by themselves, narrowest first. */
const ownTapes = [
  { mm: 3, product: 'fine-line-3' },
  { mm: 6, product: 'fine-line' },
  { mm: 25, product: 'paper-tape' },
  { mm: 50, product: 'paper-tape-50' },
] as const;

/** Tape by product for the lines of these parts, and cover for the colours that stand beside them. */
export function fieldMask(
  works: readonly SectionWork[],
  all: readonly SectionWork[],
  parts: readonly Part[],
  figures: Figures,
): FieldMask {
  const lap = { tape: figures('tape.laps'), cover: figures('cover.laps') };
  const metres = new Map<string, number>();
  const add = (product: string, m: number) => {
    if (m > 0) metres.set(product, (metres.get(product) ?? 0) + m * lap.tape);
  };
  const underTape = new Set<string>();
  for (const edge of parts.flatMap((part) => part.field?.edges ?? [])) {
    const own = edge.ownTapeMm === null ? undefined : ownTapes.find(({ mm }) => mm >= edge.ownTapeMm!);
    if (own) {
      underTape.add(edge.to);
      add(own.product, edge.m);
      continue;
    }
    // A tight bend is laid in narrow line; paper tape goes on the line to hold the film.
    add('fine-line', edge.m - edge.tightM);
    add('fine-line-3', edge.tightM);
    add('paper-tape', edge.m);
  }
  const masked = new Set(works.flatMap((work) => maskedWith(work, all)));
  const coverM2 = [...masked]
    .filter(({ section }) => !underTape.has(section.colour))
    .flatMap(({ group, section }) => group.partsOf(section))
    .reduce((sum, part) => sum + part.outsideM2, 0);
  const needs = [...metres].map(([product, amount]) => ({ product, amount }));
  if (coverM2 > 0) needs.push({ product: 'cover', amount: coverM2 * lap.cover });
  const covering = [...masked].map(({ section }) => section.key);
  return { covering, needs, coverM2, coverMin: coverM2 * figures('cover.minutes') };
}

/** Minutes that do not go by the line: setting out, and covering what stands. */
export const fixedMinOf = (
  { fixedOnBody, fixedMin }: Pick<Operation, 'fixedOnBody' | 'fixedMin'>,
  isLoose: boolean,
  mask: FieldMask | null,
): number => (fixedOnBody && isLoose ? 0 : fixedMin) + (mask?.coverMin ?? 0);

export const coveredBecause = (mask: FieldMask | null): StepReason[] =>
  mask && mask.coverM2 > 0 ? [{ code: 'cover-standing', areaM2: mask.coverM2, minutes: mask.coverMin }] : [];
