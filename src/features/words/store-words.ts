import type { ProductKind, SpreadFault } from '@/core/film';
import type { MoveKind } from '@/core/record';
import type { Tool, WasteKind } from '@/core/stores';

export const productKindWords: Record<ProductKind, string> = {
  coating: 'coating',
  filler: 'filler, sealer',
  chemical: 'chemical',
  abrasive: 'abrasive',
  masking: 'masking',
  wipe: 'wipes',
  kit: 'kit',
  service: 'bought-in work',
};

export const moveWords: Record<MoveKind, string> = {
  ordered: 'ordered',
  received: 'received',
  drawn: 'drawn',
  counted: 'counted, difference',
  borrowed: 'borrowed',
  'given-back': 'given back',
  lent: 'lent',
  'got-back': 'got back',
  scrapped: 'scrapped',
};

export const wasteWords: Record<WasteKind, string> = {
  'mixed-paint': 'mixed paint left',
  solvent: 'solvents',
  sludge: 'stripper sludge',
  soiled: 'soiled masking, wipes, suits',
  dust: 'sanding dust and discs',
};

const sizeWords = (size: number, unit: string): string =>
  unit === 'each' ? `pack of ${size}` : `${size} ${unit}`;

/** Packs to buy in words: 1 × 7.5 L + 1 × 1 L clear. */
export const packWords = (
  packs: readonly { size: number; count: number; part: string | null }[],
  unit: string,
): string =>
  packs
    .map((pack) => `${pack.count} × ${sizeWords(pack.size, unit)}${pack.part ? ` ${pack.part}` : ''}`)
    .join(' + ');

export const toolWords: Record<Tool, { name: string; spares: string }> = {
  gun: { name: 'spray gun', spares: 'needle and nozzle set, packings, a clean second gun' },
  sander: { name: 'sander', spares: 'backing pad, interface pad, hose' },
  block: { name: 'blocks', spares: 'second block of each length, soft pads' },
  polisher: { name: 'polisher', spares: 'two pads of each kind, brushes or battery, spur' },
  roller: { name: 'roller', spares: 'a fresh sleeve for every coat, tipping brushes' },
};

/** What is wrong with filler, with its figure, its limit and what helps. */
export function fillerFaultText({ fault, figure, limit, unit }: SpreadFault): string {
  const [is, bound] = [`${figure} ${unit}`, `${limit} ${unit}`];
  switch (fault) {
    case 'too-cold':
      return `${is}, at least ${bound}: it does not cure through. Warm the bay.`;
    case 'too-hot':
      return `${is}, at most ${bound}: it goes off on the palette. Wait for a cooler hour.`;
    case 'hardener-low':
      return `${is} hardener, at least ${bound}: it stays soft and bleeds.`;
    case 'hardener-high':
      return `${is} hardener, at most ${bound}: it bleeds through the colour.`;
    case 'too-thick':
      return `${is} in the mean, at most ${bound} a layer: beat the metal first, or lay it in two.`;
  }
}
