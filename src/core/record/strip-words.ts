const sideNames: Record<string, string> = {
  left: 'Left side',
  right: 'Right side',
  both: 'Both sides, mirrored',
  top: 'Top',
  front: 'Front',
  rear: 'Rear',
};

/** Views of the object from outside, in words. */
export const viewName = (view: string): string => (view === 'top' ? 'From above' : (sideNames[view] ?? view));

/** A strip of the panel layout in words; a loose piece is called by its panel. */
export const stripName = (key: string): string => sideNames[key] ?? `Panel ${key}`;
