import {
  column,
  facts,
  figures,
  heading,
  pageHeading,
  quiet,
  row,
  strong,
  subheading,
  sumRow,
  table,
  text,
  type Block,
} from '@/core/documents';
import type { ColourRecord, HandoverRecord } from '@/core/handover';
import type { MoneyDepth } from '@/core/record';
import { gunWords } from '../words/film-words';
import { fullDate, hours, money, type Locale } from '../words/format';
import { panelsText, photoTagNames, provenanceNames } from '../words/handover-words';
import { phaseName } from '../words/phase-names';
import type { PhotoOnPaper } from './photos-of-paper';
import { labelLines } from './work-papers';

export const holdBlocks = ({ holds }: HandoverRecord): Block[] =>
  holds.length === 0
    ? []
    : [
        heading('Holds released'),
        table(
          'Holds released',
          [column('Hold', 4), column('On', 3), column('By', 3), column('Licence', 2), column('Day', 2)],
          holds.map((one) => row(one.name, one.subject, one.by, one.licence, fullDate(one.date))),
        ),
        quiet('As they were typed: a record, no authority.'),
      ];

export function colourBlocks(
  { colour, products, approved, attempts, reserves }: ColourRecord,
  place: string,
): Block[] {
  const recipe = colour.recipe.map((one) => `${one.name} ${one.grams} g`).join(', ');
  return [
    heading(colour.name),
    facts([
      ['Code', colour.code || 'none'],
      ['Recipe by weight', recipe || 'not kept'],
      [
        'Sample',
        approved
          ? `${approved.verdict === 'at-risk' ? 'none: at the risk of' : 'accepted by'} ${approved.by} on ${fullDate(approved.onDate)}${approved.light ? `, ${approved.light}` : ''}${approved.beside ? `, beside ${approved.beside}` : ''}`
          : 'none accepted',
      ],
    ]),
    ...(attempts.length > 0
      ? [
          table(
            'Tries at a match',
            [column('Day', 2), column('Change', 5), column('Verdict', 2)],
            attempts.map((one) => row(fullDate(one.onDate), one.change, one.verdict)),
          ),
        ]
      : []),
    ...products.flatMap((one): Block[] => [
      strong(`${one.name}, ${one.coats} coats`),
      ...(one.sheet
        ? [
            quiet(
              `${one.sheet.mix.map((part) => `${part.label} ${part.parts}`).join(' : ')}. ${gunWords(one.sheet)}.`,
            ),
          ]
        : []),
      ...one.batches.map(({ batch, panels }) =>
        text(`${batch === '' ? 'Batch not written down' : `Batch ${batch}`}: ${panelsText(panels, 20)}`),
      ),
    ]),
    ...(reserves.length > 0
      ? [
          {
            kind: 'cards' as const,
            across: 2 as const,
            cards: reserves.map((label) => ({ title: label.colour, lines: labelLines(label, place) })),
          },
        ]
      : []),
  ];
}

export function moneyBlocks({ money: record }: HandoverRecord, depth: MoneyDepth, locale: Locale): Block[] {
  if (depth === 'none') return [];
  const time = (minutes: number | null) => (minutes === null ? 'not quoted' : `${hours(minutes)} h`);
  const cost = (minor: number | null) => (minor === null ? 'not quoted' : money(minor, locale, 2));
  return [
    heading('Hours and money'),
    table(
      'Hours and money against the quote',
      [column('', 4), figures('Taken', 2), figures('Quoted', 2)],
      [
        ...(depth === 'sums'
          ? []
          : record.phases.map((one) => row(phaseName(one.phase), time(one.usedMin), time(one.quotedMin)))),
        sumRow('Labour', time(record.labourMin.used), time(record.labourMin.quoted)),
        sumRow('Booth', time(record.boothMin.used), time(record.boothMin.quoted)),
        sumRow('Materials', cost(record.materialsMinor.used), cost(record.materialsMinor.quoted)),
        ...(record.grossMinor === null
          ? []
          : [sumRow('To be paid by the quote, tax included', '', cost(record.grossMinor))]),
      ],
    ),
    ...(depth === 'lines' && record.scope.length > 0
      ? [
          table(
            'Changes that were agreed',
            [
              column('Day', 2),
              column('What', 5),
              figures('Hours', 1),
              figures('Money', 2),
              column('Agreed by', 2),
            ],
            record.scope.map((one) =>
              row(fullDate(one.onDate), one.what, one.hours.toFixed(1), cost(one.moneyMinor), one.agreedBy),
            ),
          ),
        ]
      : []),
  ];
}

/** Products with the dates of the sheets they were laid by. */
export const productBlocks = ({ products }: HandoverRecord): Block[] => [
  heading('Products and their sheets'),
  table(
    'Products and their sheets',
    [column('Product', 4), column('Sheet of', 2), column('On', 5)],
    products.map((one) =>
      row(one.name, one.sheetDated === null ? 'date not kept' : fullDate(one.sheetDated), one.on.join(', ')),
    ),
  ),
];

export function provenanceBlocks({ provenance, replaced }: HandoverRecord): Block[] {
  if (provenance.length === 0 && replaced.length === 0) return [];
  return [
    heading('Where it comes from'),
    ...(replaced.length > 0 ? [text(`Replaced panels: ${panelsText(replaced, 30)}.`)] : []),
    ...(provenance.length > 0
      ? [
          table(
            'Parts, numbers and references',
            [column('', 2), column('What', 4), column('Reads', 3), column('Panel', 1), column('Note', 3)],
            provenance.map((one) => row(provenanceNames[one.kind], one.what, one.reads, one.part, one.note)),
          ),
        ]
      : []),
  ];
}

export function massBlocks({ mass }: HandoverRecord): Block[] {
  if (!mass) return [];
  const kg = (value: number | null) => (value === null ? 'not known' : value.toFixed(3));
  return [
    heading('Dry mass and moments'),
    strong('For the licensed engineer. Film by sheet and readings, not a weighing.'),
    ...(mass.measured.length > 0
      ? [text(`By the film that was read: ${panelsText(mass.measured, 20)}; the others as planned.`)]
      : []),
    table(
      'Dry mass by panel',
      [
        column('Panel', 4),
        figures('Laid, kg', 2),
        figures('Taken off, kg', 2),
        figures('Station, m', 2),
        figures('Moment, kg·m', 2),
      ],
      [
        ...mass.panels.map((one) =>
          row(
            `${one.part} ${one.name}`,
            kg(one.laidKg),
            kg(one.removedKg),
            one.armM === null ? 'not known' : one.armM.toFixed(3),
            one.momentKgM === null ? '' : one.momentKgM.toFixed(3),
          ),
        ),
        sumRow('What is known, in all', kg(mass.laidKg), kg(mass.removedKg), '', mass.momentKgM.toFixed(3)),
      ],
    ),
  ];
}

export function photoBlocks(photos: readonly PhotoOnPaper[]): Block[] {
  if (photos.length === 0) return [];
  const tags = [...new Set(photos.map((one) => one.tag))];
  return [
    pageHeading('Photos'),
    ...tags.flatMap((tag): Block[] => [
      subheading(photoTagNames[tag]),
      { kind: 'photos', photos: photos.filter((one) => one.tag === tag).map((one) => one.photo) },
    ]),
  ];
}
