import type { LawFile } from './law';

const dust = 0.05;

/** No work takes more of a film than is there, and sanding leaves what must stay of the last one. */
export const removal: LawFile = {
  law: 5,
  check({ plan, walks, coating, applies, find }) {
    for (const { surface, events, end } of walks) {
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
      const shortUm = Math.max(plan.stopLine.flatUm - top.um, plan.stopLine.edgeUm - top.edgeUm);
      if (shortUm > dust)
        find({
          surfaces: [surface.key],
          steps: [last.step.key],
          at: last.step.start,
          figure: Math.min(top.um, top.edgeUm),
          limit: top.um < plan.stopLine.flatUm ? plan.stopLine.flatUm : plan.stopLine.edgeUm,
          unit: 'µm',
          breach: 'below-stop-line',
          station: 'film',
          insisted: last.step.insisted,
        });
    }
  },
};
