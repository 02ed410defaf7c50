import { foilToTear } from '../bulk/index.ts';
import { CORES } from '../handbook/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { formatQuantity, type Reckoning, sourced } from '../reckoning/index.ts';
import type { PieceReckoned } from '../whole/index.ts';

/** A line of the bench sheet to tick off. */
export interface BenchStep {
  readonly part: string | null;
  readonly says: string;
}

function partSteps(part: Part, piece: Piece, { book, contexts }: PieceReckoned): BenchStep[] {
  const find = (key: string): Reckoning | undefined => book.get(`${part.id}/${key}`);
  const clay = find('bulk.clay');
  if (!clay) return [];
  const says: string[] = [];
  const [foil, skin, hold] = [find('bulk.foil'), find('bulk.skin'), find('bake.hold')];
  const each = part.count === 1 ? '' : ` × ${part.count}`;
  if (foil) {
    const torn = foilToTear(
      foil.quantity.value * 1000,
      sourced('foil.width', contexts.get(part.id)?.own ?? {}).value,
    );
    says.push(`core: tear off ${torn}${each}, ball it in one go`);
  }
  for (const { id, title } of CORES) {
    const stuff = id === 'foil' ? undefined : find(`bulk.${id}`);
    if (stuff)
      says.push(`core of ${title}: ${formatQuantity(stuff.quantity)}${each}, dry before clay goes on`);
  }
  says.push(
    `clay: condition ${formatQuantity(clay.quantity)}${skin ? `, roll ${formatQuantity(skin.quantity)} for the skin` : ''}`,
  );
  says.push('sculpt, hold against the drawing, measure');
  const { bakes, heat, colour } = piece.brief.schools;
  if (colour === 'pastel') says.push('pastel on the raw clay, light to dark');
  if (hold && bakes === 'sections')
    says.push(
      heat === 'set'
        ? 'set bake, cool in the oven with the door ajar'
        : `bake ${formatQuantity(hold.quantity)}, cool with the door ajar`,
    );
  return says.map((line) => ({ part: part.id, says: line }));
}

/** The steps of a piece by its schools: each part’s own, then what is done to all. */
export function benchSteps(piece: Piece, reckoned: PieceReckoned): BenchStep[] {
  const own = piece.parts.flatMap((part) => partSteps(part, piece, reckoned));
  const hold = reckoned.book.get('/bake.hold');
  const dial = reckoned.book.get('/bake.dial');
  const last: string[] = [];
  if (hold && dial) {
    const { bakes, heat } = piece.brief.schools;
    if (bakes === 'one')
      last.push(`one bake: dial ${formatQuantity(dial.quantity)}, ${formatQuantity(hold.quantity)}`);
    else if (heat === 'set')
      last.push(`full cure last: dial ${formatQuantity(dial.quantity)}, ${formatQuantity(hold.quantity)}`);
    last.push('cool in the oven with the door ajar; handle and seal at room temperature');
  }
  if (piece.brief.schools.colour === 'painted') last.push('clean, seal, paint, varnish');
  return [...own, ...last.map((says) => ({ part: null, says }))];
}
