/** The section that an area belongs to, by its key: `sides:Work` and `sides:first` are areas of `sides`, `sides~c.ochre` is a field of it. */
export const baseOf = (key: string): string => key.split(/[:~]/, 1)[0]!;

/** The area of a field in another colour than its section has. */
export const fieldAreaKey = (area: string, colour: string): string => `${area}~${colour}`;

/** The coat system of an area that has its primers from one system and its colour from another, and that of the colour. */
export const systemOfBoth = (primers: string, colour: string): string => `${primers}+${colour}`;
export const systemOfColour = (system: string): string => system.split('+').at(-1)!;

/** Whether an area or a colour lot is a field, not what its panels have by themselves. */
export const isOfField = (key: string): boolean => key.includes('~');

/** What gets its colour by itself: a section or lot, or a field of it. The order of colours names these. */
export const colourKeyOf = (area: {
  clock?: string | undefined;
  key: string;
  field?: string | undefined;
}): string => (area.field === undefined ? clockOf(area) : fieldAreaKey(clockOf(area), area.field));

/** The sections that a step is done on, each once, however many areas of them there are. */
export const basesOf = ({ sections }: { sections: readonly string[] }): string[] => [
  ...new Set(sections.map(baseOf)),
];

/** What an area shares its steps with: its lot, else its section. */
export const clockOf = ({ clock, key }: { clock?: string | undefined; key: string }): string => clock ?? key;
