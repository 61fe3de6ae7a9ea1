export * from './minute';
export * from './money';
