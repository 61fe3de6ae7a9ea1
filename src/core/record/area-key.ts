/** The section that an area belongs to, by its key: `sides:Work` and `sides:first` are areas of `sides`. */
export const baseOf = (key: string): string => key.split(':')[0]!;

/** The sections that a step is done on, each once, however many areas of them there are. */
export const basesOf = ({ sections }: { sections: readonly string[] }): string[] => [
  ...new Set(sections.map(baseOf)),
];

/** What an area shares its steps with: its lot, else its section. */
export const clockOf = ({ clock, key }: { clock?: string | undefined; key: string }): string => clock ?? key;
