import type { Walk } from '../walks';
import type { Ground, LawFile } from './law';

const dust = 0.05;

/** No work takes more of a film than is there, and sanding leaves what must stay of the last one. */
export const removal: LawFile = {
  law: 5,
  check(ground) {
    const { plan, walks, coating, applies, find } = ground;
    for (const walk of walks) {
      const { surface, events, end } = walk;
      if (end.films.length === 0) keptLeft(ground, walk);
      const takes = events.flatMap(({ step, deed, before }) =>
        deed.does === 'take' && deed.um !== 'all' && !deed.spots ? [{ step, deed, before }] : [],
      );
      for (const { step, deed, before } of takes) {
        const top = before.films.at(-1);
        if (!top) continue;
        applies();
        const left = Math.min(top.um - Number(deed.um), top.edgeUm - deed.edgeUm);
        if (left < -dust)
          find({
            surfaces: [surface.key],
            steps: [top.step, step.key],
            at: step.start,
            figure: left,
            limit: 0,
            unit: 'µm',
            breach: 'cut-through',
            station: 'film',
            insisted: step.insisted,
          });
      }
      const top = end.films.at(-1);
      const last = takes.filter(({ deed }) => deed.by === 'sand' || deed.by === 'polish').at(-1);
      if (!top || !last || coating(top.product)?.coating?.family !== 'clear') continue;
      applies();
      const stop = plan.stopLine(surface.key);
      const shortUm = Math.max(stop.flatUm - top.um, stop.edgeUm - top.edgeUm);
      if (shortUm > dust)
        find({
          surfaces: [surface.key],
          steps: [last.step.key],
          at: last.step.start,
          figure: Math.min(top.um, top.edgeUm),
          limit: top.um < stop.flatUm ? stop.flatUm : stop.edgeUm,
          unit: 'µm',
          breach: 'below-stop-line',
          station: 'film',
          insisted: last.step.insisted,
        });
    }
  },
};

/** A film that is only corrected keeps what must stay of it, on flats and on edges. */
function keptLeft({ plan, applies, find }: Ground, { surface, events }: Walk): void {
  const readUm = plan.keptUm(surface.key);
  if (readUm === null || surface.face === 'inside') return;
  const { flatUm, edgeUm, edgeShare } = plan.keptStop(surface.key);
  let [flat, edge] = [readUm, readUm * edgeShare];
  for (const { step, deed } of events) {
    if (deed.does === 'take' && deed.by === 'strip') return;
    if (deed.does !== 'take' || deed.um === 'all' || deed.spots) continue;
    applies();
    const before = Math.max(flatUm - flat, edgeUm - edge);
    flat -= deed.um;
    edge -= deed.edgeUm;
    const isFlat = flatUm - flat >= edgeUm - edge;
    if (before > dust || Math.max(flatUm - flat, edgeUm - edge) <= dust) continue;
    find({
      surfaces: [surface.key],
      steps: [step.key],
      at: step.start,
      figure: isFlat ? flat : edge,
      limit: isFlat ? flatUm : edgeUm,
      unit: 'µm',
      breach: 'below-stop-line',
      station: 'film',
      insisted: step.insisted,
    });
  }
}
