import type { Change, GiveUps, OpenJob, PlanFigures, Situation, Together } from '../core/changes';
import type { Pace, ShopForecast } from '../core/forecast';
import type { PlanInput } from '../core/plan';
import type { ScheduleProblem } from '../core/schedule';

/** Changes when a task or an answer changes its shape. */
export const protocolVersion = 1;

/** Work that takes long enough to keep others waiting, done on a thread of its own. */
export type WorkerTask =
  | {
      kind: 'forecast';
      inputs: PlanInput[];
      paces: ReadonlyMap<string, Pace>;
      draws: number;
      seed: number;
    }
  | { kind: 'give-up'; given: Situation }
  | { kind: 'calendar-problem'; given: Situation }
  | { kind: 'compare-changes'; given: Situation; changes: readonly Change[] }
  | { kind: 'together'; jobs: OpenJob[]; around: Pick<PlanInput, 'shop' | 'shelf' | 'operations' | 'now'> };

export interface Compared {
  base: PlanFigures;
  /** One for each change; null where it names what is not there or changes nothing. */
  changed: (PlanFigures | null)[];
}

export interface WorkerAnswers {
  forecast: ShopForecast;
  'give-up': GiveUps | null;
  'calendar-problem': ScheduleProblem;
  'compare-changes': Compared;
  together: { best: Together | null; plans: number };
}

export type AnswerTo<T extends WorkerTask> = WorkerAnswers[T['kind']];

/** What a thread is handed: the task, and the version its sender speaks. */
export interface Envelope<T extends WorkerTask = WorkerTask> {
  version: number;
  task: T;
}
