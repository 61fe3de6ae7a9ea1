import type { PlanWarning } from '@/core/plan';
import { counted, firstTwo } from './counted';
import { date, deltaE, micrometres } from './format';

/** Warnings that speak of colours. */
export type OfColours = Extract<
  PlanWarning,
  {
    code:
      | 'ground-shows'
      | 'line-shows'
      | 'unequal-coats'
      | 'finish-not-laid'
      | 'system-differs'
      | 'match-given-up'
      | 'ridge-cut';
  }
>;

interface ColourNames {
  section(key: string): string;
  product(code: string): string;
}

const someAreas = (areas: readonly string[], names: ColourNames): string =>
  firstTwo(areas.map(names.section));

/** A warning of the colours in a sentence with what to do about it. */
export function colourWarningText(warning: OfColours, names: ColourNames): string {
  switch (warning.code) {
    case 'ground-shows': {
      const { colour, areas, face, ground, planned, coats } = warning;
      const where = `${someAreas(areas, names)}${face === 'inside' ? ', insides' : ''}`;
      const help =
        coats === null
          ? 'no number of coats hides it: lay a ground coat, or choose another sealer'
          : `it takes ${counted(coats, 'coat')}, or another shade of sealer`;
      return `${where}: ${counted(planned, 'coat')} of ${colour} over ${ground} ${planned === 1 ? 'leaves' : 'leave'} ${deltaE(warning.deltaE)} to be seen; ${help}. Spray a card over that ground.`;
    }
    case 'line-shows':
      return lineText(warning, names);
    case 'unequal-coats': {
      const counts = warning.counts.map(
        ({ coats, areas }) => `${counted(coats, 'coat')} on ${someAreas(areas, names)}`,
      );
      return `${warning.colour} deepens with every coat, and gets ${counts.join(', ')}: they will not look alike.`;
    }
    case 'finish-not-laid':
      if (warning.finish === 'leaf')
        return `${warning.colour} is leaf, and ${names.product(warning.product)} would be sprayed for it on ${someAreas(warning.areas, names)}: leaf is laid by hand, as lines and boxes on the finished film. Give the section another colour and lay the leaf out over it.`;
      if (warning.finish === 'texture')
        return `${warning.colour} is texture, and ${names.product(warning.product)} would be sprayed smooth for it on ${someAreas(warning.areas, names)}. Give the section its colour and lay the texture out as a field up to its break line.`;
      return `${warning.colour} is called ${warning.finish.replace('-', ' ')}, and ${names.product(warning.product)} is laid for it on ${someAreas(warning.areas, names)}: choose the coat system of the colour in Scheme, or call it by what it is.`;
    case 'system-differs':
      return `${names.section(warning.section)} gets ${warning.colour} by its own coat system, the colour names another: give both the same.`;
    case 'ridge-cut':
      return ridgeText(warning);
    case 'match-given-up': {
      const { attempts, most, lastDay } = warning;
      const why =
        attempts >= most
          ? `${counted(attempts, 'attempt')} failed, ${most} were allowed`
          : `the last day for it was ${lastDay === null ? 'not set' : date(lastDay)}`;
      return `${warning.colour} was not matched: ${why}. Compare “${warning.scheme}” in Scheme and choose, before more of it is sprayed.`;
    }
  }
}

function lineText(
  { colour, areas, ground, planned, coats, deltaE: shows }: Extract<OfColours, { code: 'line-shows' }>,
  names: ColourNames,
): string {
  const help = `keep its field free of ${ground}, or paint it first`;
  const more = coats === null ? help : `lay ${counted(coats, 'coat')}, ${help}`;
  return `${someAreas(areas, names)}: ${ground} is sprayed past the line first, and ${counted(planned, 'coat')} of ${colour} ${planned === 1 ? 'leaves' : 'leave'} ${deltaE(shows)} of it to be seen: ${more}.`;
}

function ridgeText({
  colours: [low, high],
  ridgeUm,
  leftUm,
  limitUm,
  planned,
  coats,
}: Extract<OfColours, { code: 'ridge-cut' }>): string {
  const [left, limit] =
    leftUm < 0
      ? ['is cut through', `${micrometres(limitUm)} are needed`]
      : [`keeps ${micrometres(leftUm)} of clear`, `${micrometres(limitUm)} should stay`];
  return `${high} stands ${micrometres(ridgeUm)} above ${low} at their line: with ${counted(planned, 'clear coat')} the line ${left} after sanding, ${limit}. Lay ${counted(coats, 'clear coat')}, or leave a strip along the line unsanded.`;
}
