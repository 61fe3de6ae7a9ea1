import { colourRoles } from '../film';
import type { Plan, PlannedStep } from '../plan/model';
import type { Job, PhotoTag } from '../record';
import type { Minute } from '../units';

/** Where a picture is worth most: what cannot be seen any more afterwards, or what was decided by looking. */
export type PromptWhy = 'bare' | 'before-cover' | 'first-coat' | 'approval' | 'finished' | 'found';

/** A picture that is worth taking now, or that was not taken and may still be. */
export interface PhotoPrompt {
  why: PromptWhy;
  /** Tag that such a picture gets. */
  tag: PhotoTag;
  /** Key of the step; null of damage, which is of a panel. */
  step: string | null;
  part: string | null;
  name: string;
  subject: string;
  at: Minute;
  state: 'done' | 'running' | 'coming';
}

interface Taken {
  step: string | null;
  part: string | null;
  tag: PhotoTag;
}

/** Work of the next day is prompted for. */
const aheadMin = 1440;

/**
 * Steps at which a picture is worth most and of which none was taken: the object bare, metal before its first coat, filler
 * before it is covered, the first coat of a colour, cards and looks, the object at its handover; and damage without a picture.
 */
export function photoPrompts(job: Job, plan: Plan, photos: readonly Taken[], now: Minute): PhotoPrompt[] {
  const ofStep = new Set(photos.flatMap((one) => one.step ?? []));
  const found = new Set(photos.flatMap((one) => (one.tag === 'found' && one.part ? [one.part] : [])));
  const steps = plan.steps.flatMap((step): PhotoPrompt[] => {
    const why = whyOf(step);
    const isNear = step.state === 'done' || step.start <= now + aheadMin;
    if (why === null || step.skipped || !isNear || ofStep.has(step.key)) return [];
    const state = step.state === 'planned' ? 'coming' : step.state;
    return [
      {
        why,
        tag: tagOf[why],
        step: step.key,
        part: null,
        name: step.name,
        subject: step.subject,
        at: step.state === 'done' ? step.end : step.start,
        state,
      },
    ];
  });
  const damage = job.finds
    .filter((one) => !found.has(one.part))
    .map((one): PhotoPrompt => ({
      why: 'found',
      tag: 'found',
      step: null,
      part: one.part,
      name: one.what,
      subject: one.part,
      at: Math.round(Date.parse(`${one.onDate}T12:00:00Z`) / 60_000),
      state: 'done',
    }));
  return [...damage, ...steps].sort((a, b) => b.at - a.at);
}

const tagOf: Record<PromptWhy, PhotoTag> = {
  bare: 'before',
  'before-cover': 'hidden',
  'first-coat': 'work',
  approval: 'work',
  finished: 'finished',
  found: 'found',
};

function whyOf({ coat, leaves, operation, spread }: PlannedStep): PromptWhy | null {
  if (coat?.coat === 1 && coat.role === 'epoxy') return 'before-cover';
  if (coat?.coat === 1 && colourRoles.has(coat.role)) return 'first-coat';
  if (leaves === 'bare') return 'bare';
  if (spread !== null) return 'before-cover';
  if (operation === 'approve-sample') return 'approval';
  return operation === 'handover' ? 'finished' : null;
}
