import { labOfHex } from '../colour';
import type { Job, JobColour } from '../record';
import { plainLine } from './plain-line';

/** Quotation marks end a text of CGATS: within one they are set single. */
const quoted = (text: string): string => `"${plainLine(text, 200).replaceAll('"', "'")}"`;

/** Fields of a set, in their order. */
const fields = ['SAMPLE_ID', 'SAMPLE_NAME', 'LAB_L', 'LAB_A', 'LAB_B', 'LAB_SOURCE', 'FINISH', 'RECIPE'];

/** CIELAB as it was typed or read, else as the screen shows the colour. */
function setOf({ id, name, lab, hex, finish, code }: JobColour): string {
  const { l, a, b } = lab ?? labOfHex(hex);
  const figures = [l, a, b].map((one) => one.toFixed(2));
  return [quoted(id), quoted(name), ...figures, lab ? 'TYPED' : 'SCREEN', quoted(finish), quoted(code)].join(
    '\t',
  );
}

/**
 * The colours of a job as CGATS.17 text: CIELAB for D65 and 10°, with whether it was typed or is what the screen shows.
 * A screen is no colour reference: such sets tell colours apart, no paint is mixed to them.
 */
export function coloursCgats({ number, name, colours }: Pick<Job, 'number' | 'name' | 'colours'>): string {
  return [
    'CGATS.17',
    'ORIGINATOR\t"Coatrel"',
    `DESCRIPTOR\t${quoted(`${number} ${name}, colours of the job`)}`,
    'MEASUREMENT_SOURCE\t"CIELAB, D65, 10 degrees; LAB_SOURCE tells what was typed and what a screen shows"',
    'KEYWORD\t"LAB_SOURCE"',
    'KEYWORD\t"FINISH"',
    'KEYWORD\t"RECIPE"',
    `NUMBER_OF_FIELDS\t${fields.length}`,
    'BEGIN_DATA_FORMAT',
    fields.join('\t'),
    'END_DATA_FORMAT',
    `NUMBER_OF_SETS\t${colours.length}`,
    'BEGIN_DATA',
    ...colours.map(setOf),
    'END_DATA',
    '',
  ].join('\n');
}
