import type { Plan } from '../plan/model';
import { colourOfKey, type Job } from '../record';
import type { PanelFilm } from './film-record';

/** Something that is not finished, with where it is. */
export type OpenEnd =
  | { code: 'steps'; phase: string; count: number; panels: readonly string[] }
  | { code: 'mark'; part: string; kind: Job['marks'][number]['kind']; sizeMm: number }
  | { code: 'repair'; part: string; kind: Job['repairs'][number]['kind']; spot: string }
  | { code: 'hold'; step: string; name: string; subject: string }
  /** `on`: names of what it covers; `colour`: the name of one. */
  | { code: 'cover'; step: string; name: string; on: readonly string[] }
  | { code: 'gate'; what: string; section: string }
  | { code: 'fitting'; name: string; part: string; tag: string }
  | { code: 'hole'; part: string; diameterMm: number }
  | { code: 'away'; what: string; dueOn: string | null }
  | { code: 'sample'; colour: string }
  | { code: 'decision'; what: string }
  | { code: 'film'; part: string; belowUm: number }
  | { code: 'unread'; parts: readonly string[] };

/** A hold that was released, as it was typed: a record, no authority. */
export interface ReleasedHold {
  name: string;
  subject: string;
  by: string;
  licence: string;
  date: string;
}

/** As much of the film of a panel as open ends are told of. */
type Film = Pick<PanelFilm, 'part' | 'roomUm'> & { points: readonly unknown[] };

/** What is still open before the object goes: from the plan, the survey, the strip-down and the film. */
export function openEnds(job: Job, plan: Plan, film: readonly Film[]): OpenEnd[] {
  const unread = film.filter((one) => one.points.length === 0).map((one) => one.part);
  const signed = new Set(job.signOffs.map((one) => one.step));
  const waits = plan.warnings.flatMap((one) => (one.code === 'sample-open' ? [one.colour] : []));
  return [
    ...stepsLeft(plan),
    ...film.flatMap((one): OpenEnd[] =>
      one.roomUm !== null && one.roomUm < 0 ? [{ code: 'film', part: one.part, belowUm: -one.roomUm }] : [],
    ),
    ...job.marks
      .filter((one) => !one.mended)
      .map(({ part, kind, sizeMm }): OpenEnd => ({ code: 'mark', part, kind, sizeMm })),
    ...openRepairs(job, plan),
    ...plan.steps
      .filter((step) => step.cautions.includes('licensed-hold') && !step.skipped && !signed.has(step.key))
      .map(({ key, name, subject }): OpenEnd => ({ code: 'hold', step: key, name, subject })),
    ...coversOn(plan),
    ...job.gates
      .filter((one) => !one.done)
      .map(({ what, section }): OpenEnd => ({ code: 'gate', what, section })),
    ...job.fittings
      .filter((one) => one.state !== 'on' && one.state !== 'refitted')
      .map(({ name, part, tag }): OpenEnd => ({ code: 'fitting', name, part, tag })),
    ...job.holes
      .filter((one) => !one.done && one.action !== 'keep')
      .map(({ part, diameterMm }): OpenEnd => ({ code: 'hole', part, diameterMm })),
    ...job.sendOuts
      .filter((one) => one.sentOn !== null && one.returnedOn === null)
      .map(({ what, dueOn }): OpenEnd => ({ code: 'away', what, dueOn })),
    ...[...new Set(waits)].map((key): OpenEnd => ({ code: 'sample', colour: colourOfKey(job, key).name })),
    ...job.decisions
      .filter((one) => one.answer === 'open')
      .map(({ what }): OpenEnd => ({ code: 'decision', what })),
    ...(unread.length > 0 ? [{ code: 'unread' as const, parts: unread }] : []),
  ];
}

/** Work that is not done, by stretch; the handover itself and what comes back later are none. */
function stepsLeft({ steps, parts }: Plan): OpenEnd[] {
  const left = steps.filter(
    (step) =>
      step.state !== 'done' &&
      !step.skipped &&
      step.kind !== 'passive' &&
      step.phase !== 'return' &&
      step.operation !== 'handover',
  );
  return [...new Set(left.map((step) => step.phase))].map((phase): OpenEnd => {
    const own = left.filter((step) => step.phase === phase);
    const sections = new Set(own.flatMap((step) => step.sections));
    return {
      code: 'steps',
      phase,
      count: own.length,
      panels: [...new Set(parts.flatMap((part) => (sections.has(part.section) ? [part.key] : [])))],
    };
  });
}

/** Flaws that were found and whose mending is not done. */
function openRepairs({ repairs }: Job, { steps }: Plan): OpenEnd[] {
  return repairs
    .filter(({ id }) => {
      const own = steps.filter((step) => step.key.startsWith(`repair/${id}/`));
      return own.length === 0 || own.some((step) => step.state !== 'done' && !step.skipped);
    })
    .map(({ part, kind, spot }): OpenEnd => ({ code: 'repair', part, kind, spot }));
}

/** Masks and covers that were laid and not pulled: each is counted off before the object goes. */
function coversOn({ covers, steps, sections: areas }: Plan): OpenEnd[] {
  const nameOf = new Map(areas.map((one) => [one.section, one.name]));
  const byKey = new Map(steps.map((step) => [step.key, step]));
  return covers.flatMap(({ step, pulledBy, sections }): OpenEnd[] => {
    const [laid, pulled] = [byKey.get(step), pulledBy === null ? undefined : byKey.get(pulledBy)];
    return laid?.state === 'done' && pulled?.state !== 'done'
      ? [{ code: 'cover', step, name: laid.name, on: sections.map((key) => nameOf.get(key) ?? key) }]
      : [];
  });
}

/** Holds that somebody released, in the order of their days. */
export function releasedHolds(job: Job, plan: Plan): ReleasedHold[] {
  const byKey = new Map(plan.steps.map((step) => [step.key, step]));
  return job.signOffs
    .map(({ step, name, licence, date }): ReleasedHold => {
      const found = byKey.get(step);
      return { name: found?.name ?? step, subject: found?.subject ?? '', by: name, licence, date };
    })
    .sort((a, b) => a.date.localeCompare(b.date));
}
