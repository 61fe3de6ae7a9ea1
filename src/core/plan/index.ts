export * from './model';
export * from './plan-job';
export type { PlannedPass, PlannedProgramme } from './planned-passes';
export { auditPlanOf, type AuditInput } from './audit-plan';
