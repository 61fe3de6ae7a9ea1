export * from './field-edges';
export * from './layout';
export * from './strip';
export * from './station-table';
