import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { ownLimits, type Row, TABLES } from '../handbook/index.ts';
import { writePiece } from '../piece/file.ts';
import { attack } from './attackPiece.ts';

const ferry = lowWaterFerry('2026-05-01T09:00:00Z');
const shapes = makeShapeStore();
const faultsWith = (rows: readonly Row[]) => {
  const own = Object.fromEntries(rows.map((row) => [row.id, ownLimits(row).min ?? 0]));
  return attack(0, writePiece({ ...ferry, own }, {}), shapes).faults;
};
const ROWS = TABLES.flatMap(({ rows }) => rows).filter(({ own }) => own);
const groupOf = ({ id }: Row) => id.split('.')[0] ?? '';

/** What is divided by: at its least it once made figures that were no numbers. */
const DIVIDED_BY = [
  'heat.cure-minutes',
  'heat.brown-limit',
  'heat.brown-pale',
  'clay.factor-display',
  'mould.life-putty',
  'ground.plaster-day',
  'ground.bricks',
  'ground.paper',
  'cover.open',
  'cover.pace',
  'pour.resin-layer',
];

describe('own values at the least they may be', () => {
  it('none of what is divided by may be nothing', () => {
    for (const id of DIVIDED_BY) {
      const row = ROWS.find((one) => one.id === id);
      expect(row && ownLimits(row).min, id).toBeGreaterThan(0);
    }
  });

  it.each(['heat', 'pour', 'cover', 'ground', 'film', 'finish', 'joint', 'decal', 'eye'])(
    'all of %s at once leave every figure a number',
    (group) => {
      const rows = ROWS.filter((row) => groupOf(row) === group);
      expect(rows.length).toBeGreaterThan(0);
      expect(faultsWith(rows)).toEqual([]);
    },
  );
});
