import { byBody, type Walk } from '../walks';
import type { LawFile } from './law';

const lastLay = ({ events }: Walk) => events.filter(({ deed }) => deed.does === 'lay').at(-1)?.step;

/** The insides of a body get their last film before its outside does, or with it. */
export const insides: LawFile = {
  law: 8,
  check({ walks, applies, find }) {
    for (const own of byBody(walks).values()) {
      const ends = own.flatMap((walk) => {
        const step = lastLay(walk);
        return step ? [{ surface: walk.surface, step }] : [];
      });
      const outside = ends.filter((one) => one.surface.face === 'outside');
      const late = new Map<
        string,
        { surfaces: string[]; steps: string[]; at: number; by: number; insisted: boolean }
      >();
      const passesOfPanel = new Map(
        own.flatMap(({ surface, events }) =>
          surface.face === 'outside'
            ? [
                [
                  surface.panel,
                  new Set(events.flatMap(({ step, deed }) => (deed.does === 'lay' ? [step.pass] : []))),
                ],
              ]
            : [],
        ),
      );
      for (const inside of ends.filter((one) => one.surface.face === 'inside')) {
        if (outside.length === 0) continue;
        applies();
        // Where the method paints a panel in one go, its inside comes with its own outside.
        if (passesOfPanel.get(inside.surface.panel)?.has(inside.step.pass)) continue;
        const first = outside
          .filter((one) => one.step.pass !== inside.step.pass && one.step.end <= inside.step.start)
          .sort((a, b) => a.step.end - b.step.end)[0];
        if (!first) continue;
        const name = `${inside.surface.section}\n${first.surface.section}`;
        const known = late.get(name);
        late.set(name, {
          surfaces: [...(known?.surfaces ?? []), inside.surface.key],
          steps: [first.step.key, inside.step.key],
          at: inside.step.start,
          by: inside.step.start - first.step.end,
          insisted: inside.step.insisted,
        });
      }
      for (const { by, ...one } of late.values())
        find({ ...one, figure: by, limit: 0, unit: 'min', breach: 'inside-after-outside', station: 'steps' });
    }
  },
};
