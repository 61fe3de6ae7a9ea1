export * from './change';
export * from './colour-orders';
export * from './figures';
export * from './give-up';
export * from './schemes';
export * from './situation';
export * from './together';
export * from './work-change';
