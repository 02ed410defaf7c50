export {
  type AuditItem,
  auditPart,
  auditsOf,
  type BakeAudit,
  bakesByPart,
  peakOf,
  reckonAudit,
} from './audit.ts';
export { auditOfPart, bakesOfRoute } from './reckoners.ts';
export { auditSubject } from './subject.ts';
