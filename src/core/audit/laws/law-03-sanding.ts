import { effectFamilies, type Family } from '../../film';
import type { Walk } from '../walks';
import type { Ground, LawFile } from './law';

/** Films that lie rough until they are blocked. */
const rough: ReadonlySet<Family> = new Set<Family>(['build', 'polyester']);
/** What is spread proud, to be sanded flat. */
const levelling: ReadonlySet<Family> = new Set<Family>(['filler', 'putty']);
/** What may be laid on a sanded effect film: itself once more, or what buries it. */
const buries: ReadonlySet<Family> = new Set<Family>(['clear', 'inter-clear']);

/** What must be sanded before the next film is, insides too; effect film that was sanded gets another full coat. */
export const sanding: LawFile = {
  law: 3,
  check(ground) {
    const { walks, coating, applies, find } = ground;
    const familyOf = (product: string) => coating(product)?.coating?.family;
    const is = (families: ReadonlySet<Family>, product: string) => {
      const family = familyOf(product);
      return family !== undefined && families.has(family);
    };
    const isEffect = (product: string) => is(effectFamilies, product);
    for (const walk of walks) {
      const { surface, events, end } = walk;
      tooThick(ground, walk);
      for (const { step, deed, before } of events) {
        if (deed.does !== 'lay') continue;
        const top = before.films.at(-1);
        const common = { surfaces: [surface.key], at: step.start, insisted: step.insisted } as const;
        const raw = before.spreads.filter((one) => is(levelling, one.product));
        if (raw.length > 0) applies();
        const unsanded = raw.find((one) => one.isRaw);
        if (unsanded) {
          find({
            ...common,
            steps: [unsanded.step, step.key],
            figure: 0,
            limit: 1,
            unit: 'steps',
            breach: 'filler-unsanded',
            station: 'steps',
          });
        }
        if (top && top.product !== deed.product && is(rough, top.product)) {
          applies();
          if (top.openedAt === null)
            find({
              ...common,
              steps: [top.step, step.key],
              figure: 0,
              limit: 1,
              unit: 'steps',
              breach: 'never-sanded',
              station: 'steps',
            });
        }
        if (top && isEffect(top.product) && top.openedAt !== null && familyOf(top.product) !== 'flake') {
          applies();
          if (!isEffect(deed.product) && is(buries, deed.product))
            find({
              ...common,
              steps: [top.step, step.key],
              figure: 0,
              limit: 1,
              unit: 'coats',
              breach: 'effect-sanded',
              station: 'film',
            });
        }
      }
      const last = end.films.at(-1);
      if (last && is(rough, last.product)) applies();
    }
  },
};

/** A session lays no more coats of a product than its sheet takes at once. */
function tooThick({ coating, applies, find }: Ground, { surface, events }: Walk): void {
  const counts = new Map<string, number>();
  for (const { step, deed } of events) {
    if (deed.does !== 'lay' || step.pass === null) continue;
    const most = coating(deed.product)?.coating?.coatsPerSession ?? null;
    if (most === null) continue;
    applies();
    const name = `${step.pass}\n${deed.product}`;
    const count = (counts.get(name) ?? 0) + 1;
    counts.set(name, count);
    if (count === most + 1)
      find({
        surfaces: [surface.key],
        steps: [step.key],
        at: step.start,
        figure: count,
        limit: most,
        unit: 'coats',
        breach: 'session-too-thick',
        station: 'booth',
        insisted: step.insisted,
      });
  }
}
