export * from './edit-refusals';
export * from './ground';
