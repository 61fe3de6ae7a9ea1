import {
  column,
  figures,
  heading,
  quiet,
  row,
  signatures,
  strong,
  sumRow,
  table,
  text,
  type Block,
  type PaperRow,
  type PrintedPaper,
} from '@/core/documents';
import {
  lineKinds,
  quotedWay,
  type Offer,
  type OfferLine,
  type OfferWay,
  type StageParts,
} from '@/core/offer';
import type { Shop } from '@/core/shop';
import { area, date, fullDate, money, type Locale } from '../words/format';
import {
  depthText,
  leftAloneText,
  lineKindNames,
  lineText,
  quantityText,
  stageNames,
} from '../words/offer-words';
import { letterheadOf } from './letterhead';

export interface QuoteGiven {
  offer: Offer;
  /** Name of the object, and of its owner. */
  object: string;
  owner: string;
  shop: Shop;
  /** What was said to it; null while nobody has. */
  said: { answer: string; by: string; where: string; on: string } | null;
}

const localeOf = ({ timeZone }: Shop, { currency }: Offer): Locale => ({ timeZone, currency });

const madeText = ({ madeOn, validUntil, promised }: Offer): string =>
  `made on ${fullDate(madeOn)}, valid until ${date(validUntil)} · ready on ${fullDate(promised)}`;

/** A quote as it is signed. */
export function quotePaper({ offer, object, owner, shop, said }: QuoteGiven): PrintedPaper {
  return {
    title: `Quote ${offer.number} for ${object}`,
    subject: `${offer.job} · ${madeText(offer)}`,
    shop: letterheadOf(shop),
    blocks: [
      ...quoteBlocks(offer, localeOf(shop, offer)),
      ...(said
        ? [strong(`${said.answer} by ${said.by}, ${said.where}, on ${fullDate(said.on)}.`)]
        : [signatures(['For the shop: name, place, day', `For ${owner || 'the owner'}: name, place, day`])]),
    ],
  };
}

/** What a quote says, wherever it is read: what is done and what is not, what it costs, when it is paid, what the shop stands for. */
export const quoteBlocks = (offer: Offer, locale: Locale): Block[] => [
  ...(offer.note === '' ? [] : [text(offer.note)]),
  heading('What is done'),
  ...offer.sections.flatMap(sectionBlocks),
  heading('What it costs'),
  ...costBlocks(offer, locale),
  ...wayBlocks(offer, locale),
  heading('When it is paid'),
  stagesTable(offer.stages, locale),
  ...warrantyBlocks(offer.warranty),
  ...(offer.terms.length > 0 ? [heading('Terms'), ...offer.terms.map(text)] : []),
  quiet(
    'Each line is rounded to the smallest coin, tax once on its sum. Product sheets, local rules and licensed practice come first.',
  ),
];

const sectionBlocks = (section: Offer['sections'][number]): Block[] => {
  const coats = section.coats.map((one) => `${one.coats} × ${one.product}`).join(', ');
  const isKept = section.level === 'Keep';
  return [
    strong([section.name, section.level, area(section.areaM2), ...section.colours].join(', ')),
    ...(isKept ? [] : [text(`${depthText(section.depth)}.`)]),
    ...(coats === '' || isKept ? [] : [quiet(coats)]),
    ...section.leftAlone.map((one) => quiet(leftAloneText(one))),
  ];
};

function costBlocks(offer: Offer, locale: Locale): Block[] {
  const cost = (minor: number) => money(minor, locale, 2);
  const kinds = lineKinds.filter((kind) => offer.lines.some((line) => line.kind === kind));
  const lineRow = (line: OfferLine): PaperRow =>
    row(
      lineText(line),
      quantityText(line),
      line.rateMinor === null ? '' : cost(line.rateMinor),
      cost(line.sumMinor),
    );
  return [
    table(
      'Lines of the quote',
      [column('', 5), figures('Amount', 2), figures('At', 2), figures('Sum', 2)],
      [
        ...kinds.flatMap((kind) => [
          sumRow(lineKindNames[kind], '', '', ''),
          ...offer.lines.filter((line) => line.kind === kind).map(lineRow),
        ]),
        ...(offer.discount
          ? [row(`Discount: ${offer.discount.reason}`, '', '', cost(-offer.discount.minor))]
          : []),
        sumRow('Net', '', '', cost(offer.netMinor)),
        ...offer.taxes.map((tax) =>
          row(`${tax.name}, ${tax.bp / 100} % of ${cost(tax.baseMinor)}`, '', '', cost(tax.sumMinor)),
        ),
        sumRow('To pay', '', '', cost(offer.grossMinor)),
      ],
    ),
    ...(offer.contingency
      ? [
          text(
            `Hidden damage: up to ${Math.round(offer.contingency.hours)} h, ${cost(offer.contingency.ceilingMinor)} before tax at most. It is in no sum above; it is shown to you first, and nothing of it is spent without your word.`,
          ),
        ]
      : []),
  ];
}

