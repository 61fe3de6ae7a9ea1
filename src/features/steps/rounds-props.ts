import type { Plan } from '@/core/plan';
import { baseOf, basesOf, type Job, type Mark, type StopRule, type TypedRounds } from '@/core/record';
import { expectedAfterRound, roundsOfWork, type RoundOfWork } from '@/core/steps';
import { roundProgress, type RoundProgress } from '@/core/survey';

/** Faults that want primer again before the next round. */
const wantsPrimer: ReadonlySet<Mark['kind']> = new Set(['pinhole', 'feather', 'rub-through']);

export interface RoundsShown {
  section: string;
  name: string;
  seen: number;
  typed: TypedRounds;
  stopRule: StopRule | null;
  rounds: RoundOfWork[];
  progress: RoundProgress[];
  /** Area of high and low spots to expect after one more round, m²; null from fewer than two rounds. */
  expectedM2: number | null;
  /** Depth of what is still low, mm; null where it was not measured. */
  hollows: (number | null)[];
  faults: { id: string; part: string; kind: Mark['kind']; round: number; dueAt: number | null }[];
}

/** Rounds, faults and the stop rule of each section. */
export function roundsShown(job: Job, plan: Plan, versions: Record<string, number>): RoundsShown[] {
  return job.sections.map((section) => {
    const parts = new Set(
      plan.parts.filter((part) => baseOf(part.section) === section.key).map((part) => part.key),
    );
    const marks = job.marks.filter((mark) => parts.has(mark.part));
    const open = marks.filter((mark) => !mark.mended);
    const nextPrimer = plan.steps
      .filter(
        (step) =>
          step.state === 'planned' && step.coat?.role === 'build' && basesOf(step).includes(section.key),
      )
      .map((step) => step.start);
    const progress = roundProgress(marks);
    return {
      section: section.key,
      name: section.name,
      typed: section.rounds,
      stopRule: section.stopRule,
      seen: versions[`${job.number}/${section.key}`] ?? 1,
      rounds: roundsOfWork(plan.steps, section.key),
      progress,
      expectedM2: expectedAfterRound(progress.map((one) => one.foundM2)),
      hollows: open.filter((mark) => mark.kind === 'low' || mark.kind === 'dent').map((mark) => mark.depthMm),
      faults: open
        .filter((mark) => wantsPrimer.has(mark.kind))
        .map(({ id, part, kind, round }) => ({
          id,
          part,
          kind,
          round,
          dueAt: nextPrimer.length > 0 ? Math.min(...nextPrimer) : null,
        })),
    };
  });
}
