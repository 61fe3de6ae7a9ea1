export * from './parts-of-job';
export * from './propose-job';
