export * from './shop';
export * from './shop-words';
export * from './lead-time';
export * from './place-closures';
export * from './shop-calendar';
export * from './standard-shop';
export * from './work-limits';
export * from './air-of-place';
