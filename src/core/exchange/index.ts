export * from './faults';
export * as field from './fields';
export * from './job-bundle';
export * from './edit-schema';
export * from './panel-map';
export * from './readings-csv';
export * from './product-schema';
export * from './shelf-csv';
export * from './schedule-problem';
