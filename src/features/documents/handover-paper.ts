import {
  heading,
  list,
  pageHeading,
  quiet,
  signatures,
  strong,
  text,
  type Block,
  type PrintedPaper,
} from '@/core/documents';
import type { HandoverRecord } from '@/core/handover';
import { localDateOf } from '@/core/units';
import { fullDate, hours, type Locale } from '../words/format';
import { careText, keptPlaceNames, openEndText } from '../words/handover-words';
import { leftAloneText } from '../words/offer-words';
import { filmBlocks } from './film-paper';
import {
  colourBlocks,
  holdBlocks,
  massBlocks,
  moneyBlocks,
  photoBlocks,
  productBlocks,
  provenanceBlocks,
} from './handover-blocks';
import { letterheadOf } from './letterhead';
import { netDrawingAt } from './net-drawing';
import type { PhotoOnPaper } from './photos-of-paper';
import { warrantyBlocks } from './quote-paper';
import type { WorkGiven } from './work-papers';

/** What a file of the handover needs besides the record. */
export interface HandoverPaperGiven extends WorkGiven {
  record: HandoverRecord;
  photos: readonly PhotoOnPaper[];
  owner: string;
  /** Signatures that stand, in words. */
  signed: readonly string[];
}

/** The file that goes with the object. */
export function handoverPaper(given: HandoverPaperGiven): PrintedPaper {
  const { job, plan, shop, record } = given;
  const locale: Locale = shop;
  return {
    title: `Handover of ${job.name}`,
    subject: `${job.number} · for ${given.owner || 'the owner'} · as it stands on ${fullDate(localDateOf(plan.computedAt, shop.timeZone))}`,
    shop: letterheadOf(shop),
    blocks: [
      ...netDrawingAt({ job, plan, words: 'Every outside laid flat, as it looks today' }, plan.computedAt),
      heading('Open ends'),
      ...(record.openEnds.length === 0
        ? [text('Nothing is open.')]
        : [list(record.openEnds.map(openEndText))]),
      ...leftAlone(record),
      ...holdBlocks(record),
      pageHeading('Film'),
      ...filmBlocks(given, record.film),
      pageHeading('Colours'),
      ...record.colours.flatMap((one) => colourBlocks(one, job.reservePlace)),
      ...productBlocks(record),
      ...moneyBlocks(record, job.moneyDepth, locale),
      ...provenanceBlocks(record),
      ...massBlocks(record),
      pageHeading('Care'),
      quiet(`It stands ${keptPlaceNames[job.keptWhere]}. The product’s sheet comes first.`),
      list(record.care.map(careText)),
      ...warrantyBlocks(record.warranty),
      ...returnLook(record),
      ...photoBlocks(given.photos),
      heading('Signatures'),
      ...given.signed.map(text),
      signatures(['For the shop: name, place, day', `For ${given.owner || 'the owner'}: name, place, day`]),
    ],
  };
}

const leftAlone = ({ leftAlone: left }: HandoverRecord): Block[] =>
  left.length === 0
    ? []
    : [
        heading('Left as it is, on purpose'),
        ...left.flatMap(({ section, what }) => [strong(section), list(what.map(leftAloneText))]),
      ];

const returnLook = ({ returnLook: look }: HandoverRecord): Block[] =>
  look === null
    ? []
    : [
        heading('Return look'),
        text(
          `Booked for ${fullDate(look.day)}, ${hours(look.personMin)} h are held for it: what has sunk is polished out.`,
        ),
      ];
