export * from './shop';
export * from './shop-calendar';
export * from './standard-shop';
export * from './air-of-place';
