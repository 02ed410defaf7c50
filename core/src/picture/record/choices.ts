export const TAKING_KINDS = ['length', 'height', 'angle'] as const;
export type TakingKind = (typeof TAKING_KINDS)[number];
