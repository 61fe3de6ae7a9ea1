export * from './allowance-ahead';
export * from './batches-apart';
export * from './closing-windows';
export * from './early-refit';
export * from './hard-days';
export * from './painter-changes';
export * from './rounds-late';
export * from './scarce-hands';
