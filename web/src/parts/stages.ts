/** The ten stages in the order of the work; each is entered by its digit. */
export const STAGES = [
  { key: '1', name: 'Brief', stage: 'brief' },
  { key: '2', name: 'Size', stage: 'size' },
  { key: '3', name: 'Bones', stage: 'bones' },
  { key: '4', name: 'Bulk', stage: 'bulk' },
  { key: '5', name: 'Repeats', stage: 'repeats' },
  { key: '6', name: 'Bake', stage: 'bake' },
  { key: '7', name: 'Ground', stage: 'ground' },
  { key: '8', name: 'Finish', stage: 'finish' },
  { key: '9', name: 'Bench', stage: 'bench' },
  { key: '0', name: 'Log', stage: 'log' },
] as const;
