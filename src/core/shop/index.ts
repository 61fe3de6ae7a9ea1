export * from './shop';
export * from './shop-calendar';
