export * from './faults';
export * as field from './fields';
export * from './job-bundle';
export * from './edit-schema';
