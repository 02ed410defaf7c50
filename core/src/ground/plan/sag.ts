import type { Mass } from '../../armature/index.ts';
import type { PieceContext } from '../../context/index.ts';
import { extentOf, type Ring } from '../../form/index.ts';
import type { Board } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, type WayOut } from '../../reckoning/index.ts';
import { N_PER_G } from '../../units/index.ts';
import { GROUND } from '../figures.ts';

/** Thicknesses that boards are sold in, mm. */
const STOCK = [3, 4, 6, 9, 12, 15, 18, 24] as const;
const MOST_STUDS = 12;

/** A board that bears a load between two of its supports; N, mm and N/mm². */
export interface Span {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly thickMm: number;
  readonly modulus: number;
  /** Spread evenly over it, and in its middle. */
  readonly evenN: number;
  readonly middleN: number;
}

/**
 * How far a board that lies free on two supports sags in its middle, mm (Roark, table 8.1: 5QL³/384EI of a load spread evenly,
 * PL³/48EI of one in the middle).
 *
 * @example sagOf({ lengthMm: 400, widthMm: 300, thickMm: 9, modulus: 7000, evenN: 5, middleN: 0 }) // 0.033
 */
export function sagOf({ lengthMm, widthMm, thickMm, modulus, evenN, middleN }: Span): number {
  const stiff = modulus * ((widthMm * thickMm ** 3) / 12);
  return ((5 * evenN) / 384 + middleN / 48) * (lengthMm ** 3 / stiff);
}

/** The span that bears the most of what stands on the base, all of that taken in its middle. */
function worstSpan(
  board: Pick<Board, 'studs' | 'thicknessMm'>,
  { ring, masses, boardG, modulus }: Bearing,
): Span {
  const [left, front, right, back] = extentOf([[ring]]);
  const [wide, deep] = [right - left, back - front];
  const spans = Math.max(1, board.studs - 1);
  const loads = new Array<number>(spans).fill(0);
  for (const { grams, at } of masses) {
    const k = Math.min(spans - 1, Math.max(0, Math.floor(((at[0] - left) / wide) * spans)));
    loads[k] = (loads[k] ?? 0) + grams;
  }
  return {
    lengthMm: wide / spans,
    widthMm: deep,
    thickMm: board.thicknessMm,
    modulus,
    evenN: (boardG / spans) * N_PER_G,
    middleN: Math.max(...loads) * N_PER_G,
  };
}

/** What a base has to bear, and how stiff it is. */
interface Bearing {
  readonly ring: Ring;
  /** What stands on it, the base itself left out. */
  readonly masses: readonly Mass[];
  readonly boardG: number;
  readonly modulus: number;
}

const told = (symbol: string, name: string, value: number, unit: Term['quantity']['unit']): Term => ({
  symbol,
  name,
  quantity: { value, unit },
  origin: { kind: 'shape', says: 'the base and what stands on it' },
});

/** A thicker board of the stock, and more studs, that keep it straight. */
function straighter(board: Board, bearing: Bearing, share: number): WayOut[] {
  const keeps = (thicknessMm: number, studs: number) => {
    const boardG = (bearing.boardG * thicknessMm) / board.thicknessMm;
    const span = worstSpan({ studs, thicknessMm }, { ...bearing, boardG });
    return sagOf(span) <= span.lengthMm / share;
  };
  const thick = STOCK.find((mm) => mm > board.thicknessMm && keeps(mm, board.studs));
  const studs = Array.from({ length: MOST_STUDS - board.studs }, (_, i) => board.studs + 1 + i).find((n) =>
    keeps(board.thicknessMm, n),
  );
  return [
    ...(studs === undefined
      ? []
      : [{ says: `${studs} studs under it`, change: { path: ['board', 'studs'], value: studs } }]),
    ...(thick === undefined
      ? []
      : [{ says: `a board ${thick} mm thick`, change: { path: ['board', 'thicknessMm'], value: thick } }]),
    { says: 'lay it flat on a table', change: { path: ['board', 'studs'], value: 0 } },
  ];
}

/** How far a base sags between the studs under it; nothing for one that lies flat. */
export function reckonSag(
  { own }: PieceContext,
  board: Board,
  ring: Ring,
  masses: readonly Mass[],
  boardG: number,
): Reckoning[] {
  if (board.studs < 2) return [];
  const modulus = sourced(`ground.${board.stuff}-modulus`, own);
  const share = sourced('ground.sag-share', own);
  const bearing = { ring, masses, boardG, modulus: modulus.value * 1000 };
  const span = worstSpan(board, bearing);
  const sag = sagOf(span);
  const most = span.lengthMm / share.value;
  const isGood = sag <= most;
  return [
    figure(GROUND.sag, {
      part: null,
      value: sag,
      terms: [
        told('Q', 'The base itself, between two studs', span.evenN, 'N'),
        told('P', 'What stands between the two that bear the most', span.middleN, 'N'),
        told('L', 'From stud to stud', span.lengthMm, 'mm'),
        modulus.term('E'),
        told('b', 'Base, front to back', span.widthMm, 'mm'),
        {
          symbol: 't',
          name: 'Thick',
          quantity: { value: board.thicknessMm, unit: 'mm' },
          origin: { kind: 'entry', path: ['board', 'thicknessMm'] },
        },
        share.term('n'),
      ],
      note: 'As if it lay free on the two, with all that stands between them in the middle: it sags no more than that.',
      verdict: {
        level: isGood ? 'good' : 'doubtful',
        wording: 'state',
        says: isGood
          ? `keeps within ${most.toFixed(2)} mm, a ${share.value}th of the span`
          : `more than ${most.toFixed(2)} mm: plaster on it cracks`,
        margin: { value: most - sag, unit: 'mm' },
        waysOut: isGood ? [] : straighter(board, bearing, share.value),
      },
    }),
  ];
}
