import type { Vec2 } from '../../form/index.ts';
import type { Woven } from './bonds.ts';

/** A unit that lies along or across: its lower left corner and its sides, mm. */
export interface WovenUnit {
  readonly at: Vec2;
  readonly longMm: number;
  readonly highMm: number;
}

interface WovenAsk {
  readonly lengthMm: number;
  readonly heightMm: number;
  readonly jointMm: number;
}

/** Squares of as many units side by side as a length holds, turned by turns. */
function basket({ lengthMm, heightMm, jointMm }: WovenAsk, wide: number, high: number): WovenUnit[] {
  const side = lengthMm + jointMm;
  const n = Math.max(1, Math.round(side / (heightMm + jointMm)));
  const step = side / n;
  const thick = step - jointMm;
  const found: WovenUnit[] = [];
  for (let row = 0; row * side < high; row += 1)
    for (let column = 0; column * side < wide; column += 1) {
      const [x, y] = [column * side, row * side];
      for (let k = 0; k < n; k += 1)
        found.push(
          (row + column) % 2 === 0
            ? { at: [x, y + k * step], longMm: lengthMm, highMm: thick }
            : { at: [x + k * step, y], longMm: thick, highMm: lengthMm },
        );
    }
  return found;
}

/**
 * Each end against the side of the next: a unit along and one across, set on by a width up and to the right, and by a length down
 * and to the right.
 */
function herringbone({ lengthMm, heightMm, jointMm }: WovenAsk, wide: number, high: number): WovenUnit[] {
  const [l, w] = [lengthMm + jointMm, heightMm + jointMm];
  const found: WovenUnit[] = [];
  const put = (x: number, y: number, longMm: number, highMm: number) => {
    if (x < wide && y < high && x + longMm > 0 && y + highMm > 0) found.push({ at: [x, y], longMm, highMm });
  };
  const most = wide + high + l + w;
  for (let b = -Math.ceil(most / l); b * l < most; b += 1)
    for (let a = -Math.ceil(most / w); a * w < most; a += 1) {
      const [x, y] = [a * w + b * l, a * w - b * l];
      put(x, y, lengthMm, heightMm);
      put(x - w, y, heightMm, lengthMm);
    }
  return found;
}

/** Units of a woven floor over a face so wide and high, from its lower left corner, those at its edges reaching over. */
export function wovenUnits(bond: Woven, ask: WovenAsk, wideMm: number, highMm: number): readonly WovenUnit[] {
  return bond === 'basket' ? basket(ask, wideMm, highMm) : herringbone(ask, wideMm, highMm);
}
