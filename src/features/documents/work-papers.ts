import {
  column,
  figures,
  heading,
  list,
  quiet,
  row,
  strong,
  subheading,
  table,
  text,
  type Block,
  type PrintedPaper,
} from '@/core/documents';
import type { Shelf } from '@/core/film';
import type { Plan, PlannedStep } from '@/core/plan';
import { notesFor } from '@/core/notes';
import { basesOf, type Job, type WorkNote } from '@/core/record';
import { cautions, deference, type Caution } from '@/core/safety';
import { isOpenDay, type Shop } from '@/core/shop';
import { batchCards, kitWords, type ReserveLabel } from '@/core/stores';
import { placeTaken, workAirC } from '@/core/plan/place-taken';
import { localDateOf, type LocalDate } from '@/core/units';
import { counted } from '../words/counted';
import { gunWords } from '../words/film-words';
import { amount, clock, day, fullDate, hours, moment, span } from '../words/format';
import { namesOf } from '../words/names';
import { reasonSentence } from '../words/step-words';
import { letterheadOf } from './letterhead';

/** A job with its plan and the shop it is planned in. */
export interface WorkGiven {
  job: Job;
  plan: Plan;
  shop: Shop;
  shelf: Shelf;
  /** What the shop has learned at the work. */
  notes: readonly WorkNote[];
}

const nameOf = (shelf: Shelf, code: string): string => shelf.get(code)?.name ?? code;
const titled = ({ job }: WorkGiven): string => `${job.number} ${job.name}`;
const cautionLines = (codes: readonly Caution[]): string[] => codes.map((code) => cautions[code]);

/** The work of each section in its order: what, how long, with what, why, and what to beware of. */
export function statementPaper(given: WorkGiven): PrintedPaper {
  const { job, plan, shop, shelf } = given;
  const names = namesOf(plan, job.sections, (code) => nameOf(shelf, code));
  const worked = plan.steps
    .filter((step) => step.minutes > 0 || step.skipped)
    .sort((a, b) => a.start - b.start);
  return {
    title: `Method statement of ${job.name}`,
    subject: `${job.number} · by the plan of ${moment(plan.computedAt, shop)}`,
    shop: letterheadOf(shop),
    blocks: [
      ...job.sections.flatMap((section): Block[] => {
        const own = worked.filter((step) => basesOf(step).includes(section.key));
        const codes = [...new Set(own.flatMap((step) => step.cautions))];
        return [
          heading(section.name),
          ...own.flatMap((step, i): Block[] => [
            subheading(`${i + 1}. ${step.name}${step.skipped ? ', left out by hand' : ''}`),
            ...(step.skipped ? [] : [quiet(workLine(step, shop))]),
            ...(step.because[0] ? [text(reasonSentence(step.because[0], names))] : []),
            ...(step.checks.length > 0 ? [text(`See to: ${step.checks.join('; ')}.`)] : []),
            ...(step.inspection ? [text(lookLine(step.inspection))] : []),
            ...(step.note ? [strong(`Note: ${step.note}`)] : []),
            ...learned(step, given).map(strong),
            ...(step.needs.length > 0
              ? [
                  quiet(
                    step.needs
                      .map((need) => `${nameOf(shelf, need.product)} ${need.amount.toFixed(1)}`)
                      .join('; '),
                  ),
                ]
              : []),
            ...(step.crew > 0 && kitWords(step).length > 0
              ? [text(`Each wears: ${kitWords(step).join('; ')}.`)]
              : []),
          ]),
          list(cautionLines(codes)),
        ];
      }),
      quiet(deference),
    ],
  };
}

/** Notes that come back before a step, each in a line. */
const learned = (step: PlannedStep, { job, notes }: WorkGiven): string[] =>
  notesFor(step, job.bodyKind, notes).map(({ cause, cure }) => `${cause}: ${cure}`);

const lookLine = ({ light, angleDeg, secondPerson }: NonNullable<PlannedStep['inspection']>): string =>
  `Look: ${light} at ${angleDeg}°${secondPerson ? ', with a second person' : ''}.`;

const workLine = (step: PlannedStep, shop: Shop): string =>
  `${moment(step.start, shop)} · ${step.crew > 0 ? `${hours(step.personMinutes)} h, ${step.crew} at it` : span(step.minutes)}`;

