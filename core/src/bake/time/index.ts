export { holdMinutes } from './holdMinutes.ts';
export { type ClayWindow, type MixWindow, mixWindow, windowOf, windowTerm } from './window.ts';
