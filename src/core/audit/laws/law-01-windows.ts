import { windowFromFirst } from '../../film';
import { closedAt, readyAt } from '../times';
import type { Film } from '../sweep';
import type { Walk } from '../walks';
import type { Ground, LawFile } from './law';

/** A coat goes on no sooner than the film beneath allows and no later than its window closes, unless it was opened again. */
export const windows: LawFile = {
  law: 1,
  check(ground) {
    const { walks, coating, applies, find } = ground;
    for (const walk of walks) {
      const { surface, events } = walk;
      spreadsMet(ground, walk);
      for (const { step, deed, before } of events) {
        const top = before.films.at(-1);
        if (!top) continue;
        const common = { surfaces: [surface.key], steps: [top.step, step.key], at: step.start };
        const said = { unit: 'min', station: 'bays', insisted: step.insisted } as const;
        if (deed.does === 'take' && deed.by !== 'strip') {
          applies();
          const from = readyAt(ground, surface.key, top, 'sandAfterMin');
          if (from !== null && step.start < from)
            find({
              ...common,
              ...said,
              breach: 'sanded-soft',
              figure: step.start - top.lastBy,
              limit: from - top.lastBy,
            });
        }
        if (deed.does !== 'lay') continue;
        applies();
        const isSamePass = top.pass !== null && top.pass === step.pass;
        const from = readyAt(ground, surface.key, top, isSamePass ? 'flashMin' : 'recoatMinMin');
        if (from !== null && top.openedAt === null && step.start < from)
          find({
            ...common,
            ...said,
            breach: 'coated-early',
            figure: step.start - top.lastBy,
            limit: from - top.lastBy,
          });
        const opens = windowOpens(top, coating(top.product)?.coating?.family ?? '');
        const closes =
          top.openedAt === null ? closedAt(ground, surface.key, top.product, 'recoatMaxMin', opens) : null;
        if (closes !== null && step.start > closes)
          find({
            ...common,
            ...said,
            breach: 'window-closed',
            figure: step.start - opens,
            limit: closes - opens,
          });
      }
    }
  },
};

/** Spread proud, to be sanded flat; sealant and texture are sanded round once they have a skin. */
const levelled: ReadonlySet<string | undefined> = new Set(['filler', 'putty']);

/** What was spread by hand is sanded once it can be, and coated once its sheet allows. */
function spreadsMet(ground: Ground, { surface, events }: Walk): void {
  for (const { step, deed, before } of events) {
    const sands = deed.does === 'take' && deed.by !== 'strip';
    if (!sands && deed.does !== 'lay') continue;
    for (const spread of before.spreads) {
      const film = { product: spread.product, lastBy: spread.at };
      const isLevelled = levelled.has(ground.coating(spread.product)?.coating?.family);
      const key = !sands ? 'recoatMinMin' : isLevelled ? 'sandAfterMin' : 'dustFreeMin';
      const from = readyAt(ground, surface.key, film, key);
      if (from === null) continue;
      ground.applies();
      if (step.start < from)
        ground.find({
          surfaces: [surface.key],
          steps: [spread.step, step.key],
          at: step.start,
          figure: step.start - spread.at,
          limit: from - spread.at,
          unit: 'min',
          breach: sands ? 'sanded-soft' : 'coated-early',
          station: 'bays',
          insisted: step.insisted,
        });
    }
  }
}

const windowOpens = (film: Film, family: string): number =>
  windowFromFirst.has(family) ? film.firstBy : film.lastBy;
