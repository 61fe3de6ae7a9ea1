export * from './course';
export * from './draw';
export * from './forecast';
export * from './forecast-told';
export * from './rework-events';
export type { Spread } from './spread';
