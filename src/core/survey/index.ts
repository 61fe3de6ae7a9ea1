export * from './parts-of-job';
