import type { LawFile } from './law';

/** A body is in one place at a time. */
export const place: LawFile = {
  law: 10,
  check({ plan, applies, find }) {
    const bodyOf = new Map(plan.surfaces.map((one) => [one.key, one.body]));
    const byBody = new Map<string, { step: (typeof plan.steps)[number]; place: string }[]>();
    for (const step of plan.steps) {
      if (step.place === null || step.end <= step.start) continue;
      const at = { step, place: step.place };
      for (const body of new Set(step.on.map((surface) => bodyOf.get(surface)!)))
        byBody.set(body, [...(byBody.get(body) ?? []), at]);
    }
    const said = new Set<string>();
    for (const list of byBody.values()) {
      list.sort((a, b) => a.step.start - b.step.start);
      for (const [i, { step, place: here }] of list.entries()) {
        applies();
        for (const next of list.slice(i + 1)) {
          if (next.step.start >= step.end) break;
          const name = `${step.key}\n${next.step.key}`;
          if (next.place === here || said.has(name)) continue;
          said.add(name);
          find({
            surfaces: step.on.filter((one) => next.step.on.includes(one)),
            steps: [step.key, next.step.key],
            at: next.step.start,
            figure: step.end - next.step.start,
            limit: 0,
            unit: 'min',
            breach: 'in-two-places',
            station: 'bays',
            insisted: next.step.insisted,
          });
        }
      }
    }
  },
};
