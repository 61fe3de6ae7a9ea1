import { stripName, type ConstructionKind, type Datum } from '@/core/record';
import type { Mark, SchemeFault } from '@/core/scheme';

/** What heights of a line are measured from. */
export const datumNames: Record<Datum, string> = {
  base: 'lowest point, level',
  lower: 'lower edge',
  upper: 'upper edge',
  'panel-lower': 'lower edge of a panel row',
  'panel-upper': 'upper edge of a panel row',
};

export const kindNames: Record<ConstructionKind, string> = {
  band: 'Band',
  field: 'Field, up to a line',
  stripes: 'Stripes',
  box: 'Box or lettering',
};

/** Why a construction covers nothing, or not what was meant. */
export const faultText = ({ code, strip }: Pick<SchemeFault, 'code' | 'strip'>): string => {
  const on = stripName(strip).toLowerCase();
  switch (code) {
    case 'no-strip':
      return `The body has no panels here: ${on}.`;
    case 'no-datum':
      return `The panel its heights are measured from is not on the ${on}.`;
    case 'no-panel':
      return `It lies over no panel of the ${on}.`;
    case 'crosses-itself':
      return `It crosses itself on the ${on}: it is wider than its line bends.`;
    case 'covered':
      return `Others lie over all of it on the ${on}.`;
    case 'beyond-the-end':
      return `It reaches over the end of the ${on}.`;
  }
};

const markWords: Record<Mark['of'], (name: string) => string> = {
  'lower-edge': (name) => `lower edge of ${name}`,
  'upper-edge': (name) => `upper edge of ${name}`,
  opening: (name) => `edge of the opening in ${name}`,
  middle: (name) => `middle of ${name}`,
  line: (name) => `edge of ${name}`,
};

/** What a line is held to while it is dragged. */
export const markText = ({ of, name }: Mark): string => `at the ${markWords[of](name)}`;
