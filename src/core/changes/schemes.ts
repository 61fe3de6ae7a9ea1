import { drawnElevations, type DrawnElevation } from '../elevation';
import { planJob, type Plan, type PlanInput } from '../plan';
import { colourAreas } from '../readings/colour-areas';
import { isSameScheme, schemeOf, withScheme, type Job, type KeptScheme } from '../record';
import { partsOfJob } from '../survey';
import { figuresOf, type PlanFigures } from './figures';

/** A colour with what it goes on, m², and the ready mix of its pooled batches, litres. */
export interface SchemeColour {
  name: string;
  hex: string;
  areaM2: number;
  mixL: number;
}

/** A scheme as it would be carried out: what it comes to, its colours, and its sides to look at. */
export interface PlannedScheme {
  /** Of a kept scheme its id; null for the one that is planned. */
  id: string | null;
  figures: PlanFigures;
  colours: SchemeColour[];
  /** From the left, behind and above; empty for loose pieces. */
  views: DrawnElevation[];
  /** It paints as the scheme that is planned does. */
  isNow: boolean;
  /** Sections that get film here and keep their paint now, and the other way round. */
  enters: string[];
  leaves: string[];
  /** Lines that cannot be laid and steps without room, more than the plan of today has. */
  stops: number;
}

const sideBySide: ReadonlySet<string> = new Set(['left', 'rear', 'top']);

function plannedScheme(job: Job, plan: Plan): Pick<PlannedScheme, 'figures' | 'colours' | 'views'> {
  const mixed = new Map<string, number>();
  for (const pool of plan.pools) mixed.set(pool.colour, (mixed.get(pool.colour) ?? 0) + pool.mixL);
  const areas = colourAreas(job, plan);
  const colours = job.colours.flatMap(({ id, name, hex }): SchemeColour[] => {
    const areaM2 = areas.get(id) ?? 0;
    return areaM2 > 0 ? [{ name, hex, areaM2, mixL: mixed.get(id) ?? 0 }] : [];
  });
  const views = drawnElevations(job, plan).filter((one) => sideBySide.has(one.view));
  return { figures: figuresOf(plan), colours, views };
}

const stopsOf = (plan: Plan): number =>
  plan.warnings.filter((one) => one.code === 'no-room' || one.code === 'scheme-fault').length;

/** Sections that have panels, by whether they get film. */
const painted = ({ sections }: Pick<KeptScheme, 'sections'>): Set<string> =>
  new Set(sections.flatMap((one) => (one.level === 'Keep' ? [] : [one.key])));

/**
 * The scheme that is planned, and each that is kept, every one planned by the real calendar.
 */
export function plannedSchemes(input: PlanInput): PlannedScheme[] {
  const { job } = input;
  const today = schemeOf(job);
  const worked = new Set(partsOfJob(job).map((part) => part.section));
  const plan = planJob(input);
  const nameOf = (key: string) => job.sections.find((one) => one.key === key)?.name ?? key;
  const names = (keys: readonly string[]) => keys.filter((key) => worked.has(key)).map(nameOf);
  const before = painted(today);
  const first: PlannedScheme = {
    id: null,
    ...plannedScheme(job, plan),
    isNow: true,
    enters: [],
    leaves: [],
    stops: 0,
  };
  const others = job.alternatives.map(({ id, scheme }): PlannedScheme => {
    const other = withScheme(job, scheme);
    const own = planJob({ ...input, job: other });
    const after = painted({ sections: other.sections });
    return {
      id,
      ...plannedScheme(other, own),
      isNow: isSameScheme(scheme, today),
      enters: names([...after].filter((key) => !before.has(key))),
      leaves: names([...before].filter((key) => !after.has(key))),
      stops: Math.max(0, stopsOf(own) - stopsOf(plan)),
    };
  });
  return [first, ...others];
}
