export { type DeformAsk, reckonDeform } from './deform.ts';
export {
  type BakeRecord,
  type Cause,
  type Diagnosis,
  type DoctorAsk,
  diagnose,
  type RecordAsks,
  recordAsks,
} from './diagnose.ts';
