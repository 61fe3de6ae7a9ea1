export * from './job';
export * from './edit';
export * from './surface-state';
