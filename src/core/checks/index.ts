export * from './edit-refusals';
export * from './ground';
export { mostConstructions } from './scheme-faults';
export type { CheckedEntry } from './log-faults';
export { outsideQuoteFaults } from './outside-quote';
