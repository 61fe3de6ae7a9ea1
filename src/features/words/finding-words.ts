import type { Finding, Law } from '@/core/audit';
import type { WarningStation } from '@/core/warnings/model';
import { span } from './format';

/** What each law asks, in a line. */
export const lawWords: Record<Law, string> = {
  1: 'Recoat and sanding times',
  2: 'Bare metal coated in time',
  3: 'Sanded where it must be',
  4: 'Compatible films',
  5: 'Film left after sanding',
  6: 'Handled only when hard',
  7: 'Covers on and off in time',
  8: 'Insides before outsides',
  9: 'No dust at wet film',
  10: 'One place at a time',
  11: 'People free and skilled',
  12: 'Air within the sheet',
  13: 'Approved before colour',
  14: 'Gaps, seams, wax in order',
  15: 'Nothing booked behind a hold',
  16: 'Fitting and return look',
  17: 'Coats as promised',
  18: 'Every step has work',
};

const count = (figure: number): string => String(Math.round(figure * 10) / 10);

/**
 * What is wrong, in a sentence: what, figure, limit, remedy. Every breach has its own, and the compiler sees that none is
 * missing.
 * @param step name of a step
 */
export function findingSentence(finding: Finding, step: (key: string) => string): string {
  const { breach, figure, limit, steps, surfaces } = finding;
  const [first, last] = [step(steps[0] ?? ''), step(steps.at(-1) ?? '')];
  switch (breach) {
    case 'coated-early':
      return `“${last}” starts ${span(figure)} after “${first}”, which needs ${span(limit)}. Start later.`;
    case 'sanded-soft':
      return `“${last}” sands the film of “${first}” after ${span(figure)}, it needs ${span(limit)}. Start later, or warm it.`;
    case 'window-closed':
      return `“${last}” starts ${span(figure)} after “${first}”, its recoat window closes after ${span(limit)}. Scuff again, or move it forward.`;
    case 'bare-too-long':
      return `Bare for ${span(figure)} after “${first}”, at most ${span(limit)}. Prime sooner, or treat again.`;
    case 'spots-bare-too-long':
      return `Bared spots stand ${span(figure)} after “${first}”, at most ${span(limit)}. Prime them the same shift.`;
    case 'left-bare':
      return `“${first}” leaves it bare and no coat follows. Choose a coat system, or do not strip it.`;
    case 'room-not-cleaned':
      return `“${last}” is laid in a room where “${first}” made dust and nobody cleaned since. Vacuum and damp the floor before.`;
    case 'pot-dead':
      return `A pot for “${first}” would be used ${span(figure)} after its mixing, it lives ${span(limit)}. Mix smaller pots.`;
    case 'never-sanded':
      return `“${last}” covers the film of “${first}” unsanded. Block in between.`;
    case 'filler-unsanded':
      return `“${last}” covers the filler of “${first}” unsanded. Block in between.`;
    case 'effect-sanded':
      return `“${last}” covers sanded effect colour. Spray one more coat of the colour first.`;
    case 'session-too-thick':
      return `“${last}” is coat ${count(figure)} of one session, at most ${count(limit)}. Cut flat and coat again another day.`;
    case 'cut-through':
      return `“${last}” takes ${count(-figure)} µm more than there is. Add a coat, or start finer.`;
    case 'below-stop-line':
      return `${count(figure)} µm would be left, at least ${count(limit)} µm must stay. Add a coat, or start finer.`;
    case 'handled-soft':
      return `“${last}” handles the film of “${first}” after ${span(figure)}, it needs ${span(limit)}. Start later.`;
    case 'sprayed-uncovered':
      return `“${first}” sprays beside finished paint that is not covered. Mask it, or paint it later.`;
    case 'worked-under-cover':
      return `“${last}” works on what is still covered. Unmask first.`;
    case 'not-wiped':
      return `“${last}” coats what was touched since its last wipe. Wipe again.`;
    case 'cover-left-on':
      return `No step removes the cover of “${first}”. Add the unmasking.`;
    case 'cover-too-old':
      return `The cover of “${first}” stays on for ${count(figure)} days, rated for ${count(limit)}. Mask again in between.`;
    case 'taped-soft':
      return `“${last}” tapes the film of “${first}” after ${span(figure)}, it needs ${span(limit)}. Start later.`;
    case 'inside-after-outside':
      return `“${last}” paints insides ${span(figure)} after “${first}” finished the outside. Swap them.`;
    case 'dust-at-the-body':
      return `“${last}” makes dust at the body while “${first}” is wet. Move one of them.`;
    case 'dust-in-the-air':
      return `“${last}” makes dust in the same air while “${first}” is wet. Move one of them.`;
    case 'in-two-places':
      return `“${first}” and “${last}” overlap by ${span(figure)} in two places. Move one of them.`;
    case 'too-few-hands':
      return `“${last}” has ${count(figure)} of ${count(limit)} people.`;
    case 'unable':
      return `Somebody on “${last}” lacks the skill. Choose somebody else.`;
    case 'at-two-steps':
      return `One person is on “${first}” and “${last}” at once. Move one of them.`;
    case 'air-cold':
    case 'air-hot':
    case 'surface-cold':
      return `“${last}” is applied at ${count(figure)} °C, limit ${count(limit)} °C. Heat, wait, or change the hardener.`;
    case 'humid':
      return `“${last}” is applied at ${count(figure)} % humidity, at most ${count(limit)} %. Dry the air, or wait.`;
    case 'dew':
      return `“${last}” is applied at ${count(figure)} °C, the dew point asks for ${count(limit)} °C. Warm the object, or dry the air.`;
    case 'coloured-before-approval':
      return `“${last}” starts before “${first}” ends. Approve first.`;
    case 'booked-before-approval':
      return `“${last}” is booked, and nobody has accepted a sample of its colour. Show one and enter the verdict.`;
    case 'filled-before-gaps':
      return `“${first}” starts before “${last}” ends. Set the gaps first.`;
    case 'seams-unsealed':
      return `“${first}” starts before “${last}” ends. Seal the seams first.`;
    case 'painted-after-wax':
      return `“${last}” paints after “${first}”. Wax last.`;
    case 'booked-behind-a-hold':
      return `“${last}” is booked although “${first}” is not released. Release it first.`;
    case 'fitted-before-polish':
      return `“${first}” fits parts before “${last}” ends. Polish first.`;
    case 'looked-too-soon':
      return `“${last}” comes ${span(figure)} after “${first}”, not before ${span(limit)}. Book it later.`;
    case 'not-as-promised':
      return `${surfaces[0]} ends with ${count(figure)} of ${count(limit)} coats promised. Check its coats in Film.`;
    case 'work-on-nothing':
      return `“${first}” has no panel, no area and no length. Take it out.`;
    case 'pair-not-named':
    case 'never-over':
    case 'lifts':
    case 'needs-clear':
    case 'needs-ground':
    case 'needs-sealer':
    case 'needs-promoter':
    case 'promoter-on-plastic-only':
    case 'needs-first-coat':
    case 'too-few-coats':
    case 'too-many-coats':
    case 'clear-over-200':
      return `“${last}”: its coat system is faulty (${breach.replace(/-/g, ' ')}). Film names both products.`;
  }
}

/** Where each is mended: its name, and its part of the address. */
export const stationWords: Record<WarningStation, string> = {
  walkaround: 'Walkaround',
  scheme: 'Scheme',
  film: 'Film',
  steps: 'Steps',
  bays: 'Bays',
  booth: 'Booth',
  stores: 'Stores',
  log: 'Log',
  shop: 'Shop',
};