/** The quoted way beside the others. */
function wayBlocks(offer: Offer, locale: Locale): Block[] {
  if (offer.ways.length === 0) return [];
  const ways = [quotedWay(offer), ...offer.ways];
  const names = [...new Set(ways.flatMap((way) => way.sections.map((one) => one.name)))];
  const line = (label: string, cell: (way: OfferWay) => string) => row(label, ...ways.map(cell));
  return [
    heading('Ways side by side'),
    table(
      'Ways side by side',
      [column('', 2), ...ways.map((way) => column(way.name, 2))],
      [
        ...names.map((name) =>
          line(name, (way) => {
            const own = way.sections.find((one) => one.name === name);
            return own ? `${own.level}, ${own.coats} coats` : '–';
          }),
        ),
        line('Labour', (way) => `${Math.round(way.hours)} h`),
        line('Warranty', (way) => way.warranty.map((one) => `${one.months} months`).join(', ') || '–'),
        line('Ready', (way) => (way.readyOn === null ? '–' : date(way.readyOn))),
        line('Net', (way) => money(way.netMinor, locale, 2)),
        line('To pay', (way) => money(way.grossMinor, locale, 2)),
      ],
    ),
    quiet('This quote is for the first. Another way is chosen by another quote, planned and priced in full.'),
  ];
}

/** Payments with the state of the object that each is tied to. */
export const stagesTable = (stages: Offer['stages'], locale: Locale): Block =>
  table(
    'Stages of payment',
    [column('State of the object', 4), figures('Share', 1), figures('Sum', 2), column('About', 2)],
    stages.map((stage) =>
      row(
        stageNames[stage.state],
        `${stage.shareBp / 100} %`,
        money(stage.grossMinor, locale, 2),
        stage.expectedOn === null ? '' : date(stage.expectedOn),
      ),
    ),
  );

export const warrantyBlocks = (warranty: Offer['warranty']): Block[] =>
  warranty.length === 0
    ? []
    : [
        heading('Warranty'),
        ...warranty.map((one) =>
          text(`${one.level}: ${one.months} months against ${one.covers}. Not covered: ${one.excludes}.`),
        ),
      ];

/** A payment that is due, as a proforma: numbers for the owner and for the shop's accounts, no invoice. */
export function stagePaper(
  given: QuoteGiven & { stage: StageParts; before: readonly StageParts[] },
): PrintedPaper {
  const { offer, object, owner, shop, stage, before } = given;
  const locale = localeOf(shop, offer);
  const cost = (minor: number) => money(minor, locale, 2);
  const paid = before.reduce((sum, one) => sum + one.grossMinor, 0);
  return {
    title: `Proforma: ${stageNames[stage.state].toLowerCase()}`,
    subject: `${offer.job} ${object} · by quote ${offer.number} of ${fullDate(offer.madeOn)} · for ${owner || 'the owner'}`,
    shop: letterheadOf(shop),
    blocks: [
      text(
        stage.isReached
          ? `${stageNames[stage.state]}: the work that this payment waits for is done.`
          : `${stageNames[stage.state]}: this payment is not due yet.`,
      ),
      table(
        'This payment',
        [column('', 5), figures('Sum', 2)],
        [
          row(`${stage.shareBp / 100} % of ${cost(offer.grossMinor)}, net`, cost(stage.netMinor)),
          row('Tax in it', cost(stage.taxMinor)),
          sumRow('To pay now', cost(stage.grossMinor)),
        ],
      ),
      table(
        'All payments of the quote',
        [column('', 5), figures('Sum', 2)],
        [
          row('Stages before this one', cost(paid)),
          row('This one', cost(stage.grossMinor)),
          row('Still to come', cost(offer.grossMinor - paid - stage.grossMinor)),
          sumRow('In all', cost(offer.grossMinor)),
        ],
      ),
      quiet('A proforma, no invoice: the shop’s accounts write that.'),
    ],
  };
}
