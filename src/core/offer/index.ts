export * from './against-last';
export * from './make-offer';
export * from './model';
export * from './stages';
export * from './stages-csv';
export * from './sums';
export { usualTerms } from '../concepts/offer-terms';
export * from './versions';
export * from './ways';
