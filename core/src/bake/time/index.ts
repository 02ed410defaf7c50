export { holdMinutes } from './holdMinutes.ts';
export { curedInMould, type MouldCure } from './mouldCure.ts';
export { type ClayWindow, type MixWindow, mixWindow, windowOf, windowTerm } from './window.ts';
