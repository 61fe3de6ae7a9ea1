export * from './budgets';
