export * from './coat-round';
