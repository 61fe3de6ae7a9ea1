import type { Finding, Law, Station } from '@/core/audit';
import { span } from './format';

/** What each law asks, in a line. */
export const lawWords: Record<Law, string> = {
  1: 'Each coat inside the window of the film beneath',
  2: 'Bare metal by its clock',
  3: 'What must be sanded is sanded',
  4: 'Films that bear each other',
  5: 'Film enough for what is taken',
  6: 'No hands on soft film',
  7: 'Covered, and only as long as it should be',
  8: 'Insides before outsides',
  9: 'No dust at wet film',
  10: 'A body in one place',
  11: 'Everybody there, once, and able',
  12: 'Air that the sheet allows',
  13: 'Approved before it is coloured',
  14: 'Gaps, seams and wax in their order',
  15: 'Nothing booked behind a hold',
  16: 'Fitted and looked at in time',
  17: 'The stack that was promised',
  18: 'No step for nothing',
};

const count = (figure: number): string => String(Math.round(figure * 10) / 10);

/** What is wrong, in a sentence with figure, limit and remedy. @param step name of a step */
export function findingSentence(finding: Finding, step: (key: string) => string): string {
  const { breach, figure, limit, steps, surfaces } = finding;
  const [first, last] = [step(steps[0] ?? ''), step(steps.at(-1) ?? '')];
  const minutes = `${span(figure)} where it needs ${span(limit)}`;
  switch (breach) {
    case 'coated-early':
      return `“${last}” comes ${minutes} after “${first}”: begin it later.`;
    case 'sanded-soft':
      return `“${last}” sands the film of “${first}” after ${minutes}: wait, or warm it.`;
    case 'window-closed':
      return `“${last}” comes ${span(figure)} after “${first}”, whose window closes after ${span(limit)}: scuff again, or move it forward.`;
    case 'bare-too-long':
      return `Bare for ${span(figure)} after “${first}”, at most ${span(limit)}: prime sooner, or treat again.`;
    case 'left-bare':
      return `Nothing is laid on what “${first}” leaves bare: give it a system, or do not strip it.`;
    case 'never-sanded':
      return `“${last}” covers the film of “${first}” that nobody sanded: put a block in between.`;
    case 'filler-unsanded':
      return `“${last}” goes over filler of “${first}” that nobody blocked.`;
    case 'effect-sanded':
      return `“${last}” goes over effect colour that was sanded: one more coat of it first.`;
    case 'session-too-thick':
      return `“${last}” is coat ${count(figure)} of a session that takes ${count(limit)}: cut flat and coat again another day.`;
    case 'cut-through':
      return `“${last}” takes ${count(-figure)} µm more than there is: one more coat, or a finer start.`;
    case 'below-stop-line':
      return `${count(figure)} µm would be left, at least ${count(limit)} must stay: one more coat, or a finer start.`;
    case 'handled-soft':
      return `“${last}” takes hold of the film of “${first}” after ${minutes}.`;
    case 'sprayed-uncovered':
      return `“${first}” sprays beside finished paint that nothing covers: mask it, or paint it later.`;
    case 'worked-under-cover':
      return `“${last}” works on what still lies under the cover of “${first}”: unmask first.`;
    case 'not-wiped':
      return `“${last}” goes on what was touched since its last wipe: wipe again.`;
    case 'cover-left-on':
      return `Nothing takes off what “${first}” covers.`;
    case 'cover-too-old':
      return `What “${first}” covers stays covered for ${count(figure)} days, rated for ${count(limit)}: mask again in between.`;
    case 'taped-soft':
      return `“${last}” tapes the film of “${first}” after ${minutes}.`;
    case 'inside-after-outside':
      return `“${last}” paints insides ${span(figure)} after “${first}” finished the outside: turn them round, or cover it.`;
    case 'dust-at-the-body':
    case 'dust-in-the-air':
      return `“${last}” makes dust ${breach === 'dust-at-the-body' ? 'at the body' : 'in the same air'} while “${first}” is wet.`;
    case 'in-two-places':
      return `“${first}” and “${last}” want the body in two places for ${span(figure)}.`;
    case 'too-few-hands':
      return `“${last}” has ${count(figure)} of the ${count(limit)} people it needs.`;
    case 'unable':
      return `Somebody on “${last}” lacks the skill for it.`;
    case 'at-two-steps':
      return `Somebody is at “${first}” and at “${last}” at once.`;
    case 'air-cold':
    case 'air-hot':
    case 'surface-cold':
      return `“${last}” is laid at ${count(figure)} °C, its sheet says ${count(limit)} °C: heat, wait, or another hardener.`;
    case 'humid':
      return `“${last}” is laid at ${count(figure)} % humidity, at most ${count(limit)} %.`;
    case 'dew':
      return `“${last}” is laid too near the dew point: ${count(figure)} °C, at least ${count(limit)} °C.`;
    case 'coloured-before-approval':
      return `“${last}” comes before “${first}”.`;
    case 'filled-before-gaps':
    case 'seams-unsealed':
    case 'painted-after-wax':
      return `“${last}” comes on the wrong side of “${first}”.`;
    case 'booked-behind-a-hold':
      return `“${last}” is booked though “${first}” is not released.`;
    case 'fitted-before-polish':
      return `“${first}” is fitted before “${last}” is done with its machine.`;
    case 'looked-too-soon':
      return `“${last}” comes ${span(figure)} after “${first}”, not before ${span(limit)}.`;
    case 'not-as-promised':
      return `${surfaces[0]} ends with ${count(figure)} of ${count(limit)} coats it was promised.`;
    case 'work-on-nothing':
      return `“${first}” has no panel, no area and no length.`;
    default:
      return `“${last}” lies on “${first}”, which it does not bear (${breach.replace(/-/g, ' ')}).`;
  }
}

export const stationWords: Record<Station, string> = {
  walkaround: 'Walkaround',
  film: 'Film',
  steps: 'Steps',
  bays: 'Bays',
  booth: 'Booth',
  stores: 'Stores',
  log: 'Log',
};
