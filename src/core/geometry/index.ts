export * from './clip';
export * from './polygon';
export * from './flatten';
export * from './offset';
export * from './self-crossing';
export * from './simplify';
