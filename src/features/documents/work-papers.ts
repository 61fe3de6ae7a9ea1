import {
  heading,
  list,
  quiet,
  strong,
  subheading,
  text,
  type Block,
  type PrintedPaper,
} from '@/core/documents';
import type { Shelf } from '@/core/film';
import type { Plan, PlannedStep } from '@/core/plan';
import { notesFor } from '@/core/notes';
import { basesOf, type Job, type WorkNote } from '@/core/record';
import { cautions, deference, type Caution } from '@/core/safety';
import type { Shop } from '@/core/shop';
import { batchCards, kitWords, type ReserveLabel } from '@/core/stores';
import { placeTaken, workAirC } from '@/core/plan/place-taken';
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

export const nameOf = (shelf: Shelf, code: string): string => shelf.get(code)?.name ?? code;
export const titled = ({ job }: WorkGiven): string => `${job.number} ${job.name}`;
export const cautionLines = (codes: readonly Caution[]): string[] => codes.map((code) => cautions[code]);

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
export const learned = (step: PlannedStep, { job, notes }: WorkGiven): string[] =>
  notesFor(step, job.bodyKind, notes).map(({ cause, cure }) => `${cause}: ${cure}`);

const lookLine = ({ light, angleDeg, secondPerson }: NonNullable<PlannedStep['inspection']>): string =>
  `Look: ${light} at ${angleDeg}°${secondPerson ? ', with a second person' : ''}.`;

const workLine = (step: PlannedStep, shop: Shop): string =>
  `${moment(step.start, shop)} · ${step.crew > 0 ? `${hours(step.personMinutes)} h, ${step.crew} at it` : span(step.minutes)}`;

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
