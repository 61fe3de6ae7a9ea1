export * from './job';
export * from './edit';
