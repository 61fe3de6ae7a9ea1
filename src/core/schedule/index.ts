export * from './keep-agreed';
export * from './problem';
export * from './serial-schedule';
export * from './stretches';
export * from './model';
export * from './result';
export * from './solve';
export { Calendar, together } from './calendar';
export { Random } from './random';
