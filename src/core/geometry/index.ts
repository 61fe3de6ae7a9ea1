export * from './clip';
export * from './polygon';
export * from './flatten';
export * from './offset';
