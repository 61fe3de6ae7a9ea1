import type { DrawingBlock } from '@/core/documents';
import { boundsOf, type Point } from '@/core/geometry';
import { areaStates, type Plan } from '@/core/plan';
import { colourOfKey, type Job } from '@/core/record';
import type { Minute } from '@/core/units';
import { panelsOf } from '@/core/vehicle';
import { markSign } from '../words/survey-words';

/** Units of the drawing to a metre. */
const perM = 100;

/** What a surface without its colour looks like on paper. */
const plainFill: Readonly<Record<string, string>> = {
  old: '#d9d3c7',
  bare: '#ececec',
  epoxy: '#b7a68a',
  filler: '#dcbf96',
  'high-build': '#cdcdcd',
  'guide-coat': '#adadad',
  masked: '#ebe2b4',
  sealer: '#bcbcbc',
};

interface Drawn {
  job: Pick<Job, 'colours'>;
  plan: Pick<Plan, 'parts' | 'sections' | 'steps' | 'covers'>;
  words: string;
}

type FillOf = (section: string) => string | null;

function drawn({ plan, words }: Drawn, fillOf: FillOf): DrawingBlock {
  const { left, right, top, bottom } = boundsOf(plan.parts.flatMap((part) => part.outline));
  const at = ([x, y]: Point) => `${((x - left) * perM).toFixed(1)} ${((y - top) * perM).toFixed(1)}`;
  const ring = (points: readonly Point[]) => `M${points.map(at).join('L')}Z`;
  return {
    kind: 'drawing',
    words,
    width: (right - left) * perM,
    height: (bottom - top) * perM,
    paths: plan.parts.map((part) => ({
      path: [part.outline, ...part.holes].map(ring).join(''),
      fill: fillOf(part.section),
      stroke: '#222222',
    })),
    texts: panelsOf(plan.parts).map(({ key, outline }) => {
      const own = boundsOf(outline);
      return {
        x: ((own.left + own.right) / 2 - left) * perM,
        y: ((own.top + own.bottom) / 2 - top) * perM,
        text: key,
      };
    }),
  };
}

/** Every outside laid flat, with the keys of its panels. @returns nothing where there are no panels */
export const netDrawing = (given: Drawn): DrawingBlock[] =>
  given.plan.parts.length === 0 ? [] : [drawn(given, () => null)];

/** The same with the signs of the marks where they were found. */
export function netDrawingWithMarks(given: Drawn, marks: Job['marks']): DrawingBlock[] {
  const { left, top } = boundsOf(given.plan.parts.flatMap((part) => part.outline));
  return netDrawing(given).map((drawing) => ({
    ...drawing,
    texts: [
      ...drawing.texts,
      ...marks.map(({ x, y, kind }) => ({
        x: (x - left) * perM,
        y: (y - top) * perM,
        text: `×${markSign(kind)}`,
      })),
    ],
  }));
}

/** The same as it looks at a minute. */
export function netDrawingAt(given: Drawn, at: Minute): DrawingBlock[] {
  const { plan, job } = given;
  if (plan.parts.length === 0) return [];
  const states = areaStates(plan, at);
  const colours = new Map(plan.sections.map((one) => [one.section, colourOfKey(job, one.colour).hex]));
  return [
    drawn(given, (section) => plainFill[states.get(section) ?? 'old'] ?? colours.get(section) ?? '#ffffff'),
  ];
}
