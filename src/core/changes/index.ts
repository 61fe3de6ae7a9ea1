export * from './change';
export * from './colour-orders';
export * from './figures';
export * from './give-up';
export * from './schemes';
export * from './together';
