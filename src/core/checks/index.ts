export * from './edit-refusals';
export * from './ground';
export type { CheckedEntry } from './log-faults';
