import type { Fault } from '../exchange';
import { readyJob } from '../log';
import { colourFamilies } from '../readings/colour-families';
import { layoutOf, type SchemeFault } from '../scheme';
import {
  colourKeyOf,
  textureColours,
  withJobSchools,
  type AddItem,
  type Construction,
  type Edit,
  type Job,
  type SetItem,
} from '../record';
import { lotsOf, netOfJob, partsOfJob } from '../survey';
import { bodyKindOf } from '../vehicle';
import type { Ground } from './ground';

/** An edit that lays something out on the panel layout. */
export type SchemeEdit = AddItem<'constructions'> | SetItem<'constructions'>;

/** No job has more lines, fields, bands, sets of stripes and boxes than this. */
export const mostConstructions = 60;

/** What the panel layout and the colours of the job say against a construction, each at the field it was typed in. */
export function schemeFaults(edit: SchemeEdit, job: Job): Fault[] {
  const place = edit.kind === 'add-item' ? 'item' : 'set';
  const made = constructionAfter(edit, job);
  // A row that is not there is refused by the writer.
  if (!made) return [];
  if (edit.kind === 'add-item' && job.constructions.length >= mostConstructions)
    return [
      {
        place: 'item.name',
        reason: `a job has ${mostConstructions} constructions at most; remove one first`,
      },
    ];
  const outline = made.shape.kind === 'band' ? made.shape.outline : null;
  const colours = [
    { key: made.colour, at: `${place}.colour` },
    ...(outline ? [{ key: outline.colour, at: `${place}.shape.outline.colour` }] : []),
  ];
  const unknown = colours.flatMap(({ key, at }) =>
    job.colours.some((one) => one.id === key)
      ? []
      : [{ place: at, reason: `there is no colour ${key} in this job` }],
  );
  if (unknown.length > 0) return unknown;
  const route = bodyKindOf(job.bodyKind)?.route ?? 'panel';
  if (route !== 'panel' && textureColours(job).has(made.colour))
    return [{ place: `${place}.colour`, reason: 'texture is laid on bodies of panels alone' }];
  const { faults } = layoutOf(netOfJob(job), route, [made]);
  return faults.flatMap((fault) => faultOf(fault, made, place));
}

function constructionAfter(edit: SchemeEdit, job: Job): Construction | undefined {
  if (edit.kind === 'add-item') return { ...edit.item, id: 'new' };
  const before = job.constructions.find((one) => one.id === edit.id);
  return before && { ...before, ...edit.set };
}

/** Where the fault was typed, and why in a sentence. */
function faultOf({ code, strip }: SchemeFault, { shape }: Construction, place: 'item' | 'set'): Fault[] {
  const at = (field: string, reason: string) => [{ place: `${place}.${field}`, reason }];
  switch (code) {
    case 'no-strip':
      return at('strip', `this body has no panels on its ${strip} side, and no panel ${strip}`);
    case 'no-datum':
      return at('shape.line.panel', `panel ${shape.line.panel} is not on the ${strip} side`);
    case 'no-panel':
      return at('shape.line', `it lies over no panel of the ${strip} side`);
    case 'crosses-itself':
      return at('shape.line', 'it crosses itself: it is wider than its line bends');
    case 'beyond-the-end':
      return at(endField(shape), `it reaches over the end of the ${strip} side`);
    case 'covered':
      return [];
  }
}

const endField = (shape: Construction['shape']): string =>
  shape.kind === 'box' ? 'shape.lengthMm' : 'shape.toMm';

/** An order of colours names sections, lots and fields of the job. */
export function colourOrderFaults(
  { set }: Extract<Edit, { kind: 'job' }>,
  job: Job,
  ground: Ground,
): Fault[] {
  const order = set.colourOrder ?? [];
  if (order.length === 0) return coverFaults(set.colourCovers ?? [], { ...job, ...shared(set, job) }, ground);
  const known = new Set(lotsOf(withJobSchools(job), partsOfJob(job)).sections.map(colourKeyOf));
  const unknown = order.findIndex((key) => !known.has(key));
  if (unknown >= 0)
    return [
      {
        place: `set.colourOrder[${unknown}]`,
        reason: `there is no section, lot or field ${order[unknown]!} in ${job.number}`,
      },
    ];
  const changed = { ...job, ...shared(set, job), colourOrder: order };
  return [...brokenFamilies(order, changed, ground), ...coverFaults(set.colourCovers ?? [], changed, ground)];
}

/** What else an edit of the job sets has a say: each colour may get a clear of its own with it. */
const shared = ({ schools }: Extract<Edit, { kind: 'job' }>['set'], job: Job): Pick<Job, 'schools'> => ({
  schools: { ...job.schools, ...schools },
});

/** Only colours of one clear leave each other open, so only these can be covered though they come later. */
function coverFaults(covers: Job['colourCovers'], job: Job, ground: Ground): Fault[] {
  if (covers.length === 0) return [];
  const { programme } = readyJob(job, ground, ground.now).build();
  const families = colourFamilies(programme.passes);
  const scopes = programme.passes.flatMap(({ role, scope }) => (role === 'colour' ? [scope] : []));
  return covers.flatMap(({ sprayed, covered }, i): Fault[] => {
    const at = (field: string, reason: string) => [{ place: `set.colourCovers[${i}].${field}`, reason }];
    if (!scopes.includes(sprayed))
      return at('sprayed', `no colour pass of ${job.number} is called ${sprayed}`);
    if (!scopes.includes(covered))
      return at('covered', `no colour pass of ${job.number} is called ${covered}`);
    const family = families.get(sprayed);
    if (family === undefined || families.get(covered) !== family)
      return at(
        'covered',
        `${covered} is not cleared in one go with ${sprayed}: it is covered without being named`,
      );
    return scopes.indexOf(covered) <= scopes.indexOf(sprayed)
      ? at('covered', `${covered} stands before ${sprayed} is sprayed: it is covered without being named`)
      : [];
  });
}

/** What is cleared in one go is masked round once: a colour of the same body cannot stand between. */
function brokenFamilies(order: readonly string[], job: Job, ground: Ground): Fault[] {
  const { programme } = readyJob(job, ground, ground.now).build();
  const families = colourFamilies(programme.passes);
  const bodyOf = new Map(programme.passes.map((pass) => [pass.scope, pass.body]));
  const ended = new Set<string>();
  const last = new Map<string, string>();
  for (const [i, key] of order.entries()) {
    const body = bodyOf.get(key);
    if (body === undefined) continue;
    const family = families.get(key) ?? key;
    const before = last.get(body);
    if (before !== undefined && before !== family) ended.add(before);
    if (ended.has(family))
      return [
        {
          place: `set.colourOrder[${i}]`,
          reason: `${key} is cleared in one go with a colour before it: no other colour of the body is sprayed between them`,
        },
      ];
    last.set(body, family);
  }
  return [];
}
