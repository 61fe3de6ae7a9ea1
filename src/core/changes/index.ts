export * from './change';
export * from './figures';
export * from './give-up';
export * from './together';