/** The work of one day: who, where, from when, what, with what; coats with what is mixed; what to beware of. */
export function runSheetPaper(given: WorkGiven, onDay: LocalDate): PrintedPaper {
  const { plan, shop } = given;
  const isToday = (step: PlannedStep) =>
    localDateOf(step.start, shop.timeZone) <= onDay && localDateOf(step.end, shop.timeZone) >= onDay;
  const own = plan.steps
    .filter((step) => !step.skipped && step.state !== 'done' && isToday(step))
    .sort((a, b) => a.start - b.start);
  const nameById = new Map([...shop.people, ...shop.places].map((one) => [one.id, one.name]));
  const who = (step: PlannedStep) => step.uses.map((id) => nameById.get(id) ?? id).join(', ');
  // Over a day on which the shop is shut work goes on in the plan, and nobody is at it.
  const isOpen = isOpenDay(shop, onDay);
  const worked = isOpen ? own.filter((step) => step.crew > 0) : [];
  const waits = own.filter((step) => step.crew === 0);
  const codes = [...new Set([...worked, ...waits].flatMap((step) => step.cautions))];
  const kit = [...new Set(worked.flatMap(kitWords))];
  const known = [...new Set(worked.flatMap((step) => learned(step, given)))];
  const from = (step: PlannedStep) =>
    localDateOf(step.start, shop.timeZone) < onDay ? 'goes on' : clock(step.start, shop);
  const until = (step: PlannedStep) =>
    localDateOf(step.end, shop.timeZone) > onDay ? 'goes on' : clock(step.end, shop);
  return {
    title: `Run sheet, ${fullDate(onDay)}`,
    subject: titled(given),
    shop: letterheadOf(shop),
    blocks: [
      ...(isOpen ? [] : [strong('The shop is closed on this day.')]),
      ...(worked.length === 0 ? [text('Nothing of this job is worked on this day.')] : []),
      ...(worked.length > 0
        ? [
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
              worked.map((step) => row(from(step), until(step), step.name, step.subject, who(step), '')),
            ),
          ]
        : []),
      ...coatBlocks(worked, given),
      ...(known.length > 0 ? [heading('Learned before'), list(known)] : []),
      ...(waits.length > 0
        ? [
            heading('Waits'),
            table(
              'Waits of the day',
              [column('From', 1.2), column('To', 1.2), column('What', 4), column('On', 4)],
              waits.map((step) => row(from(step), until(step), step.name, step.subject)),
            ),
          ]
        : []),
      ...(kit.length > 0 ? [heading('Each wears'), list(kit)] : []),
      ...(codes.length > 0 ? [heading('Beware'), list(cautionLines(codes))] : []),
      quiet(deference),
    ],
  };
}

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

/** Cards of every mix of a job, for the mixing room. */
export function batchCardsPaper(given: WorkGiven): PrintedPaper {
  const { plan, shop, shelf } = given;
  const stays = new Map(plan.stays.map((stay) => [stay.key, stay]));
  const blocks = plan.sessions.flatMap((need): Block[] => {
    const product = shelf.get(need.product);
    const step = plan.steps.find((one) => one.key === need.steps[0]?.step);
    if (!product?.coating || !step || step.state === 'done') return [];
    const airC = workAirC(placeTaken(step, stays, shop), step.start, shop.timeZone);
    const cards = batchCards(need.product, product.coating, need, step.start, airC);
    return [
      heading(`${product.name}, ${step.subject}`),
      quiet(
        `${need.readyL.toFixed(2)} L ready in ${counted(need.batches, 'batch')}, pot life at ${airC} °C. ${gunWords(product.coating)}.`,
      ),
      {
        kind: 'cards',
        across: 2,
        cards: cards.map((card) => ({
          title: `Batch ${card.batch} of ${card.of}: ${amount(card.litres, 'L')}`,
          lines: [
            ...card.lines.map(
              (line, i) =>
                `${i + 1}. ${line.label}: ${line.ml.toFixed(0)} mL${line.cumulativeGrams === null ? ', measured' : `, scale reads ${line.cumulativeGrams.toFixed(0)} g`}`,
            ),
            `Mixed, planned: ${day(card.mixedAt, shop)} ${clock(card.mixedAt, shop)}`,
            ...(card.usableFrom > card.mixedAt ? [`Not before ${clock(card.usableFrom, shop)}`] : []),
            card.deadAt === null ? 'Keeps in the closed tin' : `Dead at ${clock(card.deadAt, shop)}`,
            'Mixed by, at, batch on the tin: ____________________',
          ],
        })),
      },
      ...(kitWords(step).length > 0 ? [text(`Each wears: ${kitWords(step).join('; ')}.`)] : []),
      ...learned(step, given).map(strong),
      list(cautionLines(step.cautions)),
    ];
  });
  return {
    title: 'Batch cards',
    subject: titled(given),
    shop: letterheadOf(shop),
    blocks: [...(blocks.length === 0 ? [text('Nothing is left to be mixed.')] : blocks), quiet(deference)],
  };
}

const reserveNames = { 'held-back': 'Held back, unmixed', 'touch-up': 'Touch-up' };

/** What stands on the label of a tin that is kept. */
export const labelLines = (label: ReserveLabel, place: string): string[] => [
  `${reserveNames[label.kind]}, ${amount(label.litres, 'L')}, ${label.name}`,
  `Batch ${label.batches.join(', ') || '_______________'}`,
  `Made ${fullDate(label.madeOn)}; ${
    label.useBy === null
      ? 'no shelf life on the sheet'
      : `use by ${fullDate(label.useBy)}${label.by === 'tin' ? ' (first tin)' : ' (sheet)'}`
  }`,
  ...(label.without.length > 0
    ? [`Without ${label.without.join(' and ')}: activate only what is used.`]
    : []),
  ...(place === '' ? [] : [`Kept: ${place}`]),
];

/** Labels for the tins that are kept. */
export const labelsPaper = (given: WorkGiven, labels: readonly ReserveLabel[]): PrintedPaper => ({
  title: 'Labels of what is kept',
  subject: titled(given),
  shop: letterheadOf(given.shop),
  blocks:
    labels.length === 0
      ? [text('No colour is mixed in this job: nothing is kept of it.')]
      : [
          {
            kind: 'cards',
            across: 2,
            cards: labels.map((label) => ({
              title: label.colour,
              lines: [titled(given), ...labelLines(label, given.job.reservePlace)],
            })),
          },
        ],
});
