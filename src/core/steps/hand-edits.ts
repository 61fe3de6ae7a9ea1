import type { StepEdit } from '../record';
import type { StepDraft } from './draft';
import { gritsOfKey } from './grit-passes';
import { crewMinutes } from './labour';
import { orderByHand } from './order-by-hand';
import type { Step } from './step';

/**
 * Why a step cannot be left out: a licensed hold is released only by its engineer, a wait belongs to the film, and a
 * coat is taken off in the Film room, where everything that follows from it changes too.
 */
export function refusalToSkip(
  step: Pick<Step, 'because' | 'kind' | 'coat'>,
): 'hold' | 'film' | 'coat' | null {
  if (step.because.some((reason) => reason.code === 'licensed-hold')) return 'hold';
  if (step.kind === 'passive') return 'film';
  if (step.coat) return 'coat';
  return null;
}

/**
 * Puts what a manager changed by hand into a freshly built network. Minutes replace the computed ones, which are kept
 * beside them; a step left out keeps its place in the order and takes no time, nobody and nothing. Edits whose step is
 * no longer there are said, never lost.
 */
export function applyStepEdits(draft: StepDraft): void {
  const steps = new Map(draft.network.steps.map((step) => [step.key, step]));
  const given = draft.context.job.stepEdits;
  for (const edit of given.flatMap((one) => (steps.has(one.step) ? [one] : onGrits(one, draft)))) {
    const step = steps.get(edit.step);
    if (!step) {
      draft.warn({ code: 'edit-without-step', step: edit.step });
      continue;
    }
    step.note = edit.note;
    if (edit.startAt !== null) {
      step.pinnedAt = edit.startAt;
      step.notBefore = Math.max(step.notBefore, edit.startAt);
    }
    if (edit.person !== null) assign(step, edit.person, draft);
    if (edit.atHand !== null && step.kind !== 'passive') beAtHand(step, edit.atHand, draft);
    if (edit.after !== null) orderByHand(draft, step.key, edit.after, edit.override);
    if (edit.skipped) {
      const why = refusalToSkip(step);
      if (why) draft.warn({ code: 'skip-refused', step: step.key, why });
      else {
        draft.warn({ code: 'skipped', step: step.key });
        leaveOut(step);
      }
    } else if (edit.personMinutes !== null && step.kind !== 'passive') {
      step.computedMinutes = step.personMinutes;
      step.personMinutes = edit.personMinutes;
      const flash = step.figure.flashMin;
      const worked = Math.max(0, edit.personMinutes - flash * step.crew);
      step.minutes = crewMinutes(worked, Math.max(1, step.crew), draft.figures) + flash;
    }
  }
}

/**
 * An edit of what was one step of sanding before each grit had its own: its minutes are shared out by those of the grits, its
 * day and place in the order are the first one's.
 */
function onGrits(edit: StepEdit, { network }: StepDraft): StepEdit[] {
  const own = gritsOfKey(network.steps, edit.step);
  if (own.length === 0) return [edit];
  const whole = own.reduce((sum, one) => sum + one.personMinutes, 0);
  return own.map(({ key, personMinutes }, i) => ({
    ...edit,
    step: key,
    personMinutes:
      edit.personMinutes === null
        ? null
        : Math.round(
            whole > 0 ? (edit.personMinutes * personMinutes) / whole : edit.personMinutes / own.length,
          ),
    startAt: i === 0 ? edit.startAt : null,
    after: i === 0 ? edit.after : null,
  }));
}

/** Names who is to do a step; somebody without its skill is not taken. */
function assign(step: Step, person: string, draft: StepDraft): void {
  const found = draft.context.shop.people.find((one) => one.id === person);
  const able = found?.skills.some((skill) => step.people.includes(skill)) ?? false;
  if (!able) return draft.warn({ code: 'person-refused', step: step.key, person });
  step.person = person;
  if (found!.pace === 1 || step.kind === 'passive') return;
  // One person's pace is known by experience: the whole step takes its time, flashes apart.
  const flash = step.figure.flashMin;
  step.personMinutes = Math.round((step.personMinutes - flash * step.crew) / found!.pace) + flash * step.crew;
  step.minutes = Math.ceil((step.minutes - flash) / found!.pace) + flash;
}

/** Somebody of the shop who has to be there; whoever left the shop is not waited for, and it is said. */
function beAtHand(step: Step, person: string, draft: StepDraft): void {
  if (draft.context.shop.people.some((one) => one.id === person)) step.atHand = person;
  else draft.warn({ code: 'person-refused', step: step.key, person });
}

/** The step keeps its place in the order and takes no time, nobody and nothing. */
export function leaveOut(step: Step): void {
  Object.assign(step, {
    computedMinutes: step.personMinutes,
    skipped: true,
    kind: 'passive',
    minutes: 0,
    personMinutes: 0,
    crew: 0,
    people: [],
    place: null,
    needs: [],
    leaves: null,
  });
}
