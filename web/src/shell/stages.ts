/** A stage of the work. */
export interface Stage {
  readonly key: string;
  readonly name: string;
  /** The address of its lens; null while there is none. */
  readonly lens: string | null;
}

/** The ten stages in the order of the work; each is entered by its digit. */
export const STAGES: readonly Stage[] = [
  { key: '1', name: 'Brief', lens: 'brief' },
  { key: '2', name: 'Size', lens: 'size' },
  { key: '3', name: 'Bones', lens: 'bones' },
  { key: '4', name: 'Bulk', lens: 'bulk' },
  { key: '5', name: 'Repeats', lens: null },
  { key: '6', name: 'Bake', lens: 'bake' },
  { key: '7', name: 'Ground', lens: null },
  { key: '8', name: 'Finish', lens: null },
  { key: '9', name: 'Bench', lens: 'bench' },
  { key: '0', name: 'Log', lens: 'log' },
];
