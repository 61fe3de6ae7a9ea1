import type { Product } from './product';
import { goods, packs } from './shelf-entry';

/** Chemicals, abrasives, masking, wipes, kit and work that is bought in. Prices are invented. */
export const goodsOfShelf: readonly Product[] = [
  goods('chemical', 'cavity-wax', 'Cavity wax', 'L', packs([1, 1150], [5, 4300]), ['solvent']),
  goods('chemical', 'water-wipe', 'Water-borne surface wipe', 'L', packs([5, 2900])),
  goods('chemical', 'stripper', 'Paint stripper, gel', 'L', packs([5, 4900], [25, 21500]), [
    'caustic',
    'solvent',
  ]),
  goods('chemical', 'phosphate', 'Phosphate metal wash', 'L', packs([1, 1200], [5, 4800]), ['acid']),
  goods('chemical', 'conversion', 'Brightener and conversion coat', 'L', packs([5, 8900]), [
    'acid',
    'chromate',
  ]),
  goods('chemical', 'degreaser', 'Wax and grease remover', 'L', packs([5, 2400], [20, 8400]), ['solvent']),
  goods('chemical', 'gun-wash', 'Gun wash', 'L', packs([5, 1600], [20, 5600]), ['solvent']),
  goods('chemical', 'guide-coat', 'Guide coat, dry', 'each', packs([1, 1350])),
  goods('abrasive', 'media', 'Blasting media, reusable share counted', 'kg', packs([25, 2400])),
  // A price to begin with: the shop types the quote it was given over it.
  goods('service', 'outside-stripping', 'Stripping sent out', 'm²', packs([1, 4200])),
  goods('abrasive', 'disc-80', 'Discs P80, 150 mm', 'each', packs([50, 1850])),
  goods('abrasive', 'disc-150', 'Discs P150, 150 mm', 'each', packs([50, 1850])),
  goods('abrasive', 'sheet-block', 'Block sheets P150–P500', 'each', packs([25, 1400], [100, 4900])),
  goods('abrasive', 'pad', 'Non-woven pads', 'each', packs([20, 1600])),
  goods('abrasive', 'disc-180', 'Discs P180, 150 mm', 'each', packs([50, 1880])),
  goods('abrasive', 'disc-220', 'Discs P220, 150 mm', 'each', packs([50, 1900])),
  goods('abrasive', 'fine-sheet', 'Wet sheets P800–P5000', 'each', packs([25, 2200])),
  goods('abrasive', 'foam-pad', 'Polishing pads, foam', 'each', packs([1, 1150], [5, 4900])),
  goods('abrasive', 'wool-pad', 'Cutting pads, wool', 'each', packs([1, 1650])),
  goods('abrasive', 'structured-disc', 'Structured discs 1500–3000', 'each', packs([15, 3600])),
  goods('abrasive', 'compound', 'Cutting and polishing compounds', 'kg', packs([1, 2900])),
  goods('masking', 'fine-line', 'Fine-line tape 6 mm', 'm', packs([55, 720])),
  goods('masking', 'fine-line-3', 'Fine-line tape 3 mm', 'm', packs([33, 640])),
  goods('masking', 'foam-edge', 'Foam edge strip for openings', 'm', packs([50, 1350])),
  goods('masking', 'paper-tape-50', 'Paper tape 50 mm', 'm', packs([50, 560])),
  goods('masking', 'paper-tape', 'Paper tape 25 mm', 'm', packs([50, 310], [1200, 6400])),
  goods('masking', 'cover', 'Cover film and paper', 'm²', packs([120, 1500], [600, 6300])),
  goods('kit', 'leaf', 'Leaf, transfer, 80 mm sheets', 'm²', packs([0.16, 2600], [0.8, 11900])),
  goods('wipe', 'wipes', 'Lint-free wipes and tack cloths', 'each', packs([50, 1900])),
  goods('kit', 'cup', 'Mixing cups', 'each', packs([50, 1700])),
  goods('kit', 'strainer', 'Strainers 190 µm', 'each', packs([50, 900])),
  goods('kit', 'gloves', 'Gloves, pairs', 'each', packs([50, 1200])),
  goods('kit', 'dust-mask', 'Dust masks', 'each', packs([20, 1900])),
  goods('kit', 'cartridge', 'Respirator cartridges, pairs', 'each', packs([1, 1450], [6, 7900]), [], 1095),
  goods(
    'kit',
    'kit-spray',
    'Suit, skin cover and visor film, per person and session',
    'each',
    packs([1, 640], [20, 11000]),
  ),
];
