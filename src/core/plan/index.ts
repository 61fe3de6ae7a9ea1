export * from './model';
export * from './plan-job';
