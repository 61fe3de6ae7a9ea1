export * from './hiding';
export * from './kubelka-munk';
export * from './lab';
export * from './observer';
export * from './recipe';
export * from './smooth-spectrum';
export * from './toners';
