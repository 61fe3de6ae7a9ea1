import type { BodyKind } from './body-kind';

/** No body at all: a free list of parts, typed in, split off or read from a panel map. */
export const looseList: BodyKind = {
  key: 'loose-parts',
  name: 'Loose parts, a free list',
  route: 'panel',
  dimensions: [],
  parts: () => [],
  sections: () => [
    {
      key: 'parts',
      name: 'Loose parts',
      group: 'parts',
      loose: true,
      substrate: 'steel',
      system: 'base-clear',
      oldFinish: 'enamel',
      depth: 'bare',
    },
  ],
};
