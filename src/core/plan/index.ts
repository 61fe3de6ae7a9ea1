export * from './model';
export * from './plan-job';
export { areaStates, looksOf } from './looks';
export { auditPlanOf, type AuditInput } from './audit-plan';
export { agreedStarts } from './step-parts';
export { timesTaken } from './taken-times';
