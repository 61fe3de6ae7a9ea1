export * from './shop';
export * from './shop-calendar';
export * from './standard-shop';
