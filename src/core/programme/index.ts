export * from './colour-order';
export * from './cost';
export * from './model';
export { programmeOf } from './programme';
export * from './rounds';
