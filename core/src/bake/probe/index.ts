export { type ProbeFault, ProbeFileError } from './errors.ts';
export { fromMinute, type ProbeReading, type ProbeUnit, readProbeCsv } from './readProbeCsv.ts';
