export * from './needs';
export * from './packs';
export * from './shopping';
