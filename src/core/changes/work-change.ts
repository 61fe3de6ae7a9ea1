import { withFigures, type TypedFigure } from '../figures';
import { laddersWith, type LayerRole } from '../film';
import { blankStepEdit, type Depth, type Job } from '../record';
import type { Minute } from '../units';
import type { Situation } from './situation';

/** One thing of the work done otherwise: what a warning asks for. */
export type WorkChange =
  | { kind: 'coats'; sections: readonly string[]; role: LayerRole; coats: number }
  /** Another grit sequence of colour sanding. */
  | { kind: 'ladder'; section: string; ladder: string }
  | { kind: 'depth'; section: string; depth: Depth }
  /** A step begins at a fixed minute. */
  | { kind: 'pin'; step: string; name: string; at: Minute }
  /** Hours of labour and booth, minor units of materials. */
  | { kind: 'cap'; budget: 'labour' | 'materials' | 'booth'; amount: number }
  | { kind: 'figures'; figures: readonly TypedFigure[] }
  /** Somebody by name does these steps. */
  | { kind: 'painter'; steps: readonly string[]; person: string; name: string }
  /** A place kept at one temperature, whatever the month and the forecast say. */
  | { kind: 'air'; place: string; airC: number };

export const workChangeKinds = [
  'coats',
  'ladder',
  'depth',
  'pin',
  'cap',
  'figures',
  'painter',
  'air',
] as const;

export const isWorkChange = (change: { kind: string }): change is WorkChange =>
  workChangeKinds.some((kind) => kind === change.kind);

const caps = { labour: 'labourHours', materials: 'materialsMinor', booth: 'boothHours' } as const;

/** The situation with one thing of the work done otherwise. @returns null when it names what is not there, or changes nothing */
export function withWorkChange(given: Situation, change: WorkChange): Situation | null {
  const { job, shop } = given;
  const withJob = (set: Partial<Job>): Situation => ({ ...given, job: { ...job, ...set } });
  const withSections = (keys: readonly string[], set: (one: Job['sections'][number]) => object) =>
    job.sections.some((one) => keys.includes(one.key))
      ? withJob({
          sections: job.sections.map((one) => (keys.includes(one.key) ? { ...one, ...set(one) } : one)),
        })
      : null;
  switch (change.kind) {
    case 'coats':
      return withSections(change.sections, ({ coats }) => ({
        coats: { ...coats, [change.role]: change.coats },
      }));
    case 'ladder':
      return laddersWith(shop.ladders).some((one) => one.key === change.ladder)
        ? withSections([change.section], () => ({ ladder: change.ladder }))
        : null;
    case 'depth':
      return withSections([change.section], () => ({ depth: change.depth }));
    case 'pin': {
      const own = job.stepEdits.find((edit) => edit.step === change.step) ?? blankStepEdit(change.step);
      const others = job.stepEdits.filter((edit) => edit.step !== change.step);
      return withJob({ stepEdits: [...others, { ...own, startAt: change.at }] });
    }
    case 'painter': {
      if (!shop.people.some((one) => one.id === change.person)) return null;
      const others = job.stepEdits.filter((edit) => !change.steps.includes(edit.step));
      const own = change.steps.map((step) => ({
        ...(job.stepEdits.find((edit) => edit.step === step) ?? blankStepEdit(step)),
        person: change.person,
      }));
      return withJob({ stepEdits: [...others, ...own] });
    }
    case 'cap':
      return withJob({ caps: { ...job.caps, [caps[change.budget]]: change.amount } });
    case 'figures':
      return withJob({ figures: withFigures(job.figures, change.figures) });
    case 'air': {
      if (!shop.places.some((one) => one.id === change.place)) return null;
      const places = shop.places.map((one) =>
        one.id === change.place ? { ...one, airC: change.airC, profile: null, forecast: [] } : one,
      );
      return { ...given, shop: { ...shop, places } };
    }
  }
}
