import { baseOf, basesOf, type Fitting, type Job } from '../record';
import { minuteAt, type LocalDate } from '../units';
import type { StepDraft } from './draft';
import { addRefitPieces, isPiece } from './refit-pieces';

/** Person-minutes for a hole that is welded or plugged before paint, and for one that is opened again after it. */
const fillHoleMin = 20;
const reopenHoleMin = 10;

/** Masking passes that cover a section in a network: each is a time its fittings would be masked. */
export const passesOf = (
  steps: readonly { operation: string; sections: readonly string[] }[],
  section: string,
): number => steps.filter((step) => step.operation === 'mask' && basesOf(step).includes(section)).length;

export interface FittingAdvice {
  remove: boolean;
  removeMin: number;
  maskMin: number;
  passes: number;
}

/** Off and on again against masking in every pass; on equal minutes it comes off, since no tape edge stays. */
export function fittingAdvice(fitting: Fitting, passes: number): FittingAdvice {
  const removeMin = fitting.removeMin + fitting.refitMin;
  const maskMin = fitting.maskMin * passes;
  const advised = removeMin <= maskMin || fitting.needs !== 'as-is';
  return {
    remove: fitting.choice === 'advised' ? advised : fitting.choice === 'remove',
    removeMin,
    maskMin,
    passes,
  };
}

const sum = <T>(list: readonly T[], value: (one: T) => number) =>
  list.reduce((total, one) => total + value(one), 0);

/**
 * Puts the strip-down list into the network: removal and refit into those steps, masking into every pass, bench work
 * into a step of its own that refit waits for, and refit not before the last piece is back. Holes go to metalwork and
 * refit. A route without such steps (a hull) carries the minutes in its wash and its last step.
 */
export function addFittings(draft: StepDraft): void {
  const { job, shop } = draft.context;
  const open = job.fittings.filter((fitting) => fitting.state !== 'refitted');
  const sectionOf = new Map(draft.context.parts.map((part) => [part.key, baseOf(part.section)]));
  const { steps } = draft.network;
  if (steps.length === 0) return;
  const first = (...operations: string[]) =>
    operations.flatMap((one) => steps.filter((step) => step.operation === one))[0];
  const down = first('strip-down', 'wash');
  const refit = first('refit', 'rig') ?? steps.filter((step) => step.minutes > 0).at(-1);
  const off: Fitting[] = [];
  for (const fitting of open) {
    const section = sectionOf.get(fitting.part) ?? job.sections[0]?.key ?? '';
    if (fittingAdvice(fitting, passesOf(steps, section)).remove) off.push(fitting);
    else
      for (const step of steps)
        if (passesOf([step], section) > 0) draft.addMinutes(step.key, fitting.maskMin);
  }
  if (down)
    draft.addMinutes(
      down.key,
      sum(
        off.filter((one) => one.state === 'on'),
        (one) => one.removeMin,
      ),
    );
  const apart = refit ? off.filter(isPiece) : [];
  if (refit) {
    const together = off.filter((one) => !apart.includes(one));
    const minutes = sum(together, (one) => one.refitMin);
    draft.addMinutes(refit.key, minutes);
    addRefitPieces(draft, refit.key, apart);
  }
  addHoles(draft, job, sectionOf, refit?.key);
  if (!refit || !down) return;
  const bench = off.filter((one) => one.benchMin > 0 && one.state !== 'ready');
  if (bench.length > 0) {
    draft.work({
      key: 'fittings/bench',
      operation: 'bench-trim',
      subject: bench
        .map((one) => one.name)
        .join(', ')
        .slice(0, 80),
      sections: [],
      parts: [],
      fixedMin: sum(bench, (one) => one.benchMin),
      because: [{ code: 'fittings', count: bench.length }],
      after: [down.key],
    });
    draft.link('fittings/bench', refit.key, { code: 'order' });
    // Held trim is not begun before the last compound is off: no dust on it.
    const held = job.sections.some((section) => section.schools.trim === 'held');
    for (const step of held ? steps.filter((one) => one.operation === 'wash-compound') : [])
      draft.link(step.key, 'fittings/bench', { code: 'state', state: 'clean' });
  }
  const last = latest(off.flatMap((one) => (one.readyOn && one.state !== 'ready' ? [one.readyOn] : [])));
  if (last) refit.notBefore = Math.max(refit.notBefore, minuteAt(last, 0, shop.timeZone));
}

const latest = (dates: readonly LocalDate[]): LocalDate | null => [...dates].sort().at(-1) ?? null;

function addHoles(
  draft: StepDraft,
  job: Job,
  sectionOf: ReadonlyMap<string, string>,
  refit: string | undefined,
): void {
  for (const hole of job.holes.filter((one) => !one.done && one.action !== 'keep')) {
    const section = sectionOf.get(hole.part);
    // A hull has no metalwork: its holes are filled when it is faired, or else when it is taken down.
    const own = draft.network.steps.filter(
      (step) => section !== undefined && basesOf(step).includes(section),
    );
    const metal =
      own.find((step) => step.operation === 'metalwork') ??
      own.find((step) => step.operation === 'fair') ??
      own.find((step) => step.key.endsWith('/strip'));
    if (metal) draft.addMinutes(metal.key, fillHoleMin);
    if (hole.action === 'reopen' && refit) draft.addMinutes(refit, reopenHoleMin);
  }
}
