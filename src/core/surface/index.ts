export * from './face';
export * from './surface';
