export * from './model';
export * from './plan-job';
export { looksOf } from './looks';
export { auditPlanOf, type AuditInput } from './audit-plan';
