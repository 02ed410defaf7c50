import type { DocumentPath, Lens } from '@every-inch/core/reckoning';
import type { ComponentType } from 'react';

/** A key of a lens, and what it does. */
export type LensKey = readonly [key: string, says: string];

/** What the shell knows of a lens: all that it needs to be on the rule, in the list of keys, in the address and in the tour. */
export interface LensManifest {
  /** The stage it stands over. */
  readonly stage: Lens;
  /** The entries of the document that are made here, as paths; `*` stands for any one name. */
  readonly edits: readonly string[];
  readonly keys: readonly LensKey[];
  /** Fetches it; the first that is opened is fetched at once, the others while nothing else is to do. */
  readonly load: () => Promise<{ readonly default: ComponentType }>;
}

/** How exactly a pattern names a path: the number of its names that are met, or −1 where it does not. */
function meets(pattern: string, path: DocumentPath): number {
  const names = pattern.split('.');
  if (names.length > path.length) return -1;
  return names.every((name, i) => name === '*' || name === path[i])
    ? names.filter((name) => name !== '*').length
    : -1;
}

/** Whether a pattern of paths names an entry, or what it stands in. */
export function namesEntry(pattern: string, path: DocumentPath): boolean {
  return meets(pattern, path) >= 0;
}

/**
 * The stage an entry is made at: the one whose manifest names it most exactly.
 *
 * @returns null for an entry that no lens makes
 */
export function stageOfEntry(lenses: readonly LensManifest[], path: DocumentPath): Lens | null {
  let best: { stage: Lens; by: number } | null = null;
  for (const { stage, edits } of lenses)
    for (const pattern of edits) {
      const by = meets(pattern, path);
      if (by >= 0 && by > (best?.by ?? -1)) best = { stage, by };
    }
  return best?.stage ?? null;
}
