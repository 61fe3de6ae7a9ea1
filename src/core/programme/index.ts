export * from './colour-order';
export * from './cost';
export { areasOfCoat, homeOf } from './films';
export * from './model';
export { programmeOf } from './programme';
