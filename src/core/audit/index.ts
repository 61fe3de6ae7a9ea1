export * from './model';
export * from './audit';
