export * from './ground';
export * from './model';
export * from './records';
