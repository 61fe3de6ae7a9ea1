import type { Step } from '../steps';

export interface BoothSession {
  session: string;
  subject: string;
  sections: string[];
  products: string[];
  coats: number;
  /** Person-minutes at the gun, and those that only the session itself costs: load, set-up and wipe, unload, its mask. */
  sprayMin: number;
  overheadMin: number;
}

export interface SessionMerge {
  first: string;
  second: string;
  /** Person-minutes that fall away: one load, one unload, one gun set-up. */
  savesMin: number;
  /** What it risks. */
  risk: 'same-colour' | 'other-colour';
}

type SessionStep = Pick<
  Step,
  'key' | 'operation' | 'hold' | 'subject' | 'sections' | 'personMinutes' | 'coat' | 'pass' | 'figure'
>;

/** Operations of a session that are there once a session, whatever is sprayed in it. */
const perSession = new Set(['load', 'wipe', 'unload']);

/** Every booth session with what is sprayed in it and what the session itself costs. */
export function boothSessions(steps: readonly SessionStep[]): BoothSession[] {
  const sessions = [...new Set(steps.flatMap((step) => (step.coat && step.hold ? [step.hold] : [])))];
  const passOf = new Map(
    steps.flatMap((step) =>
      step.coat && step.hold && step.pass !== null ? [[step.hold, step.pass] as const] : [],
    ),
  );
  return sessions.map((session) => {
    const own = steps.filter((step) => step.hold === session);
    const coats = own.filter((step) => step.coat);
    const sections = [...new Set(coats.flatMap((step) => step.sections))];
    const pass = passOf.get(session);
    // The first session of a colour bears its mask.
    const isFirst = sessions.find((one) => passOf.get(one) === pass) === session;
    const maskKey = isFirst ? pass?.replace(/\/colour$/, '/mask') : undefined;
    const mask = steps.filter((step) => step.operation === 'mask' && step.key === maskKey);
    const sum = (list: readonly SessionStep[]) => list.reduce((total, step) => total + step.personMinutes, 0);
    return {
      session,
      subject: own[0]!.subject,
      sections,
      products: [...new Set(coats.map((step) => step.coat!.product))],
      coats: coats.length,
      sprayMin: sum(coats),
      overheadMin: sum(own.filter((step) => perSession.has(step.operation))) + sum(mask),
    };
  });
}

/**
 * Pairs of sessions that lay the same products and could be one: what one load, one unload and one set-up of the gun cost
 * is saved. Whether both fit the booth and one shift is for the plan to show; another colour needs a mask between.
 * @param colourOf colour of a section, so that a second colour in one session is told as a risk
 */
export function sessionMerges(
  steps: readonly SessionStep[],
  colourOf: (section: string) => string,
): SessionMerge[] {
  const sessions = boothSessions(steps);
  const fixed = (session: string) =>
    steps
      .filter((step) => step.hold === session && perSession.has(step.operation))
      .reduce(
        (sum, step) => sum + (step.operation === 'wipe' ? step.figure.fixedMin : step.personMinutes),
        0,
      );
  return sessions.flatMap((first, i) =>
    sessions.slice(i + 1).flatMap((second): SessionMerge[] => {
      const alike = first.products.join() === second.products.join();
      const apart = !first.sections.some((section) => second.sections.includes(section));
      if (!alike || !apart) return [];
      const colours = new Set([...first.sections, ...second.sections].map(colourOf));
      const laysColour = steps.some(
        (step) =>
          step.hold === first.session && (step.coat?.role === 'colour' || step.coat?.role === 'topcoat'),
      );
      return [
        {
          first: first.session,
          second: second.session,
          savesMin: Math.min(fixed(first.session), fixed(second.session)),
          risk: laysColour && colours.size > 1 ? 'other-colour' : 'same-colour',
        },
      ];
    }),
  );
}
