import type { PieceReckoned } from '@every-inch/core/whole';

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
  { key: '3', name: 'Bones', lens: null },
  { key: '4', name: 'Bulk', lens: 'bulk' },
  { key: '5', name: 'Repeats', lens: null },
  { key: '6', name: 'Bake', lens: 'bake' },
  { key: '7', name: 'Ground', lens: null },
  { key: '8', name: 'Finish', lens: null },
  { key: '9', name: 'Bench', lens: 'bench' },
  { key: '0', name: 'Log', lens: 'log' },
];

/** How many figures of a lens want heeding, by part or in all. */
export function heedCount({ book, faults }: PieceReckoned, lens: string, part?: string): number {
  const figures = book.all.filter(
    (figure) =>
      figure.lens === lens &&
      figure.verdict &&
      figure.verdict.level !== 'good' &&
      (part === undefined || figure.part === part),
  );
  const broken =
    lens === 'size' ? faults.filter((fault) => part === undefined || fault.part === part).length : 0;
  return figures.length + broken;
}
