/** The stations in working order, with the key that goes there after `g`. */
export const stations = [
  { key: '1', path: 'walkaround', name: 'Walkaround' },
  { key: '2', path: 'scheme', name: 'Scheme' },
  { key: '3', path: 'film', name: 'Film' },
  { key: '4', path: 'steps', name: 'Steps' },
  { key: '5', path: 'bays', name: 'Bays' },
  { key: '6', path: 'stores', name: 'Stores' },
  { key: '7', path: 'booth', name: 'Booth' },
  { key: '8', path: 'log', name: 'Log' },
  { key: '9', path: 'handover', name: 'Handover' },
] as const;

export type StationPath = (typeof stations)[number]['path'];
