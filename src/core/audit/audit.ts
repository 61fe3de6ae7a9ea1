import type { Finding, Inquiry, AuditPlan, Law } from './model';
import { air } from './laws/law-12-air';
import { approval } from './laws/law-13-approval';
import { bare } from './laws/law-02-bare';
import { covers } from './laws/law-07-covers';
import { cure } from './laws/law-06-cure';
import { dust } from './laws/law-09-dust';
import { holds } from './laws/law-15-holds';
import { insides } from './laws/law-08-insides';
import type { Ground, LawFile } from './laws/law';
import { nothing } from './laws/law-18-nothing';
import { order } from './laws/law-14-order';
import { pairs } from './laws/law-04-pairs';
import { people } from './laws/law-11-people';
import { place } from './laws/law-10-place';
import { promise } from './laws/law-17-promise';
import { removal } from './laws/law-05-removal';
import { sanding } from './laws/law-03-sanding';
import { trades } from './laws/law-16-trades';
import { windows } from './laws/law-01-windows';
import { passesOf } from './passes';
import { walksOf } from './walks';

const files: readonly LawFile[] = [
  windows,
  bare,
  sanding,
  pairs,
  removal,
  cure,
  covers,
  insides,
  dust,
  place,
  people,
  air,
  approval,
  order,
  holds,
  trades,
  promise,
  nothing,
];

export interface AuditReport {
  /** In the order of the laws, then of time. */
  findings: Finding[];
  /** How often each law was there to be broken: silence of one that never applied means nothing. */
  applied: Map<Law, number>;
}

/**
 * Holds a finished plan against the laws of the work, one after another, each from the surfaces alone: nothing of how the
 * plan was made is asked.
 */
export function auditPlan(plan: AuditPlan): AuditReport {
  const [walks, passes] = [walksOf(plan), passesOf(plan)];
  const coating: Inquiry['coating'] = (code) => {
    const product = plan.shelf.get(code);
    return product?.coating ? product : undefined;
  };
  const sections = new Map(plan.surfaces.map((surface) => [surface.key, surface.section]));
  const sectionOf = (surface: string) => sections.get(surface) ?? '';
  const known: Inquiry['known'] = new Map();
  const findings: Finding[] = [];
  const applied = new Map<Law, number>();
  for (const { law, check } of files) {
    const ground: Ground = {
      plan,
      walks,
      passes,
      coating,
      sectionOf,
      known,
      applies: (times = 1) => applied.set(law, (applied.get(law) ?? 0) + times),
      find: (finding) => findings.push({ law, ...finding }),
    };
    check(ground);
  }
  return { findings: findings.sort((a, b) => a.law - b.law || a.at - b.at), applied };
}
