import { type Bond, DEFAULT_TIMBER, type Masonry, type Piece, type Timber } from '../piece/index.ts';

/** What a unit is measured by, in life. */
export type UnitMeasures = Pick<Masonry, 'unitLengthMm' | 'unitHeightMm' | 'jointMm'>;

/** What a unit usually is, in life: a brick with its joint, a plank, a tile, a stone. */
const UNITS: Readonly<Record<Bond, UnitMeasures>> = {
  stretcher: { unitLengthMm: 215, unitHeightMm: 65, jointMm: 10 },
  header: { unitLengthMm: 215, unitHeightMm: 65, jointMm: 10 },
  english: { unitLengthMm: 215, unitHeightMm: 65, jointMm: 10 },
  flemish: { unitLengthMm: 215, unitHeightMm: 65, jointMm: 10 },
  stack: { unitLengthMm: 215, unitHeightMm: 65, jointMm: 10 },
  planks: { unitLengthMm: 2400, unitHeightMm: 145, jointMm: 4 },
  checker: { unitLengthMm: 300, unitHeightMm: 300, jointMm: 3 },
  basket: { unitLengthMm: 215, unitHeightMm: 102.5, jointMm: 10 },
  herringbone: { unitLengthMm: 215, unitHeightMm: 102.5, jointMm: 10 },
  rubble: { unitLengthMm: 300, unitHeightMm: 180, jointMm: 15 },
  ashlar: { unitLengthMm: 450, unitHeightMm: 225, jointMm: 8 },
  cobbles: { unitLengthMm: 120, unitHeightMm: 110, jointMm: 15 },
  crazy: { unitLengthMm: 450, unitHeightMm: 400, jointMm: 20 },
};

/** How large each of what sticks build usually is, in life. */
const STICKS: Readonly<Record<Timber['kind'], Partial<Timber>>> = {
  fence: {},
  steps: { lengthMm: 900, heightMm: 1000, stepMm: 280, thickMm: 40 },
  railing: { lengthMm: 3000, heightMm: 1000, stepMm: 1500, rails: 2, palesMm: 130, thickMm: 40 },
  gate: { lengthMm: 1000, heightMm: 1200, rails: 2, palesMm: 0, thickMm: 60 },
  rack: { lengthMm: 1200, heightMm: 1800, rails: 4, palesMm: 400, thickMm: 40 },
  bench: { lengthMm: 1500, heightMm: 450, stepMm: 1200, rails: 4, palesMm: 400, thickMm: 60 },
  frame: { lengthMm: 600, heightMm: 900, thickMm: 50 },
  grid: { lengthMm: 800, heightMm: 1200, rails: 4, palesMm: 130, thickMm: 20, stuff: 'wire' },
};

/** A piece without a scale is begun as if it were at 1:12: what is laid out then fits on a base. */
const OPEN_AS = 12;

const inLife = ({ kind }: Piece['scale']) => (kind === 'open' ? OPEN_AS : 1);
const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** What a unit of a bond usually is, in life; of a piece without a scale as it would be at 1:12. */
export function usualUnit(bond: Bond, scale: Piece['scale']): UnitMeasures {
  const by = inLife(scale);
  const { unitLengthMm, unitHeightMm, jointMm } = UNITS[bond];
  return {
    unitLengthMm: tenth(unitLengthMm / by),
    unitHeightMm: tenth(unitHeightMm / by),
    jointMm: tenth(jointMm / by),
  };
}

/** How large what sticks build usually is, in life; of a piece without a scale as it would be at 1:12. */
export function usualSticks(kind: Timber['kind'], scale: Piece['scale']): Partial<Timber> {
  const by = inLife(scale);
  const usual = { ...DEFAULT_TIMBER, ...STICKS[kind] };
  const { lengthMm, heightMm, stepMm, palesMm, thickMm } = usual;
  return {
    ...STICKS[kind],
    lengthMm: tenth(lengthMm / by),
    heightMm: tenth(heightMm / by),
    stepMm: tenth(stepMm / by),
    palesMm: tenth(palesMm / by),
    thickMm: tenth(thickMm / by),
  };
}
