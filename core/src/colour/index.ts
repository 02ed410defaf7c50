export * from './lightness.ts';
export * from './mixing.ts';
