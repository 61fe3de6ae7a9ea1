import type { Minute } from '../../units';
import type { AuditStep } from '../model';
import type { LawFile } from './law';

/** Everybody on a step is there once, and can do what it asks. */
export const people: LawFile = {
  law: 11,
  check({ plan, applies, find }) {
    const skillsOf = new Map(plan.people.map((person) => [person.id, new Set(person.skills)]));
    const busy = new Map<string, Turn[]>();
    const planned = plan.steps.filter((step) => step.attended && step.start >= plan.now);
    for (const step of planned) {
      const common = { surfaces: [...step.on], steps: [step.key], at: step.start, insisted: step.insisted };
      if (step.skills.length > 0 && step.end > step.start) {
        applies();
        const hands = step.shares.length > 0 ? step.shares.length : step.people.length;
        if (hands < step.skills.length)
          find({
            ...common,
            figure: hands,
            limit: step.skills.length,
            unit: 'people',
            breach: 'too-few-hands',
            station: 'bays',
          });
        const unable = step.people.filter((id) =>
          step.skills.every((skill) => !skillsOf.get(id)?.has(skill)),
        );
        if (unable.length > 0)
          find({
            ...common,
            figure: unable.length,
            limit: 0,
            unit: 'people',
            breach: 'unable',
            station: 'bays',
          });
      }
      for (const turn of turnsOf(step)) busy.set(turn.person, [...(busy.get(turn.person) ?? []), turn]);
    }
    for (const list of busy.values()) {
      list.sort((a, b) => a.start - b.start);
      for (const [i, turn] of list.entries()) {
        const next = list[i + 1];
        if (!next) continue;
        applies();
        if (next.start < turn.end && next.end > next.start)
          find({
            surfaces: [],
            steps: [turn.step.key, next.step.key],
            at: next.start,
            figure: 2,
            limit: 1,
            unit: 'people',
            breach: 'at-two-steps',
            station: 'bays',
            insisted: next.step.insisted,
          });
      }
    }
  },
};

/** One person on one step, from when to when. */
interface Turn {
  person: string;
  start: Minute;
  end: Minute;
  step: AuditStep;
}

const turnsOf = (step: AuditStep): Turn[] =>
  step.shares.length > 0
    ? step.shares.map((share) => ({ ...share, step }))
    : step.people.map((person) => ({ person, start: step.start, end: step.end, step }));
