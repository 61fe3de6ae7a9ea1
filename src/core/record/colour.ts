import type { JobColour } from './job-lists';

/** What a job says until somebody chose its colours. */
export const unchosenColour: JobColour = {
  id: 'c.1',
  name: 'Colour to choose',
  hex: '#8a8a8a',
  lab: null,
  finish: 'dense-solid',
  system: null,
  code: '',
  repeatability: 'standard',
  coats: null,
  groundCoat: null,
  hides: [],
  recipe: [],
};

/** The colours of the sections, in their order, as a job's swatch shows them. */
export const swatchOf = (job: Coloured & { sections: readonly { colour: string }[] }): string[] =>
  job.sections.map((section) => colourOfKey(job, section.colour).hex);

const finishedIn = ({ colours }: Coloured, own: JobColour['finish']): Set<string> =>
  new Set(colours.flatMap(({ id, finish }) => (finish === own ? [id] : [])));

/** Colours that are laid by hand, in leaf, on the finished film: nothing is sprayed for them. */
export const leafColours = (job: Coloured): Set<string> => finishedIn(job, 'leaf');

/** What stands for texture: laid up to its break line, it keeps the colour of the panel. */
export const textureColours = (job: Coloured): Set<string> => finishedIn(job, 'texture');

/** Colours whose fields are cut out of no panel. */
export const uncutColours = (job: Coloured): Set<string> =>
  new Set([...leafColours(job), ...textureColours(job)]);

/** The colour of a face: insides may have another than the outside of their panels. */
export const colourOnFace = (
  { colour, insideColour }: { colour: string; insideColour: string | null },
  face: 'outside' | 'inside' | 'both',
): string => (face === 'inside' ? (insideColour ?? colour) : colour);

interface Coloured {
  colours: readonly JobColour[];
}

/** The colour of a key; one that nobody described has its key for a name. */
export const colourOfKey = ({ colours }: Coloured, key: string): JobColour =>
  colours.find((one) => one.id === key) ?? { ...unchosenColour, id: key, name: key };

/** A ground coat that an order of colours asks for. */
export interface OrderGround {
  /** Key of a colour of the job. */
  colour: string;
  product: string;
}

/** Colours with the ground coats of an order; one that has a ground coat keeps it. */
export const withGrounds = (colours: readonly JobColour[], grounds: readonly OrderGround[]): JobColour[] =>
  colours.map((one) => {
    const own = grounds.find(({ colour }) => colour === one.id);
    return own && one.groundCoat === null ? { ...one, groundCoat: own.product } : one;
  });
