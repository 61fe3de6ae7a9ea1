export * from './builder';
export * from './catalogue';
export type { StepContext } from './draft';
export * from './operation';
export * from './stack';
export * from './step';
export * from './remedy';
