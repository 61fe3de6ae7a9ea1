import {
  column,
  figures,
  heading,
  list,
  quiet,
  row,
  strong,
  table,
  text,
  type Block,
  type PrintedPaper,
} from '@/core/documents';
import type { PlannedStep } from '@/core/plan';
import { deference } from '@/core/safety';
import { isOpenDay } from '@/core/shop';
import { kitWords } from '@/core/stores';
import { localDateOf, type LocalDate } from '@/core/units';
import { gunWords } from '../words/film-words';
import { clock, fullDate } from '../words/format';
import { letterheadOf } from './letterhead';
import { cautionLines, learned, nameOf, titled, type WorkGiven } from './work-papers';

/** Who does a step, and when of the day. */
interface OfDay {
  who(step: PlannedStep): string;
  from(step: PlannedStep): string;
  until(step: PlannedStep): string;
}

function ofDay({ shop }: WorkGiven, onDay: LocalDate): OfDay {
  const nameById = new Map([...shop.people, ...shop.places].map((one) => [one.id, one.name]));
  return {
    who: (step) => step.uses.map((id) => nameById.get(id) ?? id).join(', '),
    from: ({ start }) => (localDateOf(start, shop.timeZone) < onDay ? 'goes on' : clock(start, shop)),
    until: ({ end }) => (localDateOf(end, shop.timeZone) > onDay ? 'goes on' : clock(end, shop)),
  };
}

/** The work of one day: who, where, from when, what, with what; coats with what is mixed; what to beware of. */
export function runSheetPaper(given: WorkGiven, onDay: LocalDate): PrintedPaper {
  const { plan, shop } = given;
  const own = plan.steps
    .filter(
      (step) =>
        !step.skipped &&
        step.state !== 'done' &&
        localDateOf(step.start, shop.timeZone) <= onDay &&
        localDateOf(step.end, shop.timeZone) >= onDay,
    )
    .sort((a, b) => a.start - b.start);
  // Over a day on which the shop is shut work goes on in the plan, and nobody is at it.
  const isOpen = isOpenDay(shop, onDay);
  const worked = isOpen ? own.filter((step) => step.crew > 0) : [];
  const waits = own.filter((step) => step.crew === 0);
  const codes = [...new Set([...worked, ...waits].flatMap((step) => step.cautions))];
  const kit = [...new Set(worked.flatMap(kitWords))];
  const known = [...new Set(worked.flatMap((step) => learned(step, given)))];
  const day = ofDay(given, onDay);
  return {
    title: `Run sheet, ${fullDate(onDay)}`,
    subject: titled(given),
    shop: letterheadOf(shop),
    blocks: [
      ...(isOpen ? [] : [strong('The shop is closed on this day.')]),
      ...(worked.length === 0 ? [text('Nothing of this job is worked on this day.')] : []),
      ...workBlocks(worked, day),
      ...coatBlocks(worked, given),
      ...(known.length > 0 ? [heading('Learned before'), list(known)] : []),
      ...waitBlocks(waits, day),
      ...(kit.length > 0 ? [heading('Each wears'), list(kit)] : []),
      ...(codes.length > 0 ? [heading('Beware'), list(cautionLines(codes))] : []),
      quiet(deference),
    ],
  };
}

const workBlocks = (steps: readonly PlannedStep[], { who, from, until }: OfDay): Block[] =>
  steps.length === 0
    ? []
    : [
        heading('Work'),
        table(
          'Work of the day',
          [
            column('From', 1.2),
            column('To', 1.2),
            column('What', 4),
            column('On', 3),
            column('Who and where', 3),
            column('Done', 1),
          ],
          steps.map((step) => row(from(step), until(step), step.name, step.subject, who(step), '')),
        ),
      ];

const waitBlocks = (steps: readonly PlannedStep[], { from, until }: OfDay): Block[] =>
  steps.length === 0
    ? []
    : [
        heading('Waits'),
        table(
          'Waits of the day',
          [column('From', 1.2), column('To', 1.2), column('What', 4), column('On', 4)],
          steps.map((step) => row(from(step), until(step), step.name, step.subject)),
        ),
      ];

/** Coats of the day in their order, with litres and the gun. */
function coatBlocks(steps: readonly PlannedStep[], { shelf, shop }: WorkGiven): Block[] {
  const coats = steps.filter((step) => step.coat !== null);
  if (coats.length === 0) return [];
  return [
    heading('Coats'),
    table(
      'Coats of the day',
      [
        column('At', 1.2),
        column('Coat', 4),
        column('On', 3),
        figures('Litres', 1),
        column('Gun or roller', 4),
        column('Laid at, batch', 2),
      ],
      coats.map(({ coat, start, subject }) => {
        const sheet = shelf.get(coat!.product)?.coating ?? null;
        return row(
          clock(start, shop),
          `${nameOf(shelf, coat!.product)}, coat ${coat!.coat} of ${coat!.of}`,
          subject,
          coat!.litres.toFixed(2),
          sheet ? gunWords(sheet) : '',
          '',
        );
      }),
    ),
  ];
}
