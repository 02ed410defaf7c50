import { practice, type Row } from '../../sources/index.ts';

function thing(id: string, title: string, acrossMm: number): Row {
  return practice(`bench.${id}`, title, acrossMm, 'mm');
}

/** Things on every bench that stand in for miniature ones, by what they measure across. */
export const BENCH_THINGS: readonly Row[] = [
  thing('cocktail-stick', 'Cocktail stick', 2.0),
  thing('skewer', 'Skewer', 3.0),
  thing('toothpick', 'Toothpick, in the middle', 2.0),
  thing('toothpick-tip', 'Toothpick, near the tip', 0.5),
  thing('stirrer', 'Coffee stirrer, width', 5),
  thing('stirrer-thickness', 'Coffee stirrer, thickness', 1.3),
  thing('craft-stick', 'Craft stick, width', 9.5),
  thing('craft-stick-thickness', 'Craft stick, thickness', 2),
  thing('tongue-depressor', 'Tongue depressor, width', 17.5),
  thing('tongue-depressor-thickness', 'Tongue depressor, thickness', 1.6),
  thing('dowel-3-16', 'Dowel, 3/16 in', 4.76),
  thing('dowel-1-4', 'Dowel, 1/4 in', 6.35),
  thing('dowel-3-8', 'Dowel, 3/8 in', 9.53),
  thing('dowel-1-2', 'Dowel, 1/2 in', 12.7),
  thing('dowel-3-4', 'Dowel, 3/4 in', 19.05),
  thing('dowel-1', 'Dowel, 1 in', 25.4),
  thing('straw', 'Drinking straw', 6),
  thing('cotton-bud', 'Cotton bud stick', 2.5),
  thing('pin', 'Pin', 0.6),
  thing('paper-clip', 'Paper clip wire', 1.0),
  thing('bead-2', 'Bead, 2 mm', 2),
  thing('bead-3', 'Bead, 3 mm', 3),
  thing('bead-4', 'Bead, 4 mm', 4),
  thing('bead-6', 'Bead, 6 mm', 6),
  thing('card-03', 'Card, 0.3 mm', 0.3),
  thing('card-05', 'Card, 0.5 mm', 0.5),
  thing('card-1', 'Card, 1 mm', 1),
  thing('card-2', 'Card, 2 mm', 2),
  thing('balsa-15', 'Balsa, 1.5 mm', 1.5),
  thing('balsa-2', 'Balsa, 2 mm', 2),
  thing('balsa-3', 'Balsa, 3 mm', 3),
  thing('balsa-5', 'Balsa, 5 mm', 5),
  thing('balsa-6', 'Balsa, 6 mm', 6),
  thing('balsa-10', 'Balsa, 10 mm', 10),
  thing('match', 'Matchstick', 2),
  thing('string-thin', 'String, thin', 1),
  thing('string', 'String', 2),
  thing('thread', 'Sewing thread', 0.25),
];
