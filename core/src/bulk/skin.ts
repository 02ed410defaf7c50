/** Miniatures of this ratio and larger get a dollhouse skin; 1:20 lies between dollhouse and tabletop. */
const DOLLHOUSE_TO_RATIO = 20;

/** Handbook row of the usual skin over a core at a scale. */
export function skinRow(ratio: number): 'bulk.skin-dollhouse' | 'bulk.skin-tabletop' {
  return ratio <= DOLLHOUSE_TO_RATIO ? 'bulk.skin-dollhouse' : 'bulk.skin-tabletop';
}
