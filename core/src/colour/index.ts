export * from './mixing.ts';
