import type { TypedFigure } from '@/core/figures';
import type { Product } from '@/core/film';
import type { Job } from '@/core/record';
import type { Person } from '@/core/shop';
import { netOfJob } from '@/core/survey';
import type { FigurePlaceShown, FiguresProps } from './figure-place';

/** Figures of the shop, each product of its shelf and each painter a place of its own. */
export const shopFigures = (
  typed: readonly TypedFigure[],
  products: readonly Product[],
  people: readonly Person[],
  seen: number,
): FiguresProps => ({
  job: null,
  seen,
  typed,
  inherited: [],
  places: [
    { scope: 'shop', of: '', name: 'the shop' },
    ...products
      .filter((one) => one.coating !== null)
      .map(({ code, name }): FigurePlaceShown => ({ scope: 'product', of: code, name })),
    ...people
      .filter((one) => one.skills.includes('paint'))
      .map(({ id, name }): FigurePlaceShown => ({ scope: 'painter', of: id, name: `${name}, painter` })),
  ],
});

/** Figures of a job, its sections and panels. */
export const jobFigures = (job: Job, ofShop: readonly TypedFigure[], seen: number): FiguresProps => ({
  job: job.number,
  seen,
  typed: job.figures,
  inherited: ofShop,
  places: [
    { scope: 'job', of: '', name: 'the whole job' },
    ...job.sections.map(({ key, name }): FigurePlaceShown => ({ scope: 'section', of: key, name })),
    ...netOfJob(job).map(({ key, name }): FigurePlaceShown => ({
      scope: 'panel',
      of: key,
      name: `${name} (${key})`,
    })),
  ],
});
