export * from './drawn';
export * from './elevations';
export * from './model';
