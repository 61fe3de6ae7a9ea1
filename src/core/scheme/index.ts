export * from './field-edges';
export * from './layout';
export * from './outside-view';
export * from './own-tape';
export * from './snaps';
export * from './strip';
export * from './station-table';
export * from './order/problem';
export { mostExact, mostSearched, searchOrder } from './order/search';
