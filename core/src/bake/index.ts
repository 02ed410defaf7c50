export {
  type AuditItem,
  auditPart,
  auditsOf,
  type BakeAudit,
  bakesByPart,
  peakOf,
  reckonAudit,
} from './audit.ts';
export { holdMinutes } from './holdMinutes.ts';
export { reckonPartBake, reckonPieceBake } from './reckonBake.ts';
export {
  type BakeStage,
  bakeStage,
  clockText,
  type RunningBake,
  readRunningBake,
  withReading,
} from './running.ts';
export { type ClayWindow, type MixWindow, mixWindow, windowOf } from './window.ts';
