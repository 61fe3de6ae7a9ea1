export * from './model';
export * from './plan-job';
export { auditPlanOf, type AuditInput } from './audit-plan';
