export * from './clear-budget';
export * from './coat-system';
export * from './ladder';
export * from './level-standard';
export * from './product';
export * from './spreading';
export * from './standard-shelf';
export * from './time-at-temperature';
