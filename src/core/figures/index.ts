export { usualSource } from './entry-kinds';
export * from './figure-entry';
export * from './figure-set';
export * from './register';
export * from './typed-value';
