import type { LensManifest } from '../parts/lens.ts';
import { bakeLens } from './bake/manifest.ts';
import { benchLens } from './bench/manifest.ts';
import { bonesLens } from './bones/manifest.ts';
import { briefLens } from './brief/manifest.ts';
import { bulkLens } from './bulk/manifest.ts';
import { finishLens } from './finish/manifest.ts';
import { groundLens } from './ground/manifest.ts';
import { logLens } from './log/manifest.ts';
import { repeatsLens } from './repeats/manifest.ts';
import { sizeLens } from './size/manifest.ts';

/** Every lens there is, in the order of the stages. A new one is a line here. */
export const LENSES: readonly LensManifest[] = [
  briefLens,
  sizeLens,
  bonesLens,
  bulkLens,
  repeatsLens,
  bakeLens,
  groundLens,
  finishLens,
  benchLens,
  logLens,
];

/** The lens over a stage; undefined while there is none. */
export function lensOf(stage: string | undefined): LensManifest | undefined {
  return LENSES.find((one) => one.stage === stage);
}
