export { type Branded, UnitError } from './brand.ts';
export * from './bulk.ts';
export { LengthError, type LengthFault } from './errors.ts';
export * from './formatLength.ts';
export { formatMinutes } from './formatTime.ts';
export * from './length.ts';
export { type LengthReading, type LengthRule, type LengthUnit, parseLength } from './parseLength.ts';
export * from './rough.ts';
export * from './temperature.ts';
