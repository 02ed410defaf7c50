export * from './parseScale.ts';
export * from './scale.ts';
