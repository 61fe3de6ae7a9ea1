/** Cautions by code, in plain words; each list shown to a person ends with `deference`. */
export const cautions = {
  'lead-chromate':
    'Test the old paint for lead and chromate before sanding, scraping, blasting or heat. If positive: wet or chemical methods, contained, licensed where the law says.',
  isocyanate:
    'Two-pack with isocyanate: air-fed hood and covered skin for everyone in the room; sensitised people stay out. Nobody enters unprotected until the booth has cleared after the last coat.',
  solvent: 'Solvent vapour: ventilation on, no ignition, earthed containers, rags in a closed metal bin.',
  caustic:
    'Stripper burns skin and eyes: face shield, long gloves, eye wash at hand; contain sludge and rinse water. Never in the booth.',
  acid: 'Acid, some with chromate or hydrofluoric acid: face shield and gloves; the sheet’s first aid and antidote at hand before opening.',
  chromate: 'Contains chromate: no dry sanding, no blowing; wipe or vacuum, waste kept apart.',
  dust: 'Dust: extraction and a mask; no compressed air on lead, chromate or silica dust.',
  peroxide: 'Peroxide hardener: protect the eyes, never bring it together with accelerator.',
  biocide: 'Antifouling is a biocide: work it wet only, collect the waste, follow the local ban list.',
  ignition:
    'A spraying booth is an ignition-hazard room: ordinary tablets and phones stay outside while spraying or flashing.',
  lifting: 'Moving or turning a vehicle, hull or airframe: rated stands and slings, nobody under the load.',
  polisher: 'A polisher can snatch: no loose clothing, cable over the shoulder, keep off edges.',
  'half-cured': 'Partly cured film: keep the mask on while sanding.',
  'licensed-hold':
    'Hold point: only the responsible licensed engineer releases it. A typed sign-off is a record, not an authority.',
  'aircraft-skin':
    'Aircraft skin: no wire brush, steel wool, coarse disc or blasting; approved strippers only; cover static ports, pitot, vents and drains and count the covers.',
} as const;

export type Caution = keyof typeof cautions;

export const deference = 'The product’s data sheet, local rules and licensed practice come first.';
