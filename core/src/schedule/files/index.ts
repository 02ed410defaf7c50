export { scheduleCsv } from './csv.ts';
export { readBusy, scheduleIcs } from './ics.ts';
