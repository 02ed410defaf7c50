export * from './film.ts';
export * from './lightness.ts';
export * from './mixing.ts';
