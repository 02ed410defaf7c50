export {
  type AuditItem,
  auditPart,
  auditsOf,
  type BakeAudit,
  reckonAudit,
} from './audit.ts';
export { auditOfPart } from './reckoners.ts';
export { auditSubject } from './subject.ts';
