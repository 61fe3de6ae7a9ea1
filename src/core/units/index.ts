export * from './minute';
export * from './money';
export * from './quantity';
