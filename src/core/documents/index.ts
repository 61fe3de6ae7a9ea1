export * from './blocks';
export * from './paper';
